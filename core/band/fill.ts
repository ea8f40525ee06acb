import { requireFew, requireInRange } from '#core/errors'

/** A stitch one likes, by what it is called and how wide it is. */
export interface BandChoice {
  readonly id: string
  readonly widthMm: number
}

/** Rows from edge to edge, the same read either way, and how far they are off the band. */
export interface Stack {
  readonly ids: readonly string[]
  readonly offMm: number
}

export const MOST_CHOICES = 12
export const MOST_STACK_ROWS = 9
/** Offs alike within this are alike, in mm. */
const SAME_MM = 1e-9

/** So many stacks are told at once. */
export const MOST_STACKS = 2000

/** The best stacks of a band, and how many there are in all. */
export interface BandStacks {
  /** The fewest rows first, then the nearest, then by what they are called. */
  readonly stacks: readonly Stack[]
  readonly count: number
}

/**
 * Every symmetric stack of rows that makes a band so wide: the fewest rows first, then the nearest, then by
 * what they are called.
 *
 * @throws {CoreError} `too-many`, over 2000 stacks too; `out-of-range`.
 *
 * @example
 * fillBand(17, [{ id: 'a', widthMm: 5 }, { id: 'b', widthMm: 7 }], 0, 0.2, 3)[0].ids // ['a', 'b', 'a']
 */
export function fillBand(...asked: Asked): readonly Stack[] {
  const { stacks, count } = bestStacks(...asked, MOST_STACKS)
  requireFew(count, MOST_STACKS, 'toleranceMm', 'stacks')
  return stacks
}

type Asked = [
  bandMm: number,
  choices: readonly BandChoice[],
  overlapMm: number,
  toleranceMm: number,
  mostRows: number,
]

/**
 * The best of all symmetric stacks of a band, and how many there are.
 *
 * @param bandMm - over 0 to 1000.
 * @param choices - 1 to 12.
 * @param overlapMm - between neighbours; negative: a gap.
 * @param toleranceMm - how far off the band may come out.
 * @param mostRows - 1 to 9.
 * @param most - how many are told.
 * @throws {CoreError} `too-many`, `out-of-range`.
 *
 * @example
 * bestStacks(17, [{ id: 'a', widthMm: 5 }, { id: 'b', widthMm: 7 }], 0, 0.2, 3, 50).count // 1
 */
export function bestStacks(
  bandMm: number,
  choices: readonly BandChoice[],
  overlapMm: number,
  toleranceMm: number,
  mostRows: number,
  most: number,
): BandStacks {
  requireInRange(bandMm, 'bandMm', 0.1, 1000)
  requireInRange(overlapMm, 'overlapMm', -100, 100)
  requireInRange(toleranceMm, 'toleranceMm', 0, 100)
  requireInRange(mostRows, 'mostRows', 1, MOST_STACK_ROWS)
  requireFew(choices.length, MOST_CHOICES, 'choices', 'stitches')
  choices.forEach(({ widthMm }, i) => requireInRange(widthMm, `choices.${i}.widthMm`, 0.01, 100))
  const named = choices.toSorted((a, b) => byName(a.id, b.id))
  const stacks: Stack[] = []
  let count = 0
  for (let rows = 1; rows <= mostRows; rows++) {
    // What the rows themselves must come to: neighbours share their overlap.
    const wantedMm = bandMm + (rows - 1) * overlapMm
    const halves = halvesNear(named, rows, wantedMm, toleranceMm + SAME_MM)
    count += halves.length
    // More rows are never before fewer ones.
    const room = most - stacks.length
    if (room <= 0) continue
    for (const { code, offMm } of halves.sort(byOffThenName).slice(0, room))
      stacks.push({ ids: mirrored(code, named, rows), offMm })
  }
  return { stacks, count }
}

/**
 * The left half of a stack with its middle row: its stitches by their places among those that are named in
 * order, as the digits of one number.
 */
interface Half {
  readonly code: number
  readonly offMm: number
}

/** Every left half whose stack comes near enough; what cannot come near any more is not gone on with. */
function halvesNear(
  choices: readonly BandChoice[],
  rows: number,
  wantedMm: number,
  withinMm: number,
): Half[] {
  const widths = choices.map(({ widthMm }) => widthMm)
  const [least, most] = [Math.min(...widths), Math.max(...widths)]
  const deep = Math.ceil(rows / 2)
  /** A row of the half stands twice in the stack, but for the middle one of an odd number. */
  const times = (depth: number) => (rows % 2 === 1 && depth === deep - 1 ? 1 : 2)
  const found: Half[] = []
  function goOn(widthMm: number, depth: number, code: number): void {
    if (depth === deep) {
      if (Math.abs(widthMm - wantedMm) <= withinMm) found.push({ code, offMm: widthMm - wantedMm })
      return
    }
    const left = rows - 2 * depth
    const isNear =
      widthMm + left * least <= wantedMm + withinMm && widthMm + left * most >= wantedMm - withinMm
    if (!isNear) return
    widths.forEach((mm, i) => goOn(widthMm + times(depth) * mm, depth + 1, MOST_CHOICES * code + i))
  }
  goOn(0, 0, 0)
  return found
}

function mirrored(code: number, choices: readonly BandChoice[], rows: number): string[] {
  const deep = Math.ceil(rows / 2)
  const half = Array.from({ length: deep }, (_, depth) => {
    const place = Math.floor(code / MOST_CHOICES ** (deep - 1 - depth)) % MOST_CHOICES
    return choices[place]!.id
  })
  return [...half, ...half.slice(0, Math.floor(rows / 2)).toReversed()]
}

function byOffThenName(a: Half, b: Half): number {
  const apart = Math.abs(a.offMm) - Math.abs(b.offMm)
  return Math.abs(apart) > SAME_MM ? apart : a.code - b.code
}
function byName(a: string, b: string): number {
  if (a === b) return 0
  return a < b ? -1 : 1
}
