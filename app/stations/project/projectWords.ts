import type { Change } from '#core/order'
import type { ItemKind } from '#core/project'

export const KIND_WORDS: Readonly<Record<ItemKind, string>> = {
  pintucks: 'pintucks',
  topstitching: 'topstitching',
  edge: 'appliqué edge',
  lines: 'line drawing',
  band: 'band',
  seam: 'seam or line',
  cut: 'cutting',
  fuse: 'fusing',
  press: 'pressing',
  other: 'by hand',
}
export const KIND_ICONS: Readonly<Record<ItemKind, string>> = {
  pintucks: 'i-lucide-rows-3',
  topstitching: 'i-lucide-square-dashed-bottom',
  edge: 'i-lucide-leaf',
  lines: 'i-lucide-spline',
  band: 'i-lucide-align-horizontal-justify-center',
  seam: 'i-lucide-bookmark',
  cut: 'i-lucide-scissors',
  fuse: 'i-lucide-layers',
  press: 'i-lucide-flame',
  other: 'i-lucide-hand',
}
export const CHANGE_WORDS: Readonly<Record<Change, string>> = {
  machine: 'Machine',
  needle: 'Needle',
  thread: 'Thread',
  bobbin: 'Bobbin',
  plate: 'Plate',
  foot: 'Foot',
  stabilizer: 'Stabilizer',
  tension: 'Tension, with a test row',
}

/** Each kind of change once, with how often: “needle, 2 threads”. */
export function changeList(
  changes: readonly Change[],
): { readonly change: Change; readonly times: number }[] {
  return [...new Set(changes)].map(change => ({
    change,
    times: changes.filter(one => one === change).length,
  }))
}
