import { requireInRange } from '#core/errors'

/** How wide a pattern piece is at a height, in mm; heights from its lower edge. */
export interface WidthAt {
  readonly atMm: number
  readonly widthMm: number
}

/** The pattern piece at one height, laid over the tucked cloth. */
export interface CutWidth extends WidthAt {
  /** The cutting line, from the cloth's left edge. */
  readonly leftMm: number
  readonly rightMm: number
  /** How much the cloth is too narrow there; 0: it fits. */
  readonly shortMm: number
  /** Tucks that the cutting line leaves out, by their index. */
  readonly cutOff: readonly number[]
}

export interface OutlineFit {
  readonly cuts: readonly CutWidth[]
  /** From and to which height the cloth is too narrow; null: it fits everywhere. */
  readonly tooNarrow: { readonly fromMm: number; readonly toMm: number; readonly shortMm: number } | null
}

/**
 * A pattern piece laid in the middle of tucked cloth: where it no longer fits.
 *
 * @param widths - at one height or several; between two it runs straight.
 * @param clothMm - how wide the cloth is with its tucks sewn.
 * @param finishedMm - the tucks' centre lines on it, from its left edge.
 *
 * @example
 * outlineFit([{ atMm: 0, widthMm: 310 }, { atMm: 400, widthMm: 340 }], 320, []).tooNarrow
 * // { fromMm: 133.3, toMm: 400, shortMm: 20 }
 */
export function outlineFit(
  widths: readonly WidthAt[],
  clothMm: number,
  finishedMm: readonly number[],
): OutlineFit {
  requireInRange(clothMm, 'clothMm', 0, 10_000)
  const sorted = [...widths].sort((a, b) => a.atMm - b.atMm)
  for (const { atMm, widthMm } of sorted) {
    requireInRange(atMm, 'widths.atMm', 0, 10_000)
    requireInRange(widthMm, 'widths.widthMm', 1, 10_000)
  }
  const cuts = sorted.map(({ atMm, widthMm }): CutWidth => {
    const leftMm = (clothMm - widthMm) / 2
    const rightMm = leftMm + widthMm
    return {
      atMm,
      widthMm,
      leftMm,
      rightMm,
      shortMm: Math.max(0, widthMm - clothMm),
      cutOff: finishedMm.flatMap((x, i) => (x < leftMm || x > rightMm ? [i] : [])),
    }
  })
  return { cuts, tooNarrow: narrowRange(cuts, clothMm) }
}

function narrowRange(cuts: readonly CutWidth[], clothMm: number): OutlineFit['tooNarrow'] {
  const narrow = cuts.flatMap((cut, i) => (cut.shortMm > 0 ? [i] : []))
  if (narrow.length === 0) return null
  const [first, last] = [narrow[0]!, narrow.at(-1)!]
  return {
    fromMm: crossing(cuts[first - 1], cuts[first]!, clothMm),
    toMm: crossing(cuts[last + 1], cuts[last]!, clothMm),
    shortMm: Math.max(...cuts.map(({ shortMm }) => shortMm)),
  }
}
/** The height between two where the piece is just as wide as the cloth. */
function crossing(fits: CutWidth | undefined, short: CutWidth, clothMm: number): number {
  if (!fits) return short.atMm
  const share = (clothMm - fits.widthMm) / (short.widthMm - fits.widthMm)
  return fits.atMm + share * (short.atMm - fits.atMm)
}

/** What a garment grows in girth from one size to the next, in mm. Common practice, from memory. */
export const SIZE_MM = 40

/**
 * How many sizes a finished garment loses by tucks that were not planned for, to the nearest half.
 *
 * @example
 * sizesLost(31) // 1
 */
export function sizesLost(takenUpMm: number): number {
  requireInRange(takenUpMm, 'takenUpMm', 0, 100_000)
  return Math.round((2 * takenUpMm) / SIZE_MM) / 2
}
