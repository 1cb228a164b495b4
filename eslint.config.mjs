import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** What would tie the core to a page, a process or a framework. */
const HOST_GLOBALS = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'indexedDB',
  'self',
  'postMessage',
  'fetch',
  'XMLHttpRequest',
  'process',
  'Buffer',
  'require',
  'module',
  '__dirname',
  '__filename',
  'global',
  'setImmediate',
];

export default tseslint.config(
  { ignores: ['**/node_modules/**', '**/dist/**', '.tarnpass/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      eqeqeq: 'error',
      'no-console': 'error',
      'prefer-const': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['core/src/**/*.test.ts', 'core/src/testing/**'],
    rules: {
      'no-restricted-globals': ['error', ...HOST_GLOBALS],
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.{1,2}/|(valibot|earcut|flatbush|flatqueue|quickhull3d|simple-statistics)$)',
              message:
                'core imports its own files, valibot, earcut, flatbush, flatqueue, quickhull3d and simple-statistics, nothing else.',
            },
            { regex: '/(server|web|e2e|bench|cli)/', message: 'core imports nothing from the other rooms.' },
          ],
        },
      ],
    },
  },
  { files: ['web/src/**/*.{ts,tsx}'], ...hooks.configs.flat.recommended },
  {
    files: ['scripts/**/*.mjs', '*.mjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        clearTimeout: 'readonly',
        URL: 'readonly',
        AbortSignal: 'readonly',
        document: 'readonly',
        performance: 'readonly',
        requestAnimationFrame: 'readonly',
        MutationObserver: 'readonly',
        KeyboardEvent: 'readonly',
      },
    },
    rules: { 'no-console': 'off' },
  },
  { files: ['core/cli/**', 'server/src/main.ts', 'e2e/**'], rules: { 'no-console': 'off' } },
);
