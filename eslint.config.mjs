import withNuxt from './.nuxt/eslint.config.mjs'

// The same fences as in .dependency-cruiser.cjs, early and in the editor.
const layer = (name, allowed) => ({
  files: [`${name}/**/*.ts`],
  ignores: ['**/*.test.ts', '**/*.bench.ts'],
  rules: {
    'no-restricted-imports': ['error', {
      patterns: [
        { regex: `^(?!\\.{1,2}/|${allowed})`, message: `${name}/ may not import this: see docs/ARCHITECTURE.md` },
        { regex: '^(\\.\\./)+(app|core|db|server|shared|workers)/', message: 'import another layer by its name' },
      ],
    }],
  },
})

export default withNuxt(
  { ignores: ['docs/**', 'public/**', '.cache/**'] },
  // culori: colour difference is a standard computation, and no business of ours.
  layer('core', '#core/|culori/fn$|pure-rand/'),
  layer('shared', '#core/|zod$|zod/mini$|zod/locales$'),
  layer('db', '#core/|#shared/|dexie$|zod$'),
  layer('workers', '#core/|#shared/|comlink$'),
  layer('server', '#core/|#shared/|h3$|nitropack/|helmet$|node:|zod$'),
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'console', 'fetch', 'setTimeout', 'localStorage', 'navigator'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }, { object: 'Date', property: 'now' }],
    },
  },
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      'vue/multi-word-component-names': 'off',
      // One line holds what one thought holds: a short tag with its attributes and its text.
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-closing-bracket-newline': ['error', { singleline: 'never', multiline: 'always' }],
      '@typescript-eslint/unified-signatures': 'off',
    },
  },
)
