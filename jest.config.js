export default {
  testMatch: ['<rootDir>/{core,server,cli,web}/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.(t|j)sx?$': [
      '<rootDir>/script/lib/jest-transform.mjs',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: false } }, module: { type: 'es6' } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/'],
  moduleFileExtensions: ['ts', 'tsx', 'js', 'mjs', 'json'],
}
