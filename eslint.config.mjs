import prettier from 'eslint-config-prettier'
import withNuxt from './.nuxt/eslint.config.mjs'

const LONGEST_LINE = 110

/** Between its tags a line break would show as a space. */
const spaceShows = { externalIgnores: ['template'] }

// The same fences as in .dependency-cruiser.cjs, early and in the editor.
const layer = (name, allowed) => ({
  files: [`${name}/**/*.ts`],
  ignores: ['**/*.test.ts', '**/*.bench.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: `^(?!\\.{1,2}/|${allowed})`,
            message: `${name}/ may not import this: see docs/ARCHITECTURE.md`,
          },
          {
            regex: '^(\\.\\./)+(app|core|db|server|shared|workers)/',
            message: 'import another layer by its name',
          },
        ],
      },
    ],
  },
})

export default withNuxt(
  { ignores: ['docs/**', 'public/**', '.cache/**'] },
  // Colour difference, path data, curves, clipping, fonts and box search are no business of ours.
  layer(
    'core',
    '#core/|culori/fn$|pure-rand/|bezier-js$|clipper2-ts$|flatbush$|flatqueue$|'
      + 'opentype.js$|svgpath$|uqr$|ml-matrix$|simple-statistics$',
  ),
  layer('shared', '#core/|dequal/lite$|pako$|@scure/base$|zod$|zod/mini$|zod/locales$'),
  layer('db', '#core/|#shared/|dexie$|zod$'),
  layer('workers', '#core/|#shared/|@zip.js/zip.js/|comlink$|image-size$|jspdf$|jsqr$'),
  layer('server', '#core/|#shared/|h3$|nitropack/|helmet$|piscina$|node:|zod$'),
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'console',
        'fetch',
        'setTimeout',
        'localStorage',
        'navigator',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
    },
  },
  // Prettier lays out, see scripts/format.mjs; what follows is what it leaves to us.
  prettier,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/unified-signatures': 'off',
      'no-nested-ternary': 'error',
      'max-len': ['error', { code: LONGEST_LINE, ignoreUrls: true }],
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'error',
      'vue/singleline-html-element-content-newline': ['error', spaceShows],
    },
  },
  {
    // A report's paragraphs and code that runs in the page are text here, and cannot be broken.
    files: ['scripts/**/*.mjs', 'tests/browser/**/*.ts'],
    rules: { 'max-len': ['error', { code: LONGEST_LINE, ignoreUrls: true, ignoreTemplateLiterals: true }] },
  },
  {
    // In a component's file max-len would not see the template.
    files: ['**/*.vue'],
    rules: { 'max-len': 'off', 'vue/max-len': ['error', { code: LONGEST_LINE, template: LONGEST_LINE }] },
  },
)
