/** Unit tests run as ES modules, in Node; a test that needs a document says so at its head. */
export default {
  testEnvironment: 'node',
  // In ms; what hangs still fails.
  testTimeout: 30_000,
  // The main process only waits: every core can work.
  maxWorkers: '100%',
  roots: [
    '<rootDir>/core',
    '<rootDir>/node',
    '<rootDir>/offline',
    '<rootDir>/cli',
    '<rootDir>/api',
    '<rootDir>/storage',
    '<rootDir>/worker',
    '<rootDir>/app',
    '<rootDir>/bench',
    '<rootDir>/fuzz',
  ],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
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
