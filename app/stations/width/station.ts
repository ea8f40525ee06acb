import type { Station } from '../station'

export const width: Station = {
  group: 'Plan',
  name: 'Width and swing',
  folder: 'width',
  key: '1',
  icon: 'i-lucide-move-horizontal',
  views: [
    { name: 'Plan', path: '/', page: 'Page.vue', axe: true, shot: 'width-and-swing' },
    { name: 'Compare', path: '/compare', page: 'ComparePage.vue', key: 'C', axe: true, shot: 'compare' },
    { name: 'Kept plans', path: '/plans', page: 'PlansPage.vue', key: 'P', axe: true, shot: null },
  ],
  keys: [
    ['[  ]', 'Width 0.1 mm narrower, wider'],
    ['W', 'Set the safe width'],
    ['N', 'Next needle you own'],
    ['K', 'Keep this plan'],
    ['.', 'Turn the handwheel to the next drop'],
    [',', 'Turn it back one drop'],
  ],
}
