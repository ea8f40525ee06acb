import type { Station } from '../station'

export const trial: Station = {
  group: 'Prepare',
  name: 'Trial strip',
  folder: 'trial',
  key: '4',
  icon: 'i-lucide-sliders-horizontal',
  views: [
    { name: 'Strip', path: '/trial', page: 'Page.vue', axe: true, shot: 'trial-strip' },
    { name: 'Troubleshooting', path: '/signs', page: 'SignsPage.vue', axe: true, shot: null },
    { name: 'Practice', path: '/practice', page: 'PracticePage.vue', axe: true, shot: null },
  ],
  keys: [],
}
