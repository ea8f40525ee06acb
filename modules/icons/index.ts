import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import lucide from '@iconify-json/lucide/icons.json' with { type: 'json' }
import { getIconsCSS } from '@iconify/utils'
import { addTemplate, defineNuxtModule } from 'nuxt/kit'

/**
 * The icons the app names, as one style sheet. Without it each icon brings a style element of its own when it
 * is first shown, before all others, and the browser then styles and lays out the whole page anew.
 */
export default defineNuxtModule({
  meta: { name: 'icon-styles' },
  setup(_, nuxt) {
    const { dst } = addTemplate({
      filename: 'icons.css',
      write: true,
      getContents: () => styleSheet(iconsNamedIn(nuxt.options.srcDir)),
    })
    nuxt.options.css.push(dst)
  },
})

function iconsNamedIn(folder: string): string[] {
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter(path =>
    /\.(vue|ts)$/.test(path),
  )
  const named = files.flatMap(path =>
    [...readFileSync(join(folder, path), 'utf8').matchAll(/\bi-lucide-([a-z0-9-]+)/g)].map(
      ([, name]) => name!,
    ),
  )
  return [...new Set(named)].sort()
}

function styleSheet(names: readonly string[]): string {
  const unknown = names.filter(name => !(name in lucide.icons) && !(name in lucide.aliases))
  if (unknown.length > 0) throw new Error(`No such icon: ${unknown.join(', ')}`)
  // The name and the layer are the icon component's, so that it finds them there and a size of ours wins.
  const rules = getIconsCSS(lucide, [...names], {
    iconSelector: String.raw`:where(.i-{prefix}\:{name})`,
    format: 'compressed',
  })
  return `@layer base { ${rules} }`
}
