import type { Station } from '../station'

export const pintucks: Station = {
  group: 'Sew',
  name: 'Pintucks',
  folder: 'pintucks',
  key: '5',
  icon: 'i-lucide-rows-3',
  views: [{ name: 'Plan', path: '/pintucks', page: 'Page.vue', axe: true, shot: 'pintucks' }],
  keys: [],
}
