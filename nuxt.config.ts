// Everything ships with the app: no font, icon or telemetry request leaves the machine.
export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@nuxt/eslint'],
  ssr: false,
  devtools: { enabled: false },
  telemetry: false,
  compatibilityDate: '2026-11-01',
  css: ['~/assets/css/main.css'],
  ui: { fonts: false, colorMode: true },
  colorMode: { preference: 'system', fallback: 'light', storageKey: 'lacy-spool-lamp' },
  icon: { provider: 'none', clientBundle: { scan: { globInclude: ['app/**/*.{vue,ts}'] } } },
  runtimeConfig: { public: { demo: false } },
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
  components: [{ path: '~/components', pathPrefix: false }],
  // Core, database and workers import everything by name, so that they run outside Nuxt too.
  imports: { transform: { exclude: [/[\\/](core|db|workers|shared)[\\/]/] } },
  typescript: {
    strict: true,
    tsConfig: {
      include: ['../core/**/*', '../db/**/*', '../workers/**/*', '../shared/**/*'],
      compilerOptions: { noUncheckedIndexedAccess: true },
    },
  },
  sourcemap: false,
  vite: { worker: { format: 'es' }, build: { reportCompressedSize: false } },
  hooks: {
    // Without server rendering this version of the development server still looks for a server entry.
    'vite:extendConfig': (config, { isClient }) => {
      if (isClient && process.env.NODE_ENV === 'development') {
        Object.assign(config, { environments: { ssr: { build: { rollupOptions: { input: { server: 'nuxt/entry' } } } } } })
      }
    },
  },
  nitro: { preset: 'node-server', compressPublicAssets: { gzip: true, brotli: false } },
  eslint: { config: { stylistic: true } },
})
