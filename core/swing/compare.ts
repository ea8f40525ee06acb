import type { Needle } from '#core/needle'
import { judgeSwing } from './judge'
import type { SwingInput, SwingResult } from './types'

/** How one needle would do with this stitch, at the width set now and at its own safe width. */
export interface Comparison {
  readonly now: SwingResult
  /** At its safe width; null when no width helps. */
  readonly atSafe: SwingResult | null
}

/**
 * The same stitch with another needle, foot, machine or plate: what it would do now, and at its best.
 *
 * @example
 * compareSwing({ …input, foot: another }).now.verdict // 'clear'
 */
export function compareSwing(input: SwingInput): Comparison {
  const now = judgeSwing(input)
  const { safeWidthMm } = now
  return {
    now,
    atSafe:
      safeWidthMm === null
        ? null
        : judgeSwing({ ...input, stitch: { ...input.stitch, widthMm: safeWidthMm } }),
  }
}

export interface GapPoint {
  readonly gapMm: number
  readonly limitWidthMm: number | null
  readonly safeWidthMm: number | null
  /** Share interlaced at the safe width, 0 to 1. */
  readonly interlacedShare: number | null
}

/**
 * Safe width and interlacing against the gap, for one stitch on one machine.
 *
 * @example
 * gapCurve(input, { sizeNm: 80 }, [1.6, 2, 2.5]).map(({ safeWidthMm }) => safeWidthMm) // [4.9, 4.5, 4]
 */
export function gapCurve(
  input: SwingInput,
  needle: Pick<Needle, 'sizeNm'>,
  gapsMm: readonly number[],
): GapPoint[] {
  return gapsMm.map(gapMm => {
    const { now, atSafe } = compareSwing({
      ...input,
      needle: { construction: 'twin', gapMm, sizeNm: needle.sizeNm },
    })
    return {
      gapMm,
      limitWidthMm: now.limitWidthMm,
      safeWidthMm: now.safeWidthMm,
      interlacedShare: atSafe?.interlacedShare ?? null,
    }
  })
}
