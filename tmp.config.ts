import { defineConfig } from 'vitest/config'
export default defineConfig({ test: { include: ['tmp-*.test.ts'], testTimeout: 200000 } })
