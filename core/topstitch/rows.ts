import { requireInRange } from '#core/errors'
import { type FitPlan, sideFitter } from '#core/fit'
import { type Construction, CONSTRUCTIONS } from '#core/needle'
import { checkOutline, type Outline } from '#core/shape'
import { type Guide, type GuideAt, guideAt } from './guides'
import { innerParallel } from './innerParallel'
import { legsOf, type OutlineLeg } from './legs'
import { MOST_POINTS } from './limits'

/** Rows of topstitching along an edge. Lengths in mm. */
export interface RowsInput {
  readonly outline: Outline
  /** Distances of the rows from the edge; of a twin, of the row nearest to it. */
  readonly rowsMm: readonly number[]
  readonly needle: { readonly construction: Construction; readonly gapMm: number }
  readonly machineMaxMm: number
  readonly positionStepMm: number | null
  readonly guides: readonly Guide[]
  readonly wantedMm: number
  /** Marks of the length dial, from `lengthMarks`. */
  readonly marks: readonly number[]
  readonly mostMissMm: number
  /** From which turn a point is a corner; 0: every point. */
  readonly cornerDeg: number
}

export interface PlannedRow {
  readonly atMm: number
  /** Distance of each needle's row. */
  readonly needleMm: readonly number[]
  /** Whether one of these rows cannot be sewn. */
  readonly vanished: boolean
  /** Of the outermost needle, the one nearest to the edge. */
  readonly legs: readonly OutlineLeg[]
  /** For each side, its ways with whole stitches, the recommended first. */
  readonly plans: readonly (readonly FitPlan[])[]
  readonly guides: readonly GuideAt[]
}

/** Nothing is sewn on less, in mm. */
const LEAST_LEG_MM = 1e-6

/**
 * Every row with its sides, the stitches that land on each corner, and what guides it.
 *
 * @throws {CoreError} from its parts.
 *
 * @example
 * planRows({ outline: rectangle(120, 140), rowsMm: [6.35], … })[0].legs[0].lengthMm // 107.3
 */
export function planRows(input: RowsInput): PlannedRow[] {
  checkOutline(input.outline, MOST_POINTS)
  const { construction, gapMm } = input.needle
  const needles = CONSTRUCTIONS.indexOf(construction) + 1
  const spanMm = needles === 1 ? 0 : (needles - 1) * gapMm
  const fit = sideFitter(input.wantedMm, input.marks, input.mostMissMm)
  return input.rowsMm.map(atMm => {
    requireInRange(atMm, 'rowsMm', 0.1, 1000)
    const needleMm = Array.from({ length: needles }, (_, i) => atMm + i * (needles === 1 ? 0 : gapMm))
    const { legs, inner } = legsOf(input.outline, atMm, input.cornerDeg)
    const innermost = needles === 1 ? inner : innerParallel(input.outline, needleMm.at(-1)!)
    const { machineMaxMm, positionStepMm: stepMm } = input
    return {
      atMm,
      needleMm,
      vanished: inner.vanished || innermost.vanished,
      legs,
      plans: legs.map(({ lengthMm }) => (lengthMm > LEAST_LEG_MM ? fit(lengthMm) : [])),
      guides: input.guides.map(guide =>
        guideAt(guide, { barMm: atMm + spanMm / 2, spanMm, machineMaxMm, stepMm }),
      ),
    }
  })
}
