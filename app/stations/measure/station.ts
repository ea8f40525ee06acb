import type { Station } from '../station'

export const measure: Station = {
  group: 'Keep',
  name: 'Measure',
  folder: 'measure',
  key: 'M',
  icon: 'i-lucide-ruler',
  views: [
    { name: 'Not measured', path: '/measure', page: 'Page.vue', axe: true, shot: 'measure' },
    { name: 'Wedge gauge', path: '/measure-gauge', page: 'GaugePage.vue', axe: true, shot: 'wedge-gauge' },
    { name: 'Photo', path: '/measure-photo', page: 'PhotoPage.vue', axe: true, shot: 'measure-photo' },
    { name: 'Counting', path: '/measure-count', page: 'CountPage.vue', axe: true, shot: null },
    { name: 'On screen', path: '/measure-screen', page: 'ScreenPage.vue', axe: true, shot: null },
  ],
  keys: [],
}
