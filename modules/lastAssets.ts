import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'

const ASSETS = '_nuxt'

const ownPath = (root: string, id: string) => id.replace(root, '').replace(/^\/|\?.*$/g, '')

/** By source file of ours: the script of the build it went into. Tests take scripts away by it. */
function chunkOf(root: string, bundle: object): Record<string, string> {
  const chunks = Object.entries(bundle as Record<string, { readonly modules?: object }>)
  const pairs = chunks.flatMap(([file, { modules = {} }]) =>
    Object.keys(modules).map(id => [ownPath(root, id), file] as const),
  )
  return Object.fromEntries(pairs)
}

/**
 * Keeps the files of the build before beside those of this one, so that a tab that was opened before it
 * still finds what it asks for later: its views and its workers.
 */
export default defineNuxtModule({
  meta: { name: 'last-assets' },
  setup(_, nuxt) {
    if (nuxt.options.dev || nuxt.options._prepare) return
    const root = nuxt.options.rootDir
    const kept = join(root, '.cache/last-assets')
    const list = join(root, '.cache/own-assets.json')
    const built = join(root, '.output/public', ASSETS)

    // The build that is about to go: its own files only, not what it kept of the one before.
    const own = existsSync(list) ? (JSON.parse(readFileSync(list, 'utf8')) as string[]) : []
    const leaving = join(root, '.cache/leaving-assets')
    rmSync(leaving, { recursive: true, force: true })
    for (const file of own.filter(one => existsSync(join(built, one))))
      cpSync(join(built, file), join(leaving, file))
    mkdirSync(join(kept, ASSETS), { recursive: true })
    // Its type is a newer server's than the one that is installed.
    const nitro = nuxt.options.nitro as { publicAssets?: object[] }
    const year = 60 * 60 * 24 * 365
    nitro.publicAssets = [
      ...(nitro.publicAssets ?? []),
      { dir: join(kept, ASSETS), baseURL: `/${ASSETS}`, maxAge: year, fallthrough: true },
    ]
    addVitePlugin(
      {
        name: 'own-assets',
        enforce: 'post',
        writeBundle: (_options: unknown, bundle: object) => {
          const files = Object.keys(bundle).flatMap(file =>
            file.startsWith(`${ASSETS}/`) ? [file.slice(ASSETS.length + 1)] : [],
          )
          // The same build again leaves what is kept as it is.
          const isNew = files.some(file => !own.includes(file))
          if (isNew && existsSync(leaving)) {
            rmSync(kept, { recursive: true, force: true })
            cpSync(leaving, join(kept, ASSETS), { recursive: true })
          }
          rmSync(leaving, { recursive: true, force: true })
          writeFileSync(list, JSON.stringify(files))
          writeFileSync(join(root, '.cache/chunks.json'), JSON.stringify(chunkOf(root, bundle)))
        },
      },
      { server: false },
    )
  },
})
