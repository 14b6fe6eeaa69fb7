/** Tests that clean texts: modules are loaded once for all files, by Node itself, and stay warm, which takes half the time. */
const shared = {
  displayName: 'shared',
  runner: 'jest-light-runner',
  setupFiles: ['<rootDir>/script/read-typescript.js'],
  testMatch: ['<rootDir>/{core,node,offline,bench,fuzz}/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '<rootDir>/fuzz/faults\\.test'],
};

/** Tests of pages, storage, workers and processes, or with modules replaced: each file in a world of its own. */
export const apart = {
  displayName: 'apart',
  // A test that needs a document says so at its head.
  testEnvironment: 'node',
  testMatch: ['<rootDir>/{app,storage,worker,cli,api}/**/*.test.{ts,tsx}', '<rootDir>/fuzz/faults.test.ts'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^fast-check$': '<rootDir>/script/seeded-properties.js' },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
  setupFiles: ['fake-indexeddb/auto', '<rootDir>/script/test-setup.js'],
};

/** Unit tests run as ES modules, in Node. */
export default {
  projects: [shared, apart],
  // In ms; what waits for longer fails.
  testTimeout: 30_000,
  // The main process only waits: every core can work.
  maxWorkers: '100%',
};
