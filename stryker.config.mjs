// npm run mutation: puts single faults into the core, to see whether a test notices. Not part of npm test.
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutation.config.ts' },
  coverageAnalysis: 'perTest',
  concurrency: 2,
  reporters: ['clear-text', 'json', 'progress-append-only'],
  clearTextReporter: { allowColor: false, reportTests: false, reportMutants: false },
  jsonReporter: { fileName: '.cache/mutation.json' },
  tempDirName: '.cache/stryker',
  cleanTempDir: 'always',
  // Words are no rules: what a message says is for the eyes, that there is one is tested.
  mutator: { excludedMutations: ['StringLiteral', 'Regex'] },
  ignorePatterns: ['!.nuxt', '.output', 'docs', 'app', 'server', 'db', 'workers', 'tests/browser'],
}
