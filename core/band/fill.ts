import { CoreError, requireInRange } from '#core/errors'

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

/**
 * Every symmetric stack of rows that makes a band so wide: the fewest rows first, then the nearest, then by
 * what they are called.
 *
 * @param bandMm - over 0 to 1000.
 * @param choices - 1 to 12.
 * @param overlapMm - between neighbours; negative: a gap.
 * @param toleranceMm - how far off the band may come out.
 * @param mostRows - 1 to 9.
 * @throws {CoreError} `too-many`, `out-of-range`.
 *
 * @example
 * fillBand(17, [{ id: 'a', widthMm: 5 }, { id: 'b', widthMm: 7 }], 0, 0.2, 3)[0].ids // ['a', 'b', 'a']
 */
export function fillBand(
  bandMm: number,
  choices: readonly BandChoice[],
  overlapMm: number,
  toleranceMm: number,
  mostRows: number,
): Stack[] {
  requireInRange(bandMm, 'bandMm', 0.1, 1000)
  requireInRange(overlapMm, 'overlapMm', -100, 100)
  requireInRange(toleranceMm, 'toleranceMm', 0, 100)
  requireInRange(mostRows, 'mostRows', 1, MOST_STACK_ROWS)
  if (choices.length > MOST_CHOICES)
    throw new CoreError('too-many', `There are ${choices.length} stitches; ${MOST_CHOICES} are the most`, {
      field: 'choices',
      most: MOST_CHOICES,
    })
  choices.forEach(({ widthMm }, i) => requireInRange(widthMm, `choices.${i}.widthMm`, 0.01, 100))
  const found: Stack[] = []
  for (let rows = 1; rows <= mostRows; rows++)
    for (const half of halves(choices, rows)) {
      const ids = mirrored(half, rows)
      const widthMm = ids.reduce((sum, { widthMm: mm }) => sum + mm, 0) - (rows - 1) * overlapMm
      const offMm = widthMm - bandMm
      if (Math.abs(offMm) <= toleranceMm + SAME_MM) found.push({ ids: ids.map(({ id }) => id), offMm })
    }
  return found.sort(byRowsThenOff)
}

/** Every way to choose the left half, its middle row with it. */
function halves(choices: readonly BandChoice[], rows: number): BandChoice[][] {
  return Array.from({ length: Math.ceil(rows / 2) }).reduce<BandChoice[][]>(
    found => found.flatMap(half => choices.map(choice => [...half, choice])),
    [[]],
  )
}

function mirrored(half: readonly BandChoice[], rows: number): BandChoice[] {
  return [...half, ...half.slice(0, Math.floor(rows / 2)).reverse()]
}

function byRowsThenOff(a: Stack, b: Stack): number {
  const apart = Math.abs(a.offMm) - Math.abs(b.offMm)
  return a.ids.length - b.ids.length || (Math.abs(apart) > SAME_MM ? apart : byIds(a.ids, b.ids))
}
function byIds(a: readonly string[], b: readonly string[]): number {
  const at = a.findIndex((id, i) => id !== b[i])
  if (at < 0) return 0
  return a[at]! < b[at]! ? -1 : 1
}
