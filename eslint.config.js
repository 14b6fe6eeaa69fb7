import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['build/', 'node_modules/', '.react-router/', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  { languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  {
    plugins: { 'react-hooks': reactHooks },
    files: ['app/**/*.{ts,tsx}'],
    rules: {
      ...reactHooks.configs.recommended.rules,
      'react-hooks/refs': 'off',
      'react-hooks/set-state-in-effect': 'off',
      'react-hooks/incompatible-library': 'off',
    },
  },
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-invalid-void-type': 'off',
      'no-restricted-syntax': [
        'error',
        { selector: 'Program > VariableDeclaration[kind="let"]', message: 'No state at the top of a module.' },
      ],
    },
  },
  // Read without waiting by Node, which starts sooner like this.
  { files: ['bin/*.js'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  prettier,
);
