import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Folders that each folder may not import from: imports go one way, from the core outwards. */
const FORBIDDEN = {
  core: ['worker', 'storage', 'app', 'cli', 'samples', 'bench'],
  worker: ['app', 'cli', 'storage', 'samples', 'bench'],
  storage: ['app', 'cli', 'worker', 'samples', 'bench'],
  cli: ['app', 'storage', 'worker', 'samples', 'bench'],
  samples: ['app', 'cli', 'storage', 'worker', 'bench'],
};

/** Inside the core: later stages may import earlier ones, never the other way. */
const CORE_STAGES = ['text', 'lines', 'seams', 'blocks', 'passes'];

const outside = (folders) => folders.map((folder) => `**/${folder}/**`);

function restrict(files, patterns, message) {
  return {
    files: [files],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: CORE_PATHS[files.split('/')[0]] ?? [], patterns: [{ group: patterns, message }] },
      ],
    },
  };
}

const CORE_PATHS = { core: [{ name: 'react', message: 'The core has no interface code.' }] };

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
  ...Object.entries(FORBIDDEN).map(([folder, forbidden]) =>
    restrict(`${folder}/**/*.{ts,tsx}`, outside(forbidden), `${folder} does not know of these folders.`),
  ),
  ...CORE_STAGES.slice(0, -1).map((stage, at) =>
    restrict(
      `core/${stage}/**/*.ts`,
      [...outside(FORBIDDEN.core), ...outside(CORE_STAGES.slice(at + 1))],
      `Imports go from later stages to earlier ones, not from ${stage} on.`,
    ),
  ),
  {
    ...restrict('core/passes/*.ts', [...outside(FORBIDDEN.core), './*', '!./pass.ts'], 'No pass imports another.'),
    ignores: ['core/passes/index.ts', '**/*.test.ts'],
  },
  restrict(
    'app/ui/**/*.{ts,tsx}',
    outside(['core', 'storage', 'worker', 'features']),
    'The parts in app/ui know nothing of the product.',
  ),
  restrict('app/features/desk/**/*.{ts,tsx}', ['**/piece/**'], 'No feature imports another.'),
  restrict('app/features/piece/**/*.{ts,tsx}', ['**/desk/**'], 'No feature imports another.'),
  prettier,
);
