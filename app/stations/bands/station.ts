import type { Station } from '../station'

export const bands: Station = {
  group: 'Sew',
  name: 'Bands and ribbon',
  folder: 'bands',
  key: '8',
  icon: 'i-lucide-align-horizontal-justify-center',
  views: [{ name: 'Band', path: '/band', page: 'Page.vue', axe: true, shot: 'bands' }],
  keys: [],
}
