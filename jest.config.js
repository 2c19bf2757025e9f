/** @type {import('jest').Config} */
const shared = {
  runner: '<rootDir>/../tools/testRunner.mjs',
  setupFiles: ['<rootDir>/../tools/testSetup.mjs'],
  transform: {},
  testMatch: ['<rootDir>/src/**/*.test.ts'],
};

export default {
  projects: [
    ...['core', 'contract', 'demo', 'server', 'web', 'bench'].map((name) => ({
      ...shared,
      displayName: name,
      rootDir: name,
      // These need several connections, which only a server has.
      testPathIgnorePatterns: [
        '/node_modules/',
        ...(process.env['HURROW_TEST_POSTGRES'] ? [] : ['/safety/postgres\\.test\\.ts$']),
      ],
    })),
  ],
};
