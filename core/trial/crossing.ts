/** Where the threads lock in the layers, and what of the other thread comes out. */
export interface Crossing {
  /** How far the knot lies from the middle: −1 the wrong side’s surface, 0 the middle, 1 the right side’s. */
  readonly knot: number
  /** How much of the other thread lies on that side, in thicknesses of a thread; 0: nothing. */
  readonly shown: number
}

/** A value at each reading; between two of them in a straight line. */
type Curve = readonly (readonly [reading: number, value: number])[]
const KNOT: Curve = [
  [0, 0],
  [0.5, 0.55],
  [1, 1],
]
const SHOWN: Curve = [
  [0.5, 0],
  [1, 0.8],
  [2, 1.9],
  [3, 3.6],
]
const HEIGHT_MM: Curve = [
  [-3, -0.5],
  [-2, -0.3],
  [-1, -0.12],
  [0, 0],
  [1, 0.35],
  [2, 0.9],
  [3, 1.7],
]
const WAVE_MM: Curve = [
  [-3, 0.65],
  [-2, 0.4],
  [-1, 0.18],
  [0, 0],
]

function valueAt(curve: Curve, reading: number): number {
  const held = Math.min(curve.at(-1)![0], Math.max(curve[0]![0], reading))
  const upper = Math.max(
    1,
    curve.findIndex(([at]) => at >= held),
  )
  const [[low, from], [high, to]] = [curve[upper - 1]!, curve[upper]!]
  return from + ((held - low) / (high - low)) * (to - from)
}

/**
 * What a reading of the thread balance looks like at one crossing: from the middle the knot goes to the
 * surface within a step, then ever more of the other thread comes out.
 *
 * @param reading - in steps, −3 to 3; it need not be a whole one.
 *
 * Source: that the threads lock in the middle, and come out where one is pulled harder, is common practice;
 * how much at each step is our own drawing of the scale.
 *
 * @example
 * crossingOf(1) // { knot: 1, shown: 0.8 }: a hair of the bobbin thread on the right side
 */
export function crossingOf(reading: number): Crossing {
  const knot = valueAt(KNOT, Math.abs(reading))
  return { knot: reading < 0 ? -knot : knot, shown: valueAt(SHOWN, Math.abs(reading)) }
}

/** How the cloth between two rows, or round one, lies when it is cut across. All in mm. */
export interface TuckShape {
  /** Over the flat cloth in the middle; below 0 it hangs. */
  readonly heightMm: number
  /** Height of the waves beside the rows, where the cloth lies slack. */
  readonly waveMm: number
}
/** A gap the heights are drawn for, and how far a wider or narrower one changes them. */
const USUAL_GAP_MM = 2
const WIDER = [0.8, 1.6] as const
/**
 * What a reading of the tuck height looks like. The heights are our own drawing of the scale, for a gap of
 * 2 mm; a wider one raises more.
 *
 * @param reading - in steps, −3 to 3; it need not be a whole one.
 * @param gapMm - between the rows; 0: one row.
 *
 * @example
 * tuckShapeOf(2, 2) // { heightMm: 0.9, waveMm: 0 }
 */
export function tuckShapeOf(reading: number, gapMm: number): TuckShape {
  const wider = Math.min(WIDER[1], Math.max(WIDER[0], gapMm / USUAL_GAP_MM))
  return { heightMm: wider * valueAt(HEIGHT_MM, reading), waveMm: valueAt(WAVE_MM, reading) }
}
