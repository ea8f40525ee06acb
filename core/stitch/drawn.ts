import { CoreError } from '#core/errors'
import type { Drop } from './landing'
import { libraryAlike } from './alike'
import type { UnitDrop } from './shape'

/** A stitch made from drops in mm: its shape for width 1 and length 1, and the size it was drawn at. */
export interface DrawnStitch {
  readonly drops: readonly UnitDrop[]
  /** Repeat in stitch lengths. */
  readonly repeat: number
  readonly widthMm: number
  readonly lengthMm: number
  /** How far the drawing's middle stood from x = 0; kept apart, because the needle position sets it. */
  readonly middleMm: number
}

/** Drops this near are one hole, in mm. */
const SAME_MM = 1e-6

/**
 * Turns drops drawn in mm into a stitch that can be widened and lengthened. What is drawn like a stitch of
 * the library counts its length as that does, so that it is dialled the same.
 *
 * A drawing that ends at the x where it began, further along, is taken as closed: its last drop is the
 * first of the next repeat. Otherwise the repeat is the drawing's length and one more average step.
 *
 * @param drops - in sewing order, in mm.
 * @param repeatMm - how far one repeat moves, when the caller knows; otherwise worked out as above.
 * @returns The shape; one stitch length is the average step along the seam.
 * @throws {CoreError} `no-drops`; `non-finite`; `bad-repeat` when the drawing does not move forward.
 *
 * @example
 * stitchFromDrops([{ xMm: -2, yMm: 0 }, { xMm: 2, yMm: 1.5 }, { xMm: -2, yMm: 3 }]) // zigzag, w 4, L 1.5
 */
export function stitchFromDrops(drops: readonly Drop[], repeatMm?: number): DrawnStitch {
  const first = drops[0]
  if (!first) throw new CoreError('no-drops', 'A stitch needs at least one needle drop')
  const bad = drops.findIndex(({ xMm, yMm }) => !Number.isFinite(xMm) || !Number.isFinite(yMm))
  if (bad >= 0) throw new CoreError('non-finite', `Drop ${bad + 1} is not a pair of numbers`, { index: bad })

  const last = drops[drops.length - 1]!
  const run = last.yMm - first.yMm
  const closed =
    repeatMm === undefined && drops.length > 2 && Math.abs(last.xMm - first.xMm) < SAME_MM && run > SAME_MM
  const kept = closed ? drops.slice(0, -1) : drops
  const repeat = repeatMm ?? (closed ? run : run + run / (drops.length - 1))
  if (!(repeat > SAME_MM)) {
    throw new CoreError(
      'bad-repeat',
      'The stitch must move forward along the seam. Give the repeat a length above 0 mm',
    )
  }

  const xs = kept.map(({ xMm }) => xMm)
  const left = Math.min(...xs)
  const widthMm = Math.max(...xs) - left
  const middleMm = left + widthMm / 2
  const shares = kept.map(({ xMm, yMm }) => ({
    x: widthMm > SAME_MM ? (xMm - middleMm) / widthMm : 0,
    y: (yMm - first.yMm) / repeat,
  }))
  const alike = libraryAlike({ drops: shares, repeat: 1 })
  const lengths = alike?.repeat ?? kept.length
  // Straight on is one stitch, however many of them were drawn.
  const [once, count] = alike?.id === 'straight' ? [shares.slice(0, 1), kept.length] : [shares, 1]
  return {
    drops: once.map(({ x, y }) => ({ x, y: y * lengths })),
    repeat: lengths,
    widthMm: widthMm > SAME_MM ? widthMm : 0,
    lengthMm: repeat / count / lengths,
    middleMm,
  }
}
