// Everything ships with the app: no font, icon or telemetry request leaves the machine.
export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@nuxt/eslint'],
  ssr: false,
  components: [{ path: '~/components', pathPrefix: false }],
  // Core, database and workers import everything by name, so that they run outside Nuxt too.
  imports: { transform: { exclude: [/[\\/](core|db|workers|shared)[\\/]/] } },
  devtools: { enabled: false },
  app: {
    head: {
      title: 'Lacy Spool',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'description', content: 'A workbench beside the sewing machine for decorative sewists.' },
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/favicon.svg' }],
    },
  },
  css: ['~/assets/css/main.css'],
  colorMode: { preference: 'system', fallback: 'light', storageKey: 'lacy-spool-lamp' },
  ui: { fonts: false, colorMode: true },
  runtimeConfig: { public: { demo: false } },
  sourcemap: false,
  // One server, one build, no prerendered pages: nothing to ask a manifest or a payload for.
  experimental: { appManifest: false, payloadExtraction: false, emitRouteChunkError: false, checkOutdatedBuildInterval: false },
  compatibilityDate: '2026-11-01',
  // Untyped: a module brings the types of a newer server than the one that is installed.
  nitro: { compressPublicAssets: { gzip: true, brotli: false } } as object,
  vite: {
    // Dexie's build for today's browsers; its default one carries helpers for old ones.
    resolve: { alias: { dexie: 'dexie/dist/modern/dexie.mjs' } },
    worker: { format: 'es' },
    build: { reportCompressedSize: false },
    optimizeDeps: { include: ['@vueuse/core', '@tanstack/vue-virtual', 'papaparse', 'comlink', 'dexie', 'zod', 'vue-echarts', 'echarts/core', 'echarts/charts', 'echarts/components', 'echarts/renderers'] },
  },
  typescript: {
    strict: true,
    tsConfig: {
      include: ['../core/**/*', '../db/**/*', '../workers/**/*', '../shared/**/*'],
      compilerOptions: { noUncheckedIndexedAccess: true },
    },
  },
  telemetry: false,
  hooks: {
    // What the first view does not need must not be fetched before it stands; the layout preloads the rest later.
    'build:manifest': (manifest) => {
      for (const file of Object.values(manifest)) file.prefetch = false
    },
    // Without server rendering this version of the development server still looks for a server entry.
    'vite:extendConfig': (config, { isClient }) => {
      if (isClient && process.env.NODE_ENV === 'development') {
        Object.assign(config, { environments: { ssr: { build: { rollupOptions: { input: { server: 'nuxt/entry' } } } } } })
      }
    },
  },
  eslint: { config: { stylistic: true } },
  // Without a server to ask, and with one collection only: every icon looks its name up among all that are named here.
  icon: { provider: 'none', fallbackToApi: false, serverBundle: { collections: ['lucide'] }, clientBundle: { scan: { globInclude: ['app/**/*.{vue,ts}'] } } },
})
