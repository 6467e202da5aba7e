import { GLOBALS } from './script/lib/model-stamp.mjs'

export default {
  // A busy machine is slow, not wrong.
  testTimeout: 30_000,
  globals: GLOBALS,
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
