import { CoreError, requireInRange } from '#core/errors'
import { apart, type Point } from '#core/plane'
import { mapOf, obliqueDeg, planeMap, type SeenRectangle } from './plane'

/** Two marked places whose distance is wanted, in px. */
export type Span = readonly [Point, Point]

/** A length on the plane, and one standard deviation of it. */
export interface MeasuredLength {
  readonly mm: number
  readonly spreadMm: number
}

/** What makes a measure doubtful. */
export interface MeasureWarning {
  readonly code: 'small' | 'oblique' | 'far' | 'unsure'
  /** Of the spans it is about, from 0; null: all. */
  readonly span: number | null
}

export interface Measured {
  readonly lengths: readonly MeasuredLength[]
  readonly obliqueDeg: number
  readonly warnings: readonly MeasureWarning[]
}

/** How exactly a person marks a place in a picture, in px. A guess. */
export const USUAL_CLICK_PX = 1
/** Fewer pixels a millimetre than this, and a click is a large part of what is measured. */
const LEAST_PX_PER_MM = 2
/** Looked at more aslant than this, a click moves far on the plane, in degrees. A guess. */
const MOST_OBLIQUE_DEG = 40
/** Farther outside the rectangle than its own size the map is drawn out beyond what was seen. */
const FAR_SHARE = 1
/** A spread of more than this share of a length says little of it. */
const UNSURE_SHARE = 0.1
const MOST_SPANS = 200
/** Half of what places are moved by for a derivative, in px. */
const STEP_PX = 1e-3

/**
 * Lengths on the plane of a rectangle of known size, each with its spread: what it varies by when all four
 * corners and both its ends are marked off by normal noise, in x and in y, each by itself (first order:
 * slopes times noise).
 *
 * @param clickPx - one standard deviation of a mark, 0 to 100.
 * @throws {CoreError} `bad-corners`, `non-finite`, `out-of-range`, `too-many`.
 *
 * @example
 * measureSpans(card, [[{ x: 400, y: 270 }, { x: 480, y: 270 }]]).lengths[0] // { mm: 8, spreadMm: 0.1417 }
 */
export function measureSpans(
  seen: SeenRectangle,
  spans: readonly Span[],
  clickPx: number = USUAL_CLICK_PX,
): Measured {
  requireInRange(clickPx, 'clickPx', 0, 100)
  if (spans.length > MOST_SPANS)
    throw new CoreError('too-many', `There are ${spans.length} spans; ${MOST_SPANS} are the most`, {
      field: 'spans',
      most: MOST_SPANS,
    })
  spans.forEach(checkSpan)
  const map = planeMap(seen)
  const oblique = obliqueDeg(seen, map)
  const lengths = spans.map(span => ({
    mm: lengthOf(seen, span),
    spreadMm: clickPx * slopeOf(seen, span),
  }))
  return { lengths, obliqueDeg: oblique, warnings: warningsOf(seen, spans, lengths, oblique) }
}

function checkSpan([a, b]: Span, i: number): void {
  for (const [end, { x, y }] of [a, b].entries()) {
    requireInRange(x, `spans.${i}.${end}.x`, -1e5, 1e5)
    requireInRange(y, `spans.${i}.${end}.y`, -1e5, 1e5)
  }
  if (a.x === b.x && a.y === b.y)
    throw new CoreError('out-of-range', `Both ends of span ${i + 1} are the same place`, {
      field: `spans.${i}`,
      min: 0,
      max: 1e5,
    })
}

function lengthOf(seen: SeenRectangle, [a, b]: Span): number {
  const { toMm } = mapOf(seen)
  const [from, to] = [toMm(a), toMm(b)]
  return apart(from, to)
}

/** Root of the sum of squared slopes, over the twelve numbers that were marked: mm for a px. */
function slopeOf(seen: SeenRectangle, span: Span): number {
  const places = [...seen.cornersPx, ...span]
  const at = (moved: readonly Point[]) =>
    lengthOf({ ...seen, cornersPx: moved.slice(0, 4) }, [moved[4]!, moved[5]!])
  const slopes = places.flatMap((place, i) =>
    (['x', 'y'] as const).map(axis => {
      const by = (px: number) => at(places.with(i, { ...place, [axis]: place[axis] + px }))
      return (by(STEP_PX) - by(-STEP_PX)) / (2 * STEP_PX)
    }),
  )
  return Math.hypot(...slopes)
}

function warningsOf(
  seen: SeenRectangle,
  spans: readonly Span[],
  lengths: readonly MeasuredLength[],
  oblique: number,
): MeasureWarning[] {
  const isSmall = Math.sqrt(areaPx(seen.cornersPx) / (seen.wideMm * seen.tallMm)) < LEAST_PX_PER_MM
  const { toMm } = mapOf(seen)
  const isFar = (px: Point) => {
    const { x, y } = toMm(px)
    const beyond = (mm: number, size: number) => Math.max(-mm, mm - size) > FAR_SHARE * size
    return beyond(x, seen.wideMm) || beyond(y, seen.tallMm)
  }
  return [
    ...(isSmall ? [{ code: 'small' as const, span: null }] : []),
    ...(oblique > MOST_OBLIQUE_DEG ? [{ code: 'oblique' as const, span: null }] : []),
    ...spans.flatMap((span, i) => (span.some(isFar) ? [{ code: 'far' as const, span: i }] : [])),
    ...lengths.flatMap(({ mm, spreadMm }, i) =>
      spreadMm > UNSURE_SHARE * mm ? [{ code: 'unsure' as const, span: i }] : [],
    ),
  ]
}

function areaPx(corners: readonly Point[]): number {
  const twice = corners.reduce((sum, { x, y }, i) => {
    const next = corners[(i + 1) % corners.length]!
    return sum + x * next.y - next.x * y
  }, 0)
  return Math.abs(twice) / 2
}

/** What a warning means, and the mend. */
export function warningWords({ code, span }: MeasureWarning): string {
  const which = span === null ? '' : `Span ${span + 1}: `
  switch (code) {
    case 'small':
      return 'The rectangle is small in the picture: go closer, or take a larger picture.'
    case 'oblique':
      return 'The camera looked much aslant: hold it straight above.'
    case 'far':
      return `${which}it lies far outside the rectangle: lay the rectangle nearer.`
    case 'unsure':
      return `${which}it is short for how exactly a place can be marked: go closer.`
  }
}
