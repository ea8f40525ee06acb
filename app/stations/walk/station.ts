import type { Station } from '../station'

export const walk: Station = {
  group: 'Prepare',
  name: 'Threading walk',
  folder: 'walk',
  key: '3',
  icon: 'i-lucide-footprints',
  views: [
    { name: 'Walk', path: '/walk', page: 'Page.vue', axe: true, shot: 'threading-walk' },
    // Stands alone, without the frame.
    { name: 'Bench card', path: '/card', page: 'CardPage.vue', key: 'B', axe: false, shot: 'bench-card' },
    { name: 'Put back', path: '/putback', page: 'PutBackPage.vue', axe: true, shot: null },
    { name: 'Care', path: '/care', page: 'CarePage.vue', axe: true, shot: null },
  ],
  keys: ['stepDone', 'stepBack', 'leaveCard'],
}
