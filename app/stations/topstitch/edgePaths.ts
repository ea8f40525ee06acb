import { evenFit, placesAlong, stitchEnds } from '#core/fit'
import type { Point } from '#core/plane'
import { legsOf, type Outline, type PlannedRow } from '#core/topstitch'

/** A stitch goes down into the cloth at both holes: so much of it shows. */
const SHOWN = 0.86

/** One needle's row as it is drawn: every stitch by itself, y down. */
export interface NeedleRow {
  readonly needle: number
  readonly stitches: string
}

/**
 * Every needle's row as a path of stitches. An inner needle of a twin makes as many stitches as the outer
 * one, on its own way.
 */
export function needleRows(
  outline: Outline,
  row: PlannedRow,
  wantedMm: number,
  cornerDeg: number,
): NeedleRow[] {
  return row.needleMm.map((distanceMm, needle) => {
    const legs = needle === 0 ? row.legs : legsOf(outline, distanceMm, cornerDeg).legs
    const stitches = legs.flatMap((leg, i) => {
      const outer = row.legs[i]
      if (!outer || leg.pathMm.length < 2 || leg.lengthMm <= 0 || outer.lengthMm <= 0) return []
      const ends = [0, ...stitchEnds(row.plans[i]?.[0], evenFit(outer.lengthMm, wantedMm))]
      const scale = leg.lengthMm / outer.lengthMm
      return stitchPaths(
        placesAlong(
          leg.pathMm,
          ends.map(mm => mm * scale),
        ),
      )
    })
    return { needle, stitches: stitches.join('') }
  })
}

function stitchPaths(places: readonly Point[]): string[] {
  const gap = (1 - SHOWN) / 2
  return places.slice(1).map((to, i) => {
    const from = places[i]!
    const at = (share: number) =>
      `${round(from.x + share * (to.x - from.x))} ${round(-(from.y + share * (to.y - from.y)))}`
    return `M${at(gap)}L${at(1 - gap)}`
  })
}
const round = (mm: number) => Math.round(1000 * mm) / 1000

/** The edge itself as a path, y down. */
export function edgePath({ pointsMm, closed }: Outline): string {
  return `M${pointsMm.map(({ x, y }) => `${round(x)} ${round(-y)}`).join('L')}${closed ? 'Z' : ''}`
}

/** What an outline spans, y up. */
export function boundsOf({ pointsMm }: Outline) {
  const [xs, ys] = [pointsMm.map(({ x }) => x), pointsMm.map(({ y }) => y)]
  const [left, right, foot, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  return { left, top, wideMm: Math.max(1, right - left), tallMm: Math.max(1, top - foot) }
}
