import { CoreError, requireInRange } from '#core/errors'
import { apart, type Point } from '#core/plane'
import type { Region } from './clip'
import type { FormId } from './formIds'
import { chordsOf, CHORD_MM, sharesOf } from './pathData'

/** What a form is called, and what else it asks for than its size. */
export const FORMS: Readonly<Record<FormId, { readonly name: string; readonly counts: string | null }>> = {
  leaf: { name: 'Leaf', counts: null },
  petal: { name: 'Petal', counts: null },
  drop: { name: 'Drop', counts: null },
  heart: { name: 'Heart', counts: null },
  star: { name: 'Star', counts: 'Points' },
  circle: { name: 'Circle', counts: null },
  ellipse: { name: 'Ellipse', counts: null },
  clamshell: { name: 'Clamshell', counts: null },
  crescent: { name: 'Crescent', counts: null },
  lantern: { name: 'Lantern', counts: null },
  banner: { name: 'Banner, scalloped', counts: 'Scallops' },
  rectangle: { name: 'Rectangle', counts: null },
  rounded: { name: 'Rounded rectangle', counts: null },
}

/** A form of the library at its size. */
export interface SizedForm {
  readonly form: FormId
  readonly wideMm: number
  readonly tallMm: number
  /** Points of a star, scallops of a banner. */
  readonly count: number
}

/**
 * A form about its own middle, y up, cloth on the left of its edge.
 *
 * @param wideMm - 2 to 2000, and `tallMm` likewise. A circle takes its width alone.
 * @throws {CoreError} `out-of-range`; `bad-outline` for a leaf wider than it is tall.
 *
 * @example
 * formRegion({ form: 'leaf', wideMm: 40, tallMm: 80, count: 5 })[0].length
 */
export function formRegion({ form, wideMm, tallMm, count }: SizedForm): Region {
  requireInRange(wideMm, 'wideMm', 2, 2000)
  requireInRange(tallMm, 'tallMm', 2, 2000)
  if (FORMS[form].counts) requireInRange(count, 'count', 3, 24)
  const ring = RINGS[form](wideMm / 2, tallMm / 2, Math.round(count))
  return [withoutDoubles(ring)]
}

const at = (x: number, y: number): Point => ({ x, y })
const TURN = 2 * Math.PI

/** Of half its width, half its height, and a count. */
type Ring = (w: number, h: number, count: number) => Point[]

