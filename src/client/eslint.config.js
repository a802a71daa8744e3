import i18n from '@intlify/eslint-plugin-vue-i18n'
import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import importX from 'eslint-plugin-import-x'
import globals from 'globals'
import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { URL } from 'node:url'
import tseslint from 'typescript-eslint'

/**
 * The folders of src in order: each may use those before it, none after it. Folders with a section.ts are sections: they stand between the
 * desk, which knows none of them, and the application, and do not know each other.
 */
const src = new URL('src/', import.meta.url)
const order = JSON.parse(readFileSync(new URL('folders.json', import.meta.url), 'utf8'))
const sections = readdirSync(src).filter((folder) => existsSync(new URL(`${folder}/section.ts`, src)))
const known = order.slice(0, -1)
const forbidden = [
  ...known.map((folder, i) => ({ target: folder, from: [...order.slice(i + 1), ...sections] })),
  ...sections.map((folder) => ({
    target: folder,
    from: [...sections.filter((other) => other !== folder), order.at(-1)],
  })),
]

export default tseslint.config(
  { ignores: ['node_modules', 'src/api/generated'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue', '**/*.ts'],
    languageOptions: {
      globals: globals.browser,
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] },
    },
    rules: { 'vue/multi-word-component-names': 'off' },
  },
  {
    files: ['src/**/*.vue', 'src/**/*.ts'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/parsers': { 'vue-eslint-parser': ['.vue'], '@typescript-eslint/parser': ['.ts'] },
      'import-x/extensions': ['.ts', '.vue'],
      'import-x/resolver-next': [createTypeScriptImportResolver({ extensions: ['.ts', '.vue'] })],
    },
    rules: {
      'import-x/no-cycle': 'error',
      'import-x/no-unresolved': ['error', { ignore: ['\\.css$', '^@fontsource'] }],
      'import-x/no-restricted-paths': [
        'error',
        {
          zones: forbidden.map(({ target, from }) => ({
            target: `./src/${target}`,
            from: from.map((folder) => `./src/${folder}`),
            message: 'The order of the folders stands in folders.json.',
          })),
        },
      ],
    },
  },
  {
    // Every text that a person reads comes from the catalogue in src/words.
    files: ['**/*.vue'],
    plugins: { '@intlify/vue-i18n': i18n },
    settings: { 'vue-i18n': { messageSyntaxVersion: '^11.0.0' } },
    rules: {
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          attributes: { '/.+/': ['title', 'aria-label', 'placeholder', 'active-text', 'label', 'alt'] },
          ignorePattern: '^[^A-Za-z]*$',
          ignoreText: ['Deep Baize', 'JSON', 'CSV', 'SVG', 'PNG'],
        },
      ],
    },
  },
  {
    // The same for sentences in scripts; what an error says is for those who program.
    files: ['src/**/*.vue', 'src/**/*.ts'],
    ignores: ['src/words/**', 'src/**/*.spec.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['Literal[value=', 'TemplateElement[value.raw='].map((text) => ({
          selector: `:not(NewExpression[callee.name="Error"]) > ${text}/[A-Z][a-z]+ [a-z]+ |[a-z]{2,} [a-z]+ [a-z]{2,}/]`,
          message: 'Every text that a person reads comes from the catalogue in src/words.',
        })),
      ],
    },
  },
  prettier,
)
