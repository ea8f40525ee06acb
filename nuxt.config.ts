import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import colors from 'tailwindcss/colors'
import { STATIONS } from './app/stations'
import { FILE_HEADERS } from './server/fileHeaders'

const ROOT = fileURLToPath(new URL('.', import.meta.url))
// The development server injects scripts of its own.
const isDevelopment = process.env.NODE_ENV === 'development'
const SMALL_CHUNK_BYTES = 1500

/** Whether a file is of this build, as modules/lastAssets.ts noted it. */
function isOwnAsset(url: string): boolean {
  if (!url.startsWith('_nuxt/')) return true
  const own = JSON.parse(readFileSync(`${ROOT}.cache/own-assets.json`, 'utf8')) as string[]
  return own.includes(url.slice('_nuxt/'.length))
}

/** The interface kit's colours for success, notes, warnings and errors; it would load 26 palettes. */
const PALETTES = ['green', 'blue', 'yellow', 'red'] as const
const usedPalettes = {
  name: 'used-palettes',
  enforce: 'pre' as const,
  resolveId: (id: string) => (id === 'tailwindcss/colors' ? '\0palettes' : null),
  load: (id: string) =>
    id === '\0palettes'
      ? `export default ${JSON.stringify(Object.fromEntries(PALETTES.map(name => [name, colors[name]])))}`
      : null,
}
/**
 * Importing one of these does nothing but bring its names, so a view loads only what it uses of a folder: our
 * own rules, and the framework's fetching, which nothing here uses.
 */
const bringsOnlyNames = (id: string) =>
  ['core/', 'shared/'].some(folder => id.startsWith(`${ROOT}${folder}`))
  || /\/nuxt\/dist\/app\/composables\/(fetch|asyncData)\.js$/.test(id)

