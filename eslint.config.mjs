import js from '@eslint/js';
import angular from 'angular-eslint';
import regexp from 'eslint-plugin-regexp';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/', '**/.angular/', '**/node_modules/', '.data/', '.data-dev/', 'test-results/', '**/*.generated.ts'] },
  {
    files: ['**/*.ts'],
    extends: [js.configs.recommended, ...tseslint.configs.recommendedTypeChecked],
    plugins: { regexp },
    languageOptions: {
      parserOptions: {
        // Few programs, each of what shares its types, instead of one a folder.
        project: ['core/tsconfig.json', 'tsconfig.node.json', 'tsconfig.browser.json', 'web/tsconfig.checked.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/explicit-module-boundary-types': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': 'off',
      // Whatever comes from outside is read in a time that grows as its length does.
      'regexp/no-super-linear-backtracking': 'error',
      'regexp/no-super-linear-move': 'error',
    },
  },
  {
    files: ['web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      // Angular's validators are passed as functions of their class on purpose.
      '@typescript-eslint/unbound-method': ['error', { ignoreStatic: true }],
    },
  },
  { files: ['web/src/app/screens/**/*.ts'], ignores: ['**/*.spec.ts'], rules: { 'max-lines': ['error', 199] } },
  { files: ['web/src/**/*.html'], extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility] },
  {
    // Bodies of answers and of pages are of no known type in specs.
    files: ['**/*.spec.ts', 'e2e/**/*.ts', 'server/src/testing/**/*.ts'],
    rules: {
      'regexp/no-super-linear-backtracking': 'off',
      'regexp/no-super-linear-move': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
);
