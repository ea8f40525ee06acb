import ui from '@nuxt/ui/vite'
import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  // The interface kit and our own components come by name, as they do in the app.
  plugins: [
    vue(),
    ui({
      router: false,
      autoImport: {
        dts: false,
        imports: ['vue', 'pinia'],
        vueTemplate: true,
        dirs: ['app/composables', 'app/stores', 'app/utils', 'app/stations/*/*tore.ts'],
      },
      components: {
        dts: false,
        dirs: [
          'app/frame',
          'app/fields',
          'app/kit',
          'app/pickers',
          'app/inPlace',
          'app/seam',
          'app/paper',
          'app/planner',
          'app/stations/*/parts',
        ],
      },
    }),
  ],
  resolve: {
    alias: {
      '~': fileURLToPath(new URL('./app', import.meta.url)),
      '@iconify/vue': fileURLToPath(new URL('./tests/unit/noIcons.ts', import.meta.url)),
      'virtual:pwa-register': fileURLToPath(new URL('./tests/unit/pwaRegister.ts', import.meta.url)),
    },
  },
  test: {
    // Slow machines are no faults: speed is measured by npm run bench.
    testTimeout: 60_000,
    maxWorkers: 2,
    pool: 'threads',
    projects: [
      // Nothing here holds anything between two calls, so its files may share one world.
      {
        extends: true,
        test: {
          name: 'rules',
          include: ['{core,shared}/**/*.test.ts'],
          isolate: false,
          benchmark: { include: [] },
        },
      },
      // Views and stores, in one world for all files: loading the kit anew for each takes minutes.
      {
        extends: true,
        test: {
          name: 'app',
          include: ['app/**/*.test.ts'],
          exclude: ['**/*.alone.test.ts'],
          environment: 'happy-dom',
          setupFiles: ['tests/unit/freshPage.ts'],
          isolate: false,
          benchmark: { include: [] },
        },
      },
      // What puts something else in the place of a module, or of storage, has a world of its own.
      {
        extends: true,
        test: {
          name: 'alone',
          include: [
            'app/**/*.alone.test.ts',
            '{db,workers,server}/**/*.test.ts',
            'tests/torture/*.unit.test.ts',
          ],
          benchmark: { include: ['{core,shared,db,workers,app}/**/*.bench.ts'] },
        },
      },
    ],
  },
})
