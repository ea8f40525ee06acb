import { defineConfig } from 'vitest/config'

// The real interface in a real browser, two files at a time, each with a browser of its own: one waits for
// its page while the other computes.
export default defineConfig({
  test: {
    include: ['tests/browser/**/*.test.ts', 'tests/torture/*.browser.test.ts'],
    globalSetup: ['tests/browser/server.ts'],
    fileParallelism: true,
    maxWorkers: 2,
    testTimeout: 180_000,
    hookTimeout: 120_000,
    // A page that is drawn anew between finding and reading an element says nothing of the app: once more.
    retry: { count: 1, condition: /stale element/ },
  },
})
