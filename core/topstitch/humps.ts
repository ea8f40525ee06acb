import { requireInRange } from '#core/errors'

/** A seam that crosses the row: where, how wide, how much thicker. In mm. */
export interface Hump {
  readonly atMm: number
  readonly wideMm: number
  readonly stepMm: number
}

/** What to do at a place of the row. */
export interface HumpStep {
  readonly atMm: number
  readonly code: 'slow' | 'shim-behind' | 'shim-before' | 'shim-off'
  /** Thickness of the shim; null: none is moved. */
  readonly shimMm: number | null
}

/** Sole of a foot before and behind the needle. A guess: see your own. */
export const SOLE_MM = 12
/** Slower from this far before. A guess. */
const SLOW_MM = 20

/**
 * A foot that climbs tips back: a shim as thick as the step goes under its heel. Coming down it tips
 * forward: the shim goes under its toes. Common practice; the distances rest on a sole of 12 mm each way, a
 * guess.
 *
 * @param humps - each 0 to 10 000 mm along the row, 0.1 to 20 mm high.
 * @returns the steps in the order they are met.
 *
 * @example
 * humpSteps([{ atMm: 60, wideMm: 12, stepMm: 2 }]).map(({ code }) => code)
 * // ['slow', 'shim-behind', 'shim-off', 'shim-before', 'shim-off']
 */
export function humpSteps(humps: readonly Hump[]): HumpStep[] {
  return humps
    .flatMap(({ atMm, wideMm, stepMm }, i): HumpStep[] => {
      requireInRange(atMm, `humps.${i}.atMm`, 0, 10_000)
      requireInRange(wideMm, `humps.${i}.wideMm`, 0, 1000)
      requireInRange(stepMm, `humps.${i}.stepMm`, 0.1, 20)
      const offMm = atMm + wideMm
      return [
        { atMm: Math.max(0, atMm - SLOW_MM), code: 'slow', shimMm: null },
        { atMm: Math.max(0, atMm - SOLE_MM), code: 'shim-behind', shimMm: stepMm },
        { atMm: atMm + SOLE_MM, code: 'shim-off', shimMm: null },
        { atMm: Math.max(atMm, offMm - SOLE_MM), code: 'shim-before', shimMm: stepMm },
        { atMm: offMm + SOLE_MM, code: 'shim-off', shimMm: null },
      ]
    })
    .sort((a, b) => a.atMm - b.atMm)
}
