import type { Station } from '../station'

export const workbox: Station = {
  group: 'Keep',
  name: 'Workbox',
  folder: 'workbox',
  key: '0',
  icon: 'i-lucide-archive',
  views: [{ name: 'Workbox', path: '/workbox', page: 'Page.vue', axe: true, shot: 'workbox' }],
  keys: [],
}
