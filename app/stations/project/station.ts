import type { Station } from '../station'

export const project: Station = {
  group: 'Sew',
  name: 'Project',
  folder: 'project',
  key: 'O',
  icon: 'i-lucide-list-ordered',
  views: [
    { name: 'Order of work', path: '/project', page: 'Page.vue', axe: true, shot: 'project' },
    {
      name: 'Pieces',
      path: '/pieces',
      page: 'PiecesPage.vue',
      key: 'P',
      axe: true,
      shot: 'build-up',
      formerly: ['/plans', '/pintucks-kept', '/topstitch-kept', '/edge-kept', '/band-kept'],
    },
    { name: 'Sew it', path: '/project-sew', page: 'SewPage.vue', axe: true, shot: 'sew-mode' },
  ],
  keys: [],
}
