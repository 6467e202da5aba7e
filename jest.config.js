import { GLOBALS } from './script/lib/model-stamp.mjs'

export default {
  // A busy machine is slow, not wrong.
  testTimeout: 30_000,
  globals: GLOBALS,
  // Jest's own clean-up wraps what a finished test file left in the globals, anew for each file; what is still on its way there then runs out of stack and ends the worker. Each worker takes the mode of its first file.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  testMatch: ['<rootDir>/{core,api,server,cli,web}/**/*.test.{ts,tsx}'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx$': [
      '<rootDir>/script/lib/jest-transform.mjs',
      {
        jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true }, transform: { react: { runtime: 'automatic' } } },
        module: { type: 'es6' },
      },
    ],
    '^.+\\.(t|j)s$': [
      '<rootDir>/script/lib/jest-transform.mjs',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: false } }, module: { type: 'es6' } },
    ],
  },
  // Packages that compute are bound to their globals too.
  transformIgnorePatterns: ['/node_modules/(?!openchemlib/|culori/|zod/)'],
  moduleFileExtensions: ['ts', 'tsx', 'js', 'mjs', 'json'],
}
