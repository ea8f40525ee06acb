import { type FunctionalComponent, h } from 'vue'

/**
 * A sign, by its class in the style sheet of all icons. It stands in for the icon module's own component,
 * which also knows how to fetch, cache and redraw icons: nothing here is ever fetched.
 */
const Icon: FunctionalComponent<{
  name: string
  mode?: string
  size?: string | number
  customize?: unknown
}> = ({ name }) =>
  h('span', { 'class': ['iconify', name.replace(/^i-lucide-/, 'i-lucide:')], 'aria-hidden': true })
Icon.props = ['name', 'mode', 'size', 'customize']
export default Icon
