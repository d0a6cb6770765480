import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'node_modules', 'coverage', 'test-results', '.cache', 'reports'] },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [tseslint.configs.strictTypeChecked, tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    rules: {
      // Data shapes are types here; an interface could be added to from elsewhere.
      '@typescript-eslint/consistent-type-definitions': ['error', 'type'],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      // `x !== null && x.y` says which of the two is meant.
      '@typescript-eslint/prefer-optional-chain': 'off',
      // A name that may be missing is asked for in brackets.
      '@typescript-eslint/dot-notation': 'off',
      // There are no enums, and hardly a class; looking for them takes a quarter of the time.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-unsafe-enum-comparison': 'off',
      // Asked once, with the long campaigns: it costs a quarter of the time.
      '@typescript-eslint/no-deprecated': process.env.TAWNY_PROVE === undefined ? 'off' : 'error',
      // The plate model's inner loops index arrays whose bounds they know.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-unnecessary-condition': ['error', { allowConstantLoopConditions: true }],
      'no-restricted-syntax': [
        'error',
        { selector: "CallExpression[callee.object.name='z'][callee.property.name='any']", message: 'Say what it is.' },
      ],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      // Clock, ids and randomness are arguments: same inputs, same answer.
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
        { object: 'performance', property: 'now' },
      ],
      // Neither a page nor a process: what the types of both would allow here.
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'location',
        'localStorage',
        'sessionStorage',
        'indexedDB',
        'fetch',
        'process',
        'setTimeout',
        'setInterval',
        'console',
        'crypto',
        'structuredClone',
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Instants are arguments in core/.' },
      ],
    },
  },
  {
    files: ['app/**/*.tsx', 'app/**/*.ts'],
    extends: [jsxA11y.flatConfigs.recommended],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      // The other rules of this plugin compile every file for a compiler that isn't used here: a third of all the time.
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'warn',
      // A slider, a timer and a picture are roles that the elements in use don't have by themselves.
      'jsx-a11y/no-noninteractive-element-to-interactive-role': 'off',
    },
  },
  {
    files: ['**/*.test.ts', '**/*.test.tsx', 'e2e/**/*.ts', 'benchmark/**/*.ts'],
    rules: {
      '@typescript-eslint/no-deprecated': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  {
    // Without types: an expectation of a promise that nobody waits for can't fail.
    files: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['callee.object', 'callee.object.object'].map((on) => ({
          selector: `ExpressionStatement > CallExpression[${on}.property.name=/^(rejects|resolves)$/]`,
          message: 'Await it, or it can’t fail.',
        })),
      ],
    },
  },
  // The compiler has looked at them; what else the types would tell of a unit test isn't worth a quarter of the time.
  { files: ['**/*.test.ts', '**/*.test.tsx'], extends: [tseslint.configs.disableTypeChecked] },
  {
    files: ['**/*.js', '**/*.mjs', '**/*.cjs'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', URL: 'readonly' } },
  },
);
