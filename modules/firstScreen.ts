import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'

interface Chunk {
  readonly code: string
  readonly imports: readonly string[]
  readonly isEntry?: boolean
  readonly facadeModuleId?: string | null
  readonly modules?: Readonly<Record<string, { readonly renderedLength: number }>>
}
/** The view of an empty address, which the first screen shows. */
const FIRST_VIEW = '/app/stations/width/Page.vue'
const MOST_PARTS = 10

/** A package, or a room of ours: `app/frame`, `core/pairing`, `app/stations/width`. */
function partOf(root: string, id: string): string {
  const path = id.replace(root, '').replace(/^[\0/]+|\?.*$/g, '')
  const [, inPackages] = /.*node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(path) ?? []
  if (inPackages) return inPackages
  const depth = path.startsWith('app/stations/') ? 3 : 2
  return /^(app|core|db|shared|workers)\//.test(path)
    ? path.split('/').slice(0, depth).join('/')
    : 'the build itself'
}

/** Every script that the entry and the first view ask for at once. */
function firstScripts(bundle: Readonly<Record<string, Chunk>>): string[] {
  const asked = Object.keys(bundle).filter(
    file => bundle[file]!.isEntry || bundle[file]!.facadeModuleId?.split('?')[0]?.endsWith(FIRST_VIEW),
  )
  const seen = new Set<string>()
  for (const file of asked) {
    if (seen.has(file) || !bundle[file]?.code) continue
    seen.add(file)
    asked.push(...bundle[file].imports)
  }
  return [...seen]
}

function table(root: string, bundle: Readonly<Record<string, Chunk>>): string {
  const bytes = new Map<string, number>()
  let whole = 0
  for (const file of firstScripts(bundle)) {
    const { code, modules = {} } = bundle[file]!
    const packed = gzipSync(code).length
    whole += packed
    const raw = Object.values(modules).reduce((sum, { renderedLength }) => sum + renderedLength, 0)
    for (const [id, { renderedLength }] of Object.entries(modules)) {
      const part = partOf(root, id)
      bytes.set(part, (bytes.get(part) ?? 0) + (packed * renderedLength) / Math.max(1, raw))
    }
  }
  const kB = (count: number) => `${(count / 1000).toFixed(1)} kB`
  const largest = [...bytes].sort(([, a], [, b]) => b - a).slice(0, MOST_PARTS)
  const rest = whole - largest.reduce((sum, [, count]) => sum + count, 0)
  const rows = [
    ...largest,
    [`${bytes.size - largest.length} others`, rest] as const,
    ['all of it', whole] as const,
  ]
  return [
    '| part of the first screen | script, gzip |',
    '|---|---|',
    ...rows.map(([part, count]) => `| ${part} | ${kB(count)} |`),
    '',
  ].join('\n')
}

/** Writes what each part of the first screen costs, as its share of the packed scripts it lies in. */
export default defineNuxtModule({
  meta: { name: 'first-screen' },
  setup(_, nuxt) {
    if (nuxt.options.dev || nuxt.options._prepare) return
    const root = nuxt.options.rootDir
    addVitePlugin(
      {
        name: 'first-screen',
        enforce: 'post',
        writeBundle: (_options: unknown, bundle: object) => {
          mkdirSync(join(root, '.cache'), { recursive: true })
          const scripts = bundle as Record<string, Chunk>
          writeFileSync(join(root, '.cache/first-screen.md'), table(root, scripts))
        },
      },
      { server: false },
    )
  },
})
