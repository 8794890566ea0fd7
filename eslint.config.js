import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

/** Imports point one way: web and server read demo and core, demo reads core, core reads nothing of ours. */
const forbid = (files, group, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
})

export default ts.config(
  { ignores: ['**/dist/**', '.data/**', 'test-results/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser }, globals: globals.browser },
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'no-undef': 'off',
      // Only our own constant drawings are put in as markup.
      'vue/no-v-html': 'off',
    },
  },
  {
    files: ['scripts/**', 'drills/**', 'server/work/*.cjs', 'cli/*.mjs', '*.js'],
    languageOptions: {
      globals: {
        ...globals.node,
        document: 'readonly',
        localStorage: 'readonly',
        indexedDB: 'readonly',
        caches: 'readonly',
        HTMLCanvasElement: 'readonly',
      },
    },
  },
  {
    files: ['**/*.ts'],
    rules: { 'no-undef': 'off', '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }] },
  },
  {
    // What needs types to be seen: a promise that nobody waits for, and a thing that would be written out as [object Object].
    files: ['core/**/*.ts', 'server/**/*.ts', 'cli/**/*.ts', 'demo/**/*.ts', 'web/**/*.ts', 'web/**/*.vue'],
    ignores: ['web/vite.config.ts'],
    languageOptions: {
      parserOptions: {
        project: 'tsconfig.lint.json',
        tsconfigRootDir: import.meta.dirname,
        extraFileExtensions: ['.vue'],
      },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-base-to-string': 'error',
      '@typescript-eslint/restrict-template-expressions': [
        'error',
        { allowNumber: true, allowBoolean: true, allowNullish: true, allowAny: true },
      ],
    },
  },
  forbid(
    ['core/**/*.ts'],
    ['@dialytica/*', 'node:*', 'vue*', 'express*', 'typeorm*', '**/server/**', '**/web/**', '**/demo/**'],
    'core sees no interface, no server, no Node: pass it in as an argument',
  ),
  forbid(
    ['demo/**/*.ts'],
    ['@dialytica/server*', '@dialytica/web*', 'node:*', 'vue*', '**/server/**', '**/web/**'],
    'demo reads core only',
  ),
  forbid(
    ['cli/**/*.ts'],
    ['@dialytica/server*', '@dialytica/web*', 'vue*', 'express*', 'typeorm*', '**/server/**', '**/web/**'],
    'the command line reads core only',
  ),
  forbid(['server/**/*.ts'], ['@dialytica/web*', 'vue*', '**/web/**'], 'server and web do not see each other'),
  forbid(
    ['web/**/*.ts', 'web/**/*.vue'],
    ['@dialytica/server*', 'node:*', 'express*', 'typeorm*', '**/server/**'],
    'server and web do not see each other',
  ),
  {
    files: ['**/*.test.ts', 'core/test/**'],
    rules: { 'no-restricted-imports': 'off' },
  },
  {
    // Playwright reads which fixtures a function asks for from its first argument.
    files: ['e2e/**'],
    rules: { 'no-empty-pattern': 'off' },
  },
  prettier,
)
