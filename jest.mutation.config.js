import { apart } from './jest.config.js';

/** Unit tests of the core for mutation testing, without those that clean thousands of texts for each mutant. */
export default {
  ...apart,
  testMatch: ['<rootDir>/core/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', 'core/engine/pass-contract\\.test'],
};
