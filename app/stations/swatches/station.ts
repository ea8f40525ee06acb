import type { Station } from '../station'

export const swatches: Station = {
  group: 'Keep',
  name: 'Swatch book',
  folder: 'swatches',
  key: '9',
  icon: 'i-lucide-book-open',
  views: [{ name: 'Swatch book', path: '/swatches', page: 'Page.vue', axe: true, shot: 'swatch-book' }],
  keys: [],
}
