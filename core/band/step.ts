import { requireInRange } from '#core/errors'
import type { BandRow } from './band'

/** Lengths on the dial with which two rows keep step. */
export interface InStep {
  readonly aMm: number
  readonly bMm: number
  /** So many patterns of the first are as long as so many of the second. */
  readonly aRepeats: number
  readonly bRepeats: number
  /** How far they are apart at the end of the way, in mm. */
  readonly offMm: number
}

/** Rows keep step when their patterns are no farther apart than this at the end of the way, in mm. */
const IN_STEP_MM = 0.1
/** Patterns that stand together again after more than this are not seen to. */
const MOST_REPEATS = 12
/** How far a length may be changed, as a share. */
const MOST_CHANGE = 0.3
const MOST_FOUND = 3

/**
 * Lengths on the dial for which two rows keep step: some patterns of the one as long as some of the other, to
 * 0.1 mm over the whole way. What changes the lengths least comes first.
 *
 * @param alongMm - the way, over 0 to 100 000 mm.
 * @param marks - of the dial, rising.
 * @returns at most three; none where nothing within 30 % of the wanted lengths keeps step.
 *
 * @example
 * lengthsInStep({ repeat: 2, lengthMm: 2.5 }, { repeat: 22, lengthMm: 0.4 }, 300, marks)[0]
 */
export function lengthsInStep(
  a: Pick<BandRow, 'repeat' | 'lengthMm'>,
  b: Pick<BandRow, 'repeat' | 'lengthMm'>,
  alongMm: number,
  marks: readonly number[],
): InStep[] {
  requireInRange(alongMm, 'alongMm', 0.1, 100_000)
  const near = (wanted: number) => marks.filter(mm => Math.abs(mm / wanted - 1) <= MOST_CHANGE)
  const changeOf = ({ aMm, bMm }: InStep) => Math.abs(aMm / a.lengthMm - 1) + Math.abs(bMm / b.lengthMm - 1)
  const found = near(a.lengthMm).flatMap(aMm =>
    near(b.lengthMm).flatMap(bMm =>
      stepOf(a.repeat * aMm, b.repeat * bMm, alongMm).map(step => ({ aMm, bMm, ...step })),
    ),
  )
  return found
    .sort((one, other) => changeOf(one) - changeOf(other) || one.aRepeats - other.aRepeats)
    .slice(0, MOST_FOUND)
}

/** The fewest patterns after which both stand together, all along the way. */
function stepOf(aMm: number, bMm: number, alongMm: number): Omit<InStep, 'aMm' | 'bMm'>[] {
  for (let aRepeats = 1; aRepeats <= MOST_REPEATS; aRepeats++) {
    const bRepeats = Math.round((aRepeats * aMm) / bMm)
    if (bRepeats < 1 || bRepeats > MOST_REPEATS) continue
    const offMm = (Math.abs(aRepeats * aMm - bRepeats * bMm) * alongMm) / (aRepeats * aMm)
    if (offMm <= IN_STEP_MM + 1e-9) return [{ aRepeats, bRepeats, offMm }]
  }
  return []
}
