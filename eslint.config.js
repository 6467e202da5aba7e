import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.run/**',
      '*.cjs',
      'script/lib/*.mjs',
      'web/service-worker.mjs',
      'eslint.config.js',
      'jest.config.js',
      '**/vite.config.ts',
      'web/public/**',
    ],
  },
  ...tseslint.configs.strictTypeChecked,
  ...tseslint.configs.stylisticTypeChecked,
  {
    languageOptions: {
      parserOptions: {
        // One program of all, so that the types of the core are worked out once.
        project: './tsconfig.lint.json',
      },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/consistent-type-assertions': ['error', { assertionStyle: 'as' }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/non-nullable-type-assertion-style': 'off',
      '@typescript-eslint/no-meaningless-void-operator': 'off',
      // An empty match of a pattern means "not written", just as a missing one does.
      '@typescript-eslint/prefer-nullish-coalescing': ['error', { ignorePrimitives: { string: true } }],
      // Formulae are ASCII.
      '@typescript-eslint/no-misused-spread': 'off',
      // There are no enums here, so that nobody has to look after them.
      'no-restricted-syntax': ['error', { selector: 'TSEnumDeclaration', message: 'a union of strings says the same' }],
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-enum-comparison': 'off',
      // Typed-array elements are numbers wherever the index is in range; the hot loops say so instead of testing.
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
    },
  },
  {
    files: ['web/**/*.tsx', 'web/**/*.ts'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
)
