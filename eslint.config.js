import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import i18n from '@intlify/eslint-plugin-vue-i18n'
import vue from 'eslint-plugin-vue'

export default defineConfigWithVueTs(
  { ignores: ['resources/js/api/schema.d.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  i18n.configs.base,
  {
    settings: { 'vue-i18n': { localeDir: './resources/js/lang/*.json', messageSyntaxVersion: '^11.0.0' } },
    rules: {
      // What a screen says stands in lang/en.json, whole, and nothing stands there unsaid.
      '@intlify/vue-i18n/no-raw-text': ['error', { ignorePattern: '^[^A-Za-z]*[A-Z]?[^A-Za-z]*$', attributes: { '/.+/': ['label', 'aria-label', 'title', 'placeholder', 'alt', 'hint', 'decided'], Fold: ['name'], RungPage: ['name'] } }],
      '@intlify/vue-i18n/no-missing-keys': 'error',
      '@intlify/vue-i18n/no-unused-keys': ['error', { src: './resources/js', extensions: ['.vue', '.ts'], ignores: ['/^(choice|rung|next|explained)\\b/', '/^\\w+\\.\\w+\\./'] }],
      // A getter that makes a new list each time fires whatever of it changed: sources are listed instead.
      'no-restricted-syntax': ['error', { selector: "AssignmentExpression[left.property.name='value'] > AwaitExpression.right > CallExpression MemberExpression[object.name='api']", message: 'Asked twice, it may be answered in either order: useLatest() takes the last.' }, { selector: "CallExpression[callee.name='watch'] > ArrowFunctionExpression:first-child > :matches(ArrayExpression, TSAsExpression[expression.type='ArrayExpression'], ObjectExpression).body", message: 'List the sources: watch([() => a, () => b], …).' }],
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': ['warn', { html: { void: 'always' } }],
      'vue/multi-word-component-names': 'off',
    },
  },
)
