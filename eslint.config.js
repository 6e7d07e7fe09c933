import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import tseslint from 'typescript-eslint'
import { ownProperties } from './scripts/eslint-own.mjs'
import './scripts/eslint-vue.mjs'

const typed = {
  languageOptions: {
    parserOptions: {
      projectService: true,
      tsconfigRootDir: import.meta.dirname,
      extraFileExtensions: ['.vue'],
    },
  },
}

export default tseslint.config(
  { ignores: ['**/dist/', 'test-results/', 'playwright-report/', 'core/kernel/'] },
  js.configs.recommended,
  { files: ['**/*.mjs', '**/*.cjs'], languageOptions: { globals: globals.node } },
  {
    files: ['**/*.ts', '**/*.vue'],
    extends: [...tseslint.configs.recommendedTypeChecked],
    ...typed,
    plugins: { rimbo: { rules: { 'own-properties': ownProperties } } },
    rules: {
      'no-undef': 'off',
      'rimbo/own-properties': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
    },
  },
  {
    files: ['**/*.vue'],
    extends: [...vue.configs['flat/recommended']],
    languageOptions: {
      parserOptions: { ...typed.languageOptions.parserOptions, parser: tseslint.parser },
      globals: globals.browser,
    },
    rules: {
      // vue-tsc checks what templates are given; ESLint sees Vue files from outside only as `any`.
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      // An optional prop is undefined, as its type says.
      'vue/require-default-prop': 'off',
      // Words of a user are text, never markup.
      'vue/no-v-html': 'error',
    },
  },
  {
    files: ['**/*.test.ts', 'e2e/**', 'core/test/**', 'demo/**', 'scripts/**'],
    rules: { 'rimbo/own-properties': 'off' },
  },
  {
    files: ['web/src/{views,ui,drawing}/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='edit'] > ObjectExpression.arguments",
          message:
            'A change of a garden is an edit of core (`edits`), with its label and its test.',
        },
        {
          selector: "NewExpression[callee.object.name='Intl']",
          message: 'Formatters are made once, in ui/words/formatters.ts.',
        },
      ],
    },
  },
  {
    files: ['web/src/ui/words/formatters.ts'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  {
    files: ['e2e/**'],
    rules: {
      // What a page shows follows a click in its own time: it is asked again until it is so.
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.name='expect'] > AwaitExpression.arguments",
          message: 'Read while the page may still change: use expect.poll or a locator.',
        },
      ],
    },
  },
  prettier,
)
