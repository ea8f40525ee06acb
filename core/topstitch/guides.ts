import { requireInRange } from '#core/errors'

/** What runs along the edge, or another row, while one sews: its distance from the needle in the middle. */
export interface Guide {
  readonly id: string
  readonly fromNeedleMm: number
}

/** How a guide makes a row. Lengths in mm. */
export interface GuideAt {
  readonly id: string
  /** Where the needle bar is set, right of the middle. */
  readonly positionMm: number
  /** How much farther in than wanted the row lies, by the steps a machine has. */
  readonly offMm: number
  /** Whether the needle bar gets there. */
  readonly reachable: boolean
}

/**
 * The needle position at which a guide makes the row: bar less guide, on the machine's steps, within half of
 * what the swing leaves beside the needles. Source: arithmetic.
 *
 * @param barMm - from the edge to the needle bar's middle: of a twin, the middle between its rows.
 * @param machineMaxMm - widest stitch.
 * @param spanMm - outermost to outermost needle; 0 for a single one.
 * @param stepMm - of the needle position; null: any.
 *
 * @example
 * guideAt({ id: 'toe', fromNeedleMm: 6.35 }, { barMm: 8.35, spanMm: 4, machineMaxMm: 9, stepMm: null })
 * // { id: 'toe', positionMm: 2, offMm: 0, reachable: true }
 */
export function guideAt(
  { id, fromNeedleMm }: Guide,
  of: {
    readonly barMm: number
    readonly spanMm: number
    readonly machineMaxMm: number
    readonly stepMm: number | null
  },
): GuideAt {
  requireInRange(fromNeedleMm, 'guides.fromNeedleMm', -200, 200)
  requireInRange(of.machineMaxMm, 'machineMaxMm', 0.1, 50)
  if (of.stepMm !== null) requireInRange(of.stepMm, 'positionStepMm', 0.001, 10)
  const exactMm = of.barMm - fromNeedleMm
  const positionMm = of.stepMm === null ? exactMm : Math.round(exactMm / of.stepMm) * of.stepMm
  const reachMm = Math.max(0, (of.machineMaxMm - of.spanMm) / 2)
  return { id, positionMm, offMm: positionMm - exactMm, reachable: Math.abs(positionMm) <= reachMm + 1e-9 }
}
