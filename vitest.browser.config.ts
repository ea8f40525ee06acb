import { defineConfig } from 'vitest/config'

// The real interface in a real browser, one file after the other: two cores are shared with Chromium.
export default defineConfig({
  test: {
    include: ['tests/browser/**/*.test.ts', 'tests/torture/*.browser.test.ts'],
    globalSetup: ['tests/browser/server.ts'],
    fileParallelism: true,
    maxWorkers: 2,
    testTimeout: 60_000,
    hookTimeout: 60_000,
    // A page that is drawn anew between finding and reading an element says nothing of the app: once more.
    retry: { count: 1, condition: /stale element/ },
  },
})
