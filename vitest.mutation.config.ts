import { defineConfig } from 'vitest/config'

// One folder of the core at a time is judged by its own tests: quick, and what a newcomer would expect.
const folder = process.env.MUTATED_FOLDER ?? 'core'

/** The tests that judge a mutant, without the interface: see scripts/mutation.mjs. */
export default defineConfig({
  test: { include: [`${folder}/**/*.test.ts`], testTimeout: 60_000, isolate: false },
})
