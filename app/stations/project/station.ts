import type { Station } from '../station'

export const project: Station = {
  group: 'Sew',
  name: 'Project',
  folder: 'project',
  key: 'O',
  icon: 'i-lucide-list-ordered',
  views: [
    { name: 'Order of work', path: '/project', page: 'Page.vue', axe: true, shot: null },
    { name: 'Sew it', path: '/project-sew', page: 'SewPage.vue', axe: true, shot: null },
  ],
  keys: [],
}
