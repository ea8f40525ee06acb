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
  for (let rows = 1; rows <= mostRows; rows++) {
    // What the rows themselves must come to: neighbours share their overlap.
    const wantedMm = bandMm + (rows - 1) * overlapMm
    for (const { half, widthMm } of halvesNear(choices, rows, wantedMm, toleranceMm + SAME_MM))
      found.push({ ids: mirrored(half, rows), offMm: widthMm - wantedMm })
  }
  return found.sort(byRowsThenOff)
}

/** The left half of a stack with its middle row, and how wide the whole stack is. */
interface Half {
  readonly half: readonly string[]
  readonly widthMm: number
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
  const half: string[] = []
  function goOn(widthMm: number, depth: number): void {
    const left = rows - 2 * depth
    const isNear =
      widthMm + left * least <= wantedMm + withinMm && widthMm + left * most >= wantedMm - withinMm
    if (depth === deep) {
      if (Math.abs(widthMm - wantedMm) <= withinMm) found.push({ half: [...half], widthMm })
      return
    }
    if (!isNear) return
    for (const choice of choices) {
      half.push(choice.id)
      goOn(widthMm + times(depth) * choice.widthMm, depth + 1)
      half.pop()
    }
  }
  goOn(0, 0)
  return found
}

const mirrored = (half: readonly string[], rows: number): string[] => [
  ...half,
  ...half.slice(0, Math.floor(rows / 2)).toReversed(),
]

function byRowsThenOff(a: Stack, b: Stack): number {
  const apart = Math.abs(a.offMm) - Math.abs(b.offMm)
  return a.ids.length - b.ids.length || (Math.abs(apart) > SAME_MM ? apart : byIds(a.ids, b.ids))
}
function byIds(a: readonly string[], b: readonly string[]): number {
  const at = a.findIndex((id, i) => id !== b[i])
  if (at < 0) return 0
  return a[at]! < b[at]! ? -1 : 1
}
