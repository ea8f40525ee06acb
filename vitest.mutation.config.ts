import { defineConfig } from 'vitest/config'

/** The tests of the core and of what follows from it, without the interface: see stryker.config.mjs. */
export default defineConfig({
  test: { include: ['core/**/*.test.ts', 'shared/**/*.test.ts'], testTimeout: 60_000 },
})
