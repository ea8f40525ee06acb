import { CROWDED_MM, type EdgePlan, type EdgeStitch } from './planEdge'

/** What to do where an edge is too narrow, too round or too thick for its stitch. */
export type EdgeAdvice =
  /** Bites touch: so wide they do not. */
  | { readonly code: 'smaller-bite'; readonly widestMm: number; readonly pairs: number }
  /** Even the smallest bite worth sewing touches: a straight row inside the edge, or a hidden one. */
  | { readonly code: 'too-narrow'; readonly widestMm: number }
  /** Tips close up on the round: a longer stitch keeps them apart. */
  | { readonly code: 'longer-stitch'; readonly leastMm: number; readonly radiusMm: number }
  /** The bite is longer than the round is wide: its tips cross whatever the length. */
  | { readonly code: 'bite-over-round'; readonly radiusMm: number }
  /** Bites meet round points: thick there. */
  | { readonly code: 'bulk'; readonly pairs: number }
  /** The thread fills what should stay free between two bites. */
  | { readonly code: 'finer-thread'; readonly threadMm: number }

/** A bite smaller than this holds no cloth, in mm. A guess. */
const LEAST_BITE_MM = 1

/**
 * What to tell about a planned edge.
 *
 * @param stitch - what was wanted: bite and stitch point to stitch point.
 * @param threadMm - its thickness, over 0.
 *
 * @example
 * edgeAdvice(plan, { widthMm: 6, lengthMm: 3 }, 0.3, 0.5).map(({ code }) => code) // ['smaller-bite']
 */
export function edgeAdvice(
  plan: EdgePlan,
  { widthMm, lengthMm, isSatin }: Pick<EdgeStitch, 'widthMm' | 'lengthMm' | 'isSatin'>,
  threadMm: number,
  clearanceMm: number,
): EdgeAdvice[] {
  if (widthMm <= 0) return []
  const advice: EdgeAdvice[] = []
  const widestMm = plan.widestBiteMm
  const isTouching = plan.touching.length > 0
  if (isTouching && widestMm < Math.min(LEAST_BITE_MM, widthMm)) advice.push({ code: 'too-narrow', widestMm })
  else if (isTouching && widestMm < widthMm)
    advice.push({ code: 'smaller-bite', widestMm, pairs: plan.touching.length })
  const radii = plan.stretches.flatMap(({ sides }) =>
    sides.flatMap(({ leastRadiusMm }) => leastRadiusMm ?? []),
  )
  const round = plan.crowded.length > 0 && radii.length > 0 ? ofRound(Math.min(...radii), widthMm) : null
  if (round && (round.code !== 'longer-stitch' || round.leastMm > lengthMm)) advice.push(round)
  // Satin is turned round a point, thread on thread.
  if (plan.bulk.length > 0 && !isSatin) advice.push({ code: 'bulk', pairs: plan.bulk.length })
  if (threadMm >= clearanceMm) advice.push({ code: 'finer-thread', threadMm })
  return advice
}

/** Tips of an outside curve close up to L(1 − w/R). */
function ofRound(radiusMm: number, widthMm: number): EdgeAdvice {
  if (radiusMm <= widthMm) return { code: 'bite-over-round', radiusMm }
  return { code: 'longer-stitch', leastMm: CROWDED_MM / (1 - widthMm / radiusMm), radiusMm }
}
