import type { EdgePlan } from '#core/edge'
import type { Point } from '#core/plane'

const round = (mm: number) => Math.round(1000 * mm) / 1000

/** Rings or ways as one path, y down. */
export function pathOf(ways: readonly (readonly Point[])[], closed: boolean): string {
  return ways
    .map(way => `M${way.map(({ x, y }) => `${round(x)} ${round(-y)}`).join('L')}${closed ? 'Z' : ''}`)
    .join('')
}

/** How roomy the bite may be beside a stitch point. */
export type Room = 'touches' | 'close' | 'free'
const CLOSE_MM = 0.5

/** Whether a bite of this width touches there, hardly fits, or has room. */
function roomOf(mostMm: number, widthMm: number): Room {
  if (mostMm < widthMm) return 'touches'
  return mostMm < widthMm + CLOSE_MM ? 'close' : 'free'
}

/** Stretches of the edge with the same room for the bite, as paths, y down. */
export function roomRuns(plan: EdgePlan, widthMm: number): { readonly room: Room; readonly path: string }[] {
  const paths: Record<Room, string> = { touches: '', close: '', free: '' }
  plan.stretches.forEach(({ from, closed }, s) => {
    const to = plan.stretches[s + 1]?.from ?? plan.landings.length
    for (let i = from; i < to; i++) {
      const isLast = i + 1 === to
      if (isLast && !closed) continue
      const next = isLast ? from : i + 1
      const [a, b] = [plan.landings[i]!, plan.landings[next]!]
      const mostMm = Math.min(plan.mostBiteMm[i]!, plan.mostBiteMm[next]!)
      paths[roomOf(mostMm, widthMm)] += `M${round(a.x)} ${round(-a.y)}L${round(b.x)} ${round(-b.y)}`
    }
  })
  return (Object.entries(paths) as [Room, string][]).flatMap(([room, path]) => (path ? [{ room, path }] : []))
}

/** The stitch point of a stretch nearest to a place that is no point. */
export function nearestLanding(plan: EdgePlan, stretch: number, at: Point): number | null {
  const { from } = plan.stretches[stretch]!
  const to = plan.stretches[stretch + 1]?.from ?? plan.landings.length
  let best: { i: number; apart: number } | null = null
  for (let i = from; i < to; i++) {
    const { x, y, isPoint } = plan.landings[i]!
    const apart = Math.hypot(x - at.x, y - at.y)
    if (!isPoint && (!best || apart < best.apart)) best = { i, apart }
  }
  return best?.i ?? null
}
