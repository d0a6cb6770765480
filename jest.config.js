/** Core, words, command line, server and the interface's own logic; the screens are tested in a real browser. */
export default {
  roots: ['<rootDir>/core', '<rootDir>/words', '<rootDir>/cli', '<rootDir>/server', '<rootDir>/demo', '<rootDir>/app', '<rootDir>/docs'],
  testEnvironment: '<rootDir>/scripts/jestEnvironment.mjs',
  // Warnings about globals that a file leaves behind are wrapped round each other with every file, until the stack is full.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  // Machines are shared and may be many times slower; nothing here is judged by the clock.
  testTimeout: 180_000,
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true }, transform: { react: { runtime: 'automatic' } } },
        module: { type: 'es6' },
      },
    ],
  },
  // Vite gives the address of a file for these; tests that need the file read it themselves.
  moduleNameMapper: {
    '^(.*)\\.json\\?url(?:&no-inline)?$': '$1.json',
    // The query is cut off before a name is looked up here.
    'compute\\.worker\\.ts': '<rootDir>/app/workers/testing/noWorker.js',
  },
  setupFiles: ['<rootDir>/app/store/testing/setup.js'],
};
