import type { Station } from '../station'

export const pairing: Station = {
  group: 'Plan',
  name: 'Thread and needle',
  folder: 'pairing',
  key: '2',
  icon: 'i-lucide-spool',
  views: [
    { name: 'Pairing', path: '/pairing', page: 'Page.vue', axe: true, shot: 'thread-and-needle' },
    { name: 'Which twins to own', path: '/twins', page: 'TwinsPage.vue', axe: true, shot: null },
    { name: 'How do we know', path: '/evidence', page: 'EvidencePage.vue', axe: true, shot: null },
  ],
  keys: [],
}
