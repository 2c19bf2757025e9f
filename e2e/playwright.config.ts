import { defineConfig } from '@playwright/test';

const PORT = 4185;

/** Whole tasks through the real interface, on a fresh copy of the demo data. */
export default defineConfig({
  testDir: './src',
  testMatch: '**/*.spec.ts',
  fullyParallel: false,
  workers: 1,
  // Bounds for a test that hangs, far above what a slow machine needs.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: process.env['HURROW_REPORT']
    ? [['line'], ['json', { outputFile: process.env['HURROW_REPORT'] }]]
    : 'line',
  outputDir: '../test-results',
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env['HURROW_CHROMIUM'] ?? '/usr/bin/chromium' },
    actionTimeout: 60_000,
    navigationTimeout: 60_000,
    // Traces double what a test costs on a small machine; they are for whoever looks into a failure.
    trace: process.env['HURROW_TRACE'] ? 'retain-on-failure' : 'off',
  },
  webServer: {
    command: 'node tools/demo.mjs',
    cwd: '..',
    env: { PORT: String(PORT) },
    url: `http://localhost:${PORT}/api/health`,
    timeout: 300_000,
  },
});
