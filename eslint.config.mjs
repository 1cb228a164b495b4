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

/** Outside parts/ no family of parts is known by its name: what differs from one to the next is asked of the family itself. */
const FAMILY_NAMED = [
  'BinaryExpression[operator=/^[!=]==?$/]:has(MemberExpression[property.name="family"], Identifier[name="family"])',
  'SwitchStatement:has(> MemberExpression[property.name="family"], > Identifier[name="family"])',
  'Property[key.name="family"] > Literal.value',
  'TSPropertySignature[key.name="family"] TSLiteralType',
  'CallExpression[callee.name="newPart"] > Literal',
].map((selector) => ({
  selector,
  message:
    'Outside parts/ no family is known by its name: let the family tell what differs (parts/contract/family.ts).',
}));

/** Ids and keys are whole: what they were made of is asked of the record that has it. */
const CUT =
  '/^(split|startsWith|endsWith|slice|substring|replace|replaceAll|match|matchAll|search|indexOf|lastIndexOf|charAt)$/';
const WHOLE = '/^(id|key|item|thing|link|role|mover|bay)$/';
const ID_CUT_UP = [
  `CallExpression[callee.property.name=${CUT}][callee.object.name=${WHOLE}]`,
  `CallExpression[callee.property.name=${CUT}][callee.object.property.name=${WHOLE}]`,
  `CallExpression[callee.property.name=/^(test|exec)$/][callee.object.regex] > Identifier[name=${WHOLE}]`,
  `CallExpression[callee.property.name=/^(test|exec)$/][callee.object.regex] > MemberExpression[property.name=${WHOLE}]`,
].map((selector) => ({
  selector,
  message: 'An id is whole: ask the record it belongs to, do not cut it up.',
}));

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
  {
    files: ['core/src/**/*.ts', 'web/src/**/*.{ts,tsx}', 'server/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/testing/**', 'core/src/parts/**'],
    rules: { 'no-restricted-syntax': ['error', ...FAMILY_NAMED, ...ID_CUT_UP] },
  },
  {
    files: ['core/src/parts/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...ID_CUT_UP] },
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