// Everything ships with the app: no font, icon or telemetry request leaves the machine.
export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@nuxt/eslint', '@vite-pwa/nuxt'],
  ssr: false,
  // A station's own parts stand beside it, what several share in rooms of its own.
  components: [
    ...['frame', 'fields', 'pickers', 'inPlace', 'seam', 'paper', 'planner', 'share', 'asking'].map(room => ({
      path: `~/${room}`,
      pathPrefix: false,
    })),
    { path: '~/stations', pattern: '*/parts/*.vue', pathPrefix: false },
    // Light forms of the kit's own parts, by the kit's own names, and how parts take turns.
    { path: '~/kit', pattern: ['U*.{ts,vue}', '*.vue'], pathPrefix: false },
  ],
  pages: true,
  // Core, database and workers import everything by name, so that they run outside Nuxt too.
  imports: {
    dirs: ['~/stores', '~/stations/*/*tore.ts'],
    transform: { exclude: [/[\\/](core|db|workers|shared)[\\/]/] },
  },
  devtools: { enabled: false },
  app: {
    head: {
      title: 'Lacy Spool',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'description', content: 'A workbench beside the sewing machine for decorative sewists.' },
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/favicon.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
        { rel: 'apple-touch-icon', href: '/icon-192.png' },
      ],
    },
  },
  css: ['~/assets/css/main.css'],
  colorMode: { preference: 'system', fallback: 'light', storageKey: 'lacy-spool-lamp' },
  ui: { fonts: false, colorMode: true },
  runtimeConfig: { public: { demo: false } },
  sourcemap: false,
  // One server, one build, no prerendered pages: nothing to ask a manifest or a payload for.
  experimental: {
    appManifest: false,
    payloadExtraction: false,
    renderJsonPayloads: false,
    // Going to another view is quick: nothing need be painted before it.
    navigationRepaint: false,
    emitRouteChunkError: false,
    checkOutdatedBuildInterval: false,
  },
  compatibilityDate: '2026-11-01',
  // Untyped: a module brings the types of a newer server than the one that is installed.
  nitro: {
    compressPublicAssets: { gzip: true, brotli: false },
    ...(isDevelopment ? {} : { errorHandler: `${ROOT}server/errorHandler.ts` }),
    // Files are sent before server/middleware/headers.ts is asked; pages get its stricter policy instead.
    routeRules: isDevelopment ? {} : { '/**': { headers: FILE_HEADERS } },
    // Circles and comments inside packages: nothing we could mend.
    rollupConfig: {
      onwarn: (warning: { code: string }, warn: (of: object) => void) =>
        ['CIRCULAR_DEPENDENCY', 'INVALID_ANNOTATION'].includes(warning.code) ? undefined : warn(warning),
    },
  } as object,
  vite: {
    // Dexie's build for today's browsers; its default one carries helpers for old ones.
    resolve: { alias: { dexie: 'dexie/dist/modern/dexie.mjs' } },
    worker: { format: 'es' },
    plugins: [usedPalettes],
    // The last three draw web pages into PDFs; ours are drawn line by line.
    build: {
      reportCompressedSize: false,
      rollupOptions: {
        external: ['html2canvas', 'dompurify', 'canvg'],
        // Views share many small modules: without this each of them is a file, and a request, of its own.
        output: { experimentalMinChunkSize: SMALL_CHUNK_BYTES } as object,
        treeshake: { moduleSideEffects: id => !bringsOnlyNames(id) },
      },
    },
    optimizeDeps: {
      include: [
        '@vueuse/core',
        '@tanstack/vue-virtual',
        'papaparse',
        'comlink',
        'dexie',
        'zod',
        'vue-echarts',
        'echarts/core',
        'echarts/charts',
        'echarts/components',
        'echarts/renderers',
      ],
    },
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
    // Each view of a station's manifest is a page; its old addresses lead there.
    'pages:extend': pages => {
      const fileOf = (folder: string, page: string) =>
        fileURLToPath(new URL(`./app/stations/${folder}/${page}`, import.meta.url))
      for (const { folder, views } of STATIONS)
        for (const { path, page, formerly = [] } of views) {
          pages.push({ name: path === '/' ? 'index' : path.slice(1), path, file: fileOf(folder, page) })
          for (const old of formerly) pages.push({ path: old, redirect: path })
        }
    },
    // What the first view does not need must not be fetched before it stands; the layout preloads the rest
    // later.
    'build:manifest': manifest => {
      for (const file of Object.values(manifest)) file.prefetch = false
    },
    // Without server rendering this version of the development server still looks for a server entry.
    'vite:extendConfig': (config, { isClient }) => {
      if (isClient && process.env.NODE_ENV === 'development') {
        Object.assign(config, {
          environments: { ssr: { build: { rollupOptions: { input: { server: 'nuxt/entry' } } } } },
        })
      }
    },
  },
  eslint: { config: { stylistic: false } },
  // Without a server to ask: modules/icons brings every icon the app names.
  icon: {
    provider: 'none',
    fallbackToApi: false,
    serverBundle: { collections: ['lucide'] },
  },
  // Works without the server after the first visit. An update waits until it is asked for: see
  // UpkeepNotices.vue.
  pwa: {
    registerType: 'prompt',
    injectRegister: null,
    // Registered late, by our own code: it is no part of the first view.
    client: { registerPlugin: false },
    manifest: {
      name: 'Lacy Spool',
      short_name: 'Lacy Spool',
      description: 'A workbench beside the sewing machine for decorative sewists.',
      lang: 'en',
      start_url: '/',
      display: 'standalone',
      background_color: '#f7f1e6',
      theme_color: '#f7f1e6',
      icons: [
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        { src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,svg,png,woff2,woff,json,webmanifest}'],
      // Files of the build before are for tabs that stand open: nobody else asks for them.
      manifestTransforms: [
        entries => ({
          manifest: entries.filter(({ url }) => isOwnAsset(url)),
        }),
      ],
      // The page itself comes from the server; every build has a new one.
      additionalManifestEntries: [{ url: '/', revision: randomUUID() }],
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//, /^\/schema\//],
      maximumFileSizeToCacheInBytes: 3_000_000,
    },
  },
})
