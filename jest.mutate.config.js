import config from './jest.config.js';

/** The quick tests of the folders that are mutated; the slow ones would make an hour of it. */
export default {
  ...config,
  testMatch: [
    '**/core/line/*.test.ts',
    '**/core/run/*.test.ts',
    '**/core/keep/*.test.ts',
    '**/core/plate/batter.test.ts',
    '**/core/advise/setting.test.ts',
  ],
};
