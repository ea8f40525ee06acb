import type { Change } from '#core/order'
import type { ItemKind } from '#core/project'
import { formatShort } from '#core/units'
import type { ItemDials } from '#shared/inputs'

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

const FROM_WORDS = { sewn: 'as it was sewn', plan: 'planned', setup: '' } as const
/** Stitch, width, length and tension of an item in words, each with what it is called. */
export function dialWords({ numbers, from }: ItemDials, bare: (mm: number) => string) {
  const { stitch, widthMm, lengthsMm, tension } = numbers
  const width = bare(widthMm)
  const length = lengthsMm.map(mm => bare(mm)).join(' and ')
  const size = widthMm > 0 ? `${width} × ${length}` : length
  return {
    width,
    length,
    tension: tension === null ? 'not set' : formatShort(tension),
    from: FROM_WORDS[from],
    line: [`${stitch} ${size}`, tension !== null && `tension ${formatShort(tension)}`, FROM_WORDS[from]]
      .filter(Boolean)
      .join(', '),
  }
}
