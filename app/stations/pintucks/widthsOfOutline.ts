import type { Point } from '#core/plane'
/**
 * An outline's width at heights from its lower edge, evenly from foot to top: from its leftmost to its
 * rightmost point there.
 *
 * @param points - closed, y up, at least three.
 * @param count - of heights, 2 or more.
 */
export function widthsOfOutline(
  points: readonly Point[],
  count: number,
): { atMm: number; widthMm: number }[] {
  const ys = points.map(({ y }) => y)
  const [foot, top] = [Math.min(...ys), Math.max(...ys)]
  // A hair inside both ends, where a level line still crosses the outline.
  const inset = (top - foot) * 1e-6
  return Array.from({ length: count }, (_, i) => {
    const atMm = ((top - foot) * i) / (count - 1)
    const level = Math.min(top - inset, Math.max(foot + inset, foot + atMm))
    const xs = crossings(points, level)
    return { atMm: tenth(atMm), widthMm: tenth(Math.max(...xs) - Math.min(...xs)) }
  }).filter(({ widthMm }) => widthMm >= 1)
}

function crossings(points: readonly Point[], level: number): number[] {
  return points.flatMap((a, i) => {
    const b = points[(i + 1) % points.length]!
    if (a.y === b.y || Math.min(a.y, b.y) > level || Math.max(a.y, b.y) < level) return []
    return [a.x + ((level - a.y) / (b.y - a.y)) * (b.x - a.x)]
  })
}
const tenth = (mm: number) => Math.round(10 * mm) / 10
