import type { Station } from '../station'

export const files: Station = {
  group: 'Keep',
  name: 'Files',
  folder: 'files',
  key: 'F',
  icon: 'i-lucide-folder-open',
  views: [
    { name: 'Files', path: '/files', page: 'Page.vue', axe: true, shot: null },
    { name: 'Link or code', path: '/open', page: 'OpenPage.vue', axe: true, shot: null },
  ],
  keys: [],
}