const RINGS: Readonly<Record<FormId, Ring>> = {
  circle: w => arc(at(0, 0), w, w, 0, TURN),
  ellipse: (w, h) => arc(at(0, 0), w, h, 0, TURN),
  rectangle: (w, h) => [at(-w, -h), at(w, -h), at(w, h), at(-w, h)],
  rounded: (w, h) => {
    const r = Math.min(w, h) / 2
    return [
      ...arc(at(w - r, -h + r), r, r, 0.75 * TURN, TURN),
      ...arc(at(w - r, h - r), r, r, 0, TURN / 4),
      ...arc(at(-w + r, h - r), r, r, TURN / 4, TURN / 2),
      ...arc(at(-w + r, -h + r), r, r, TURN / 2, 0.75 * TURN),
    ]
  },
  // Two arcs over the same chord.
  leaf: (w, h) => {
    if (w > h) throw new CoreError('bad-outline', 'A leaf is taller than it is wide', { field: 'wideMm' })
    const radius = (h * h + w * w) / (2 * w)
    const half = Math.asin(Math.min(1, h / radius))
    return [
      ...arc(at(w - radius, 0), radius, radius, -half, half),
      ...arc(at(radius - w, 0), radius, radius, Math.PI - half, Math.PI + half),
    ]
  },
  petal: (w, h) => [
    at(0, -h),
    ...curve(at(0, -h), at(0.75 * w, -0.55 * h), at(w, 0), at(w, 0.25 * h)),
    ...curve(at(w, 0.25 * h), at(w, 0.8 * h), at(0.5 * w, h), at(0, h)),
    ...curve(at(0, h), at(-0.5 * w, h), at(-w, 0.8 * h), at(-w, 0.25 * h)),
    ...curve(at(-w, 0.25 * h), at(-w, 0), at(-0.75 * w, -0.55 * h), at(0, -h)),
  ],
  // A circle and the two lines from the tip that touch it.
  drop: (w, h) => {
    const middle = -h + w
    const toTip = h - middle
    if (toTip <= w)
      throw new CoreError('bad-outline', 'A drop is taller than it is wide', { field: 'wideMm' })
    const from = Math.PI / 2 - Math.acos(w / toTip)
    return [at(0, h), ...arc(at(0, middle), w, w, Math.PI - from, TURN + from)]
  },
  heart: (w, h) => [
    at(0, -h),
    ...curve(at(0, -h), at(0.5 * w, -0.45 * h), at(w, 0), at(w, 0.5 * h)),
    ...arc(at(w / 2, 0.5 * h), w / 2, 0.5 * h, 0, Math.PI),
    ...arc(at(-w / 2, 0.5 * h), w / 2, 0.5 * h, 0, Math.PI),
    ...curve(at(-w, 0.5 * h), at(-w, 0), at(-0.5 * w, -0.45 * h), at(0, -h)),
  ],
  star: (w, h, count) =>
    Array.from({ length: 2 * count }, (_, i) => {
      const angle = Math.PI / 2 + (i * Math.PI) / count
      const share = i % 2 === 0 ? 1 : STAR_INSIDE
      return at(w * share * Math.cos(angle), h * share * Math.sin(angle))
    }),
  // Half a round above; below, the rounds of two neighbours cut in.
  clamshell: (w, h) => [
    at(0, -h),
    ...arc(at(w, -h), w, h, Math.PI, Math.PI / 2),
    ...arc(at(0, 0), w, h, 0, Math.PI),
    ...arc(at(-w, -h), w, h, Math.PI / 2, 0),
  ],
  crescent: (w, h) => {
    const inner = 0.8
    const right = 0.35 * w
    // Where the inner round cuts the outer one, as angles on both.
    const cos = (1 + (right / w) ** 2 - inner ** 2) / ((2 * right) / w)
    const outer = Math.acos(cos)
    const other = Math.PI - Math.asin((Math.sin(outer) * 1) / inner)
    const back = (cos - right / w) / inner < 0 ? other : Math.PI - other
    return [
      ...arc(at(0, 0), w, h, outer, TURN - outer),
      ...arc(at(right, 0), w * inner, h * inner, TURN - back, back),
    ]
  },
  lantern: (w, h) => [
    at(-0.45 * w, -h),
    at(0.45 * w, -h),
    at(0.45 * w, -0.8 * h),
    ...curve(
      at(0.45 * w, -0.8 * h),
      at(BELLY * w, -0.45 * h),
      at(BELLY * w, 0.45 * h),
      at(0.45 * w, 0.8 * h),
    ),
    at(0.45 * w, h),
    at(-0.45 * w, h),
    at(-0.45 * w, 0.8 * h),
    ...curve(
      at(-0.45 * w, 0.8 * h),
      at(-BELLY * w, 0.45 * h),
      at(-BELLY * w, -0.45 * h),
      at(-0.45 * w, -0.8 * h),
    ),
  ],
  banner: (w, h, count) => {
    const r = w / count
    const deep = Math.min(r, h)
    const scallops = Array.from({ length: count }, (_, i) =>
      arc(at(-w + (2 * i + 1) * r, -h + deep), r, deep, Math.PI, TURN),
    )
    return [...scallops.flat(), at(w, h), at(-w, h)]
  },
}
/** Where a lantern's handles lie so that its sides reach its full width: three quarters of the way count. */
const BELLY = 0.45 + 0.55 / 0.75
/** Of a star's inner corners, as a share of its tips' distance from the middle. */
const STAR_INSIDE = 0.45

const curve = (a: Point, b: Point, c: Point, d: Point): Point[] => chordsOf([a, b, c, d])

/** From angle to angle, both ends with it, by chords within `CHORD_MM` of the round. */
function arc(middle: Point, wide: number, tall: number, from: number, to: number): Point[] {
  const step = 2 * Math.acos(1 - Math.min(0.5, CHORD_MM / Math.max(wide, tall)))
  const chords = Math.max(6, Math.ceil(Math.abs(to - from) / step))
  return [0, ...sharesOf(chords)].map(share => {
    const angle = from + (to - from) * share
    return at(middle.x + wide * Math.cos(angle), middle.y + tall * Math.sin(angle))
  })
}

/** Arcs that meet bring their common point twice. */
function withoutDoubles(points: readonly Point[]): Point[] {
  const kept = points.filter((point, i) => i === 0 || apart(point, points[i - 1]!) > 1e-6)
  if (apart(kept[0]!, kept.at(-1)!) <= 1e-6) kept.pop()
  return kept
}
