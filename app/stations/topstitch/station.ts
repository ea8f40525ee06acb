import type { Station } from '../station'

export const topstitch: Station = {
  group: 'Sew',
  name: 'Topstitching',
  folder: 'topstitch',
  key: '6',
  icon: 'i-lucide-square-dashed',
  views: [{ name: 'Plan', path: '/topstitch', page: 'Page.vue', axe: true, shot: 'topstitching' }],
  keys: [],
}
