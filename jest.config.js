/** @type {import('jest').Config} */
const shared = {
  extensionsToTreatAsEsm: ['.ts'],
  testEnvironment: '<rootDir>/../tools/testEnvironment.mjs',
  transform: {
    '\\.ts$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'es6' } },
    ],
  },
  // Workspaces are read as source, so only packages from outside stay untransformed.
  transformIgnorePatterns: ['/node_modules/(?!@hurrow/)'],
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
