// See scripts/mutation.mjs, which names the folder.
const folder = process.env.MUTATED_FOLDER ?? 'core'

export default {
  mutate: [`${folder}/**/*.ts`, '!**/*.test.ts', '!**/*.bench.ts', '!**/*.fixtures.ts'],
  plugins: ['@stryker-mutator/*', './scripts/mutation/sample.mjs'],
  ignorers: ['sample'],
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutation.config.ts' },
  // Every test is asked about every fault, tables built while a module loads among them.
  coverageAnalysis: 'off',
  concurrency: 2,
  reporters: ['json', 'progress-append-only'],
  jsonReporter: { fileName: `.cache/mutation/${folder}.json` },
  tempDirName: '.cache/stryker',
  cleanTempDir: 'always',
  // Words are no rules: what a message says is for the eyes, that there is one is tested.
  mutator: { excludedMutations: ['StringLiteral', 'Regex'] },
  ignorePatterns: ['!.nuxt', '.output', 'docs', 'app', 'server', 'db', 'workers', 'tests/browser'],
}
