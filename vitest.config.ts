import { defineConfig } from 'vitest/config'
import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'

export default defineConfig({
  plugins: [vue()],
  resolve: { alias: { '~': fileURLToPath(new URL('./app', import.meta.url)) } },
  test: {
    include: ['{core,shared,db,workers,app,server}/**/*.test.ts'],
    benchmark: { include: ['{core,shared,db,workers,app}/**/*.bench.ts'] },
  },
})
