import { apart, between, type Point } from '#core/plane'
import type { EvenFit, FitPlan } from './fit'

/** How far along a side each stitch ends, in mm, from its start: the plan's, or the even ones without one. */
export function stitchEnds(plan: FitPlan | undefined, even: EvenFit): number[] {
  const parts = plan?.parts ?? [{ count: even.stitches, lengthMm: even.lengthMm }]
  const ends: number[] = []
  for (const { count, lengthMm } of parts)
    for (let i = 0; i < count; i++) ends.push((ends.at(-1) ?? 0) + lengthMm)
  return ends
}

/**
 * Places on a way at distances along it; what lies past its end stands at its end.
 *
 * @param wayMm - two points or more.
 * @param alongMm - rising, from 0.
 *
 * @example
 * placesAlong([{ x: 0, y: 0 }, { x: 10, y: 0 }], [0, 5]) // [{ x: 0, y: 0 }, { x: 5, y: 0 }]
 */
export function placesAlong(wayMm: readonly Point[], alongMm: readonly number[]): Point[] {
  let side = 0
  let passedMm = 0
  return alongMm.map(mm => {
    for (;;) {
      const [a, b] = [wayMm[side]!, wayMm[side + 1]]
      if (!b) return a
      const lengthMm = apart(a, b)
      if (mm <= passedMm + lengthMm) {
        const share = lengthMm === 0 ? 0 : (mm - passedMm) / lengthMm
        return between(a, b, share)
      }
      passedMm += lengthMm
      side += 1
    }
  })
}
