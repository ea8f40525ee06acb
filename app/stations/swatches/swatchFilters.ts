import { GOAL_FACTS } from '#core/trial'
import { needleSearchText } from '#core/needle'
import type { Swatch } from '#shared/records'

/** What a book can be narrowed by: each with the value a swatch has. */
export const SWATCH_FILTERS = [
  ['goal', 'Goal', (s: Swatch) => GOAL_FACTS[s.goal].name],
  [
    'thread',
    'Thread',
    (s: Swatch) =>
      (s.frozen.threads.left ?? s.frozen.threads.right ?? s.frozen.threads.middle)?.name ?? 'none',
  ],
  ['needle', 'Needle', (s: Swatch) => s.frozen.needle?.type ?? 'none'],
  ['stitch', 'Stitch', (s: Swatch) => s.frozen.stitch?.name ?? 'gone'],
  ['machine', 'Machine', (s: Swatch) => s.frozen.machine?.name ?? 'none'],
  ['cloth', 'Cloth', (s: Swatch) => s.frozen.cloth?.name ?? 'none'],
  ['verdict', 'Verdict', (s: Swatch) => s.verdict],
] as const
export type SwatchFilter = (typeof SWATCH_FILTERS)[number][0]

/**
 * All values there are to narrow a book by. What a search looks through is worked out on the way, so that the
 * first one is no slower.
 */
export function valuesOf(all: readonly Swatch[]): Record<SwatchFilter, ReadonlySet<string>> {
  all.forEach(textOf)
  return Object.fromEntries(
    SWATCH_FILTERS.map(([id, , of]) => [id, new Set(all.map(of))]),
  ) as unknown as Record<SwatchFilter, ReadonlySet<string>>
}

const texts = new WeakMap<Swatch, string>()
/** All a search looks through, worked out once. */
function textOf(swatch: Swatch): string {
  const known = texts.get(swatch) ?? swatchText(swatch)
  texts.set(swatch, known)
  return known
}

/** In small letters; twin and double are the same needle. */
function swatchText({ name, note, frozen, goal }: Swatch): string {
  const { needle, threads, bobbin } = frozen
  return [
    name,
    note,
    GOAL_FACTS[goal].name,
    frozen.machine?.name,
    frozen.stitch?.name,
    frozen.cloth?.name,
    frozen.stabilizer,
    frozen.foot,
    bobbin?.name,
    threads.left?.name,
    threads.middle?.name,
    threads.right?.name,
    needle && needleSearchText(needle),
  ]
    .join(' ')
    .toLowerCase()
}

/** The swatches that match every word and every filter that is set, in the order given. */
export function findSwatches(
  all: readonly Swatch[],
  search: string,
  chosen: Readonly<Partial<Record<SwatchFilter, string>>>,
): Swatch[] {
  const words = search
    .toLowerCase()
    .replace(/\bdouble\b/g, 'twin')
    .split(/\s+/)
    .filter(Boolean)
  const set = SWATCH_FILTERS.filter(([id]) => (chosen[id] ?? '') !== '')
  if (set.length === 0 && words.length === 0) return [...all]
  return all.filter(
    swatch =>
      set.every(([id, , of]) => of(swatch) === chosen[id])
      && words.every(word => textOf(swatch).includes(word)),
  )
}
