import type { Station } from '../station'

export const width: Station = {
  group: 'Plan',
  name: 'Width and swing',
  folder: 'width',
  key: '1',
  icon: 'i-lucide-move-horizontal',
  views: [
    { name: 'Plan', path: '/', page: 'Page.vue', axe: true, shot: 'width-and-swing' },
    { name: 'Compare', path: '/compare', page: 'ComparePage.vue', key: 'C', axe: true, shot: null },
  ],
  keys: ['narrower', 'wider', 'safeWidth', 'nextNeedle', 'namePiece', 'nextDrop', 'lastDrop'],
}
