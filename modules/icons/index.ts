import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import lucide from '@iconify-json/lucide/icons.json' with { type: 'json' }
import { getIconsCSS } from '@iconify/utils'
import { addTemplate, createResolver, defineNuxtModule } from 'nuxt/kit'

/**
 * The icons the app and the interface kit name, as one style sheet, and a component that needs no more.
 * Without it each icon brings a style element of its own when it is first shown, before all others, and the
 * browser then styles and lays out the whole page anew; and the code that would fetch icons comes along.
 */
export default defineNuxtModule({
  meta: { name: 'icons' },
  setup(_, nuxt) {
    const { dst } = addTemplate({
      filename: 'icons.css',
      write: true,
      getContents: () => styleSheet([...iconsNamedIn(nuxt.options.srcDir), ...iconsOfTheKit(nuxt.options)]),
    })
    nuxt.options.css.push(dst)
    const ours = createResolver(import.meta.url).resolve('./Icon')
    // Asked last: the kit brings the icon module only at its own end.
    nuxt.hook('modules:done', () => {
      nuxt.hook('components:extend', components => {
        for (const component of components)
          if (component.pascalName === 'Icon') Object.assign(component, { filePath: ours, shortPath: ours })
      })
    })
    nuxt.hook('app:resolve', app => {
      app.plugins = app.plugins.filter(({ src }) => !src.includes('@nuxt/icon'))
    })
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
  return named
}

/** Arrows, ticks and crosses that parts of the kit draw by themselves. */
function iconsOfTheKit({ appConfig }: { appConfig: object }): string[] {
  const { ui } = appConfig as { ui: { icons: Record<string, string> } }
  return Object.values(ui.icons).map(icon => icon.replace(/^i-lucide-/, ''))
}

function styleSheet(named: readonly string[]): string {
  const names = [...new Set(named)].sort()
  const unknown = names.filter(name => !(name in lucide.icons) && !(name in lucide.aliases))
  if (unknown.length > 0) throw new Error(`No such icon: ${unknown.join(', ')}`)
  // The name and the layer are the icon component's, so that it finds them there and a size of ours wins.
  const rules = getIconsCSS(lucide, names, {
    iconSelector: String.raw`:where(.i-{prefix}\:{name})`,
    format: 'compressed',
  })
  return `@layer base { ${rules} }`
}
