import type { Station } from '../station'

export const edges: Station = {
  group: 'Sew',
  name: 'Appliqué edges',
  folder: 'edges',
  key: '7',
  icon: 'i-lucide-leaf',
  views: [
    { name: 'Edge', path: '/edge', page: 'Page.vue', axe: true, shot: 'edge' },
    { name: 'Lines', path: '/lines', page: 'LinesPage.vue', axe: true, shot: 'lines' },
  ],
  keys: [],
}
