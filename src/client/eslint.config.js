import i18n from '@intlify/eslint-plugin-vue-i18n'
import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import tseslint from 'typescript-eslint'

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
  prettier,
)
