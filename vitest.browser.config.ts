import { defineConfig } from 'vitest/config'

// The real interface in a real browser, one file after the other: two cores are shared with Chromium.
export default defineConfig({
  test: {
    include: ['tests/browser/**/*.test.ts', 'tests/torture/*.browser.test.ts'],
    globalSetup: ['tests/browser/server.ts'],
    fileParallelism: false,
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
})
