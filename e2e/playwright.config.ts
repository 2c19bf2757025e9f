import { defineConfig } from '@playwright/test';

const PORT = 4185;
/** How many tasks run at once, each process on a server and a copy of the demo data of its own. */
const AT_ONCE = Number(process.env['HURROW_BROWSERS'] ?? 1);
const ports = Array.from({ length: AT_ONCE }, (_, i) => PORT + i);
/** Which of them this process is; the first where it runs no tests. */
const at = Number(process.env['TEST_PARALLEL_INDEX'] ?? 0);

/** Whole tasks through the real interface, on a fresh copy of the demo data. */
export default defineConfig({
  testDir: './src',
  testMatch: '**/*.spec.ts',
  // Every task stands on its own: whichever process is free takes the next, so none finds what the one before it left.
  fullyParallel: true,
  workers: AT_ONCE,
  // Bounds for a test that hangs, far above what a slow machine needs.
  timeout: 1_200_000,
  expect: { timeout: 180_000 },
  reporter: process.env['HURROW_REPORT']
    ? [['line'], ['json', { outputFile: process.env['HURROW_REPORT'] }]]
    : 'line',
  outputDir: '../test-results',
  use: {
    baseURL: `http://localhost:${PORT + at}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env['HURROW_CHROMIUM'] ?? '/usr/bin/chromium' },
    actionTimeout: 240_000,
    navigationTimeout: 240_000,
    // Traces double what a test costs on a small machine; they are for whoever looks into a failure.
    trace: process.env['HURROW_TRACE'] ? 'retain-on-failure' : 'off',
  },
  webServer: ports.map((port) => ({
    command: 'node tools/demo.mjs',
    cwd: '..',
    env: { PORT: String(port) },
    url: `http://localhost:${port}/api/health`,
    timeout: 300_000,
    // The demo removes its folder when it is asked to end; folders of tests may be in memory.
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
  })),
});
