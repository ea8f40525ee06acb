import { type DropClearance, wantedClearance, type SwingInput, type Verdict } from '#core/swing'

/** Farther beyond a part than this every hit is drawn alike, in mm. */
const DEEPEST_MM = 1

/** One drop of the repeat as a bar over the line at which something is struck. */
export interface WheelBar {
  readonly index: number
  /** Its height, in mm: the clearance, held to −1 where it hits. */
  readonly heightMm: number
  readonly verdict: Verdict
}

/** The handwheel's chart: the clearance at every needle position of one repeat, in mm. */
export interface WheelView {
  readonly bars: readonly WheelBar[]
  /** The axis: lowest (0 or less) and highest (1 or more), in mm. */
  readonly lowMm: number
  readonly highMm: number
  /** Where the axis is marked, in mm. */
  readonly marksMm: readonly number[]
  /** The line below which a drop is close. */
  readonly wanted: ReturnType<typeof wantedClearance>
  /** The smallest clearance, in mm; 0 without drops. */
  readonly leastMm: number
}

/**
 * What the handwheel's chart shows.
 *
 * @param input - the seam, as the verdict judges it.
 * @param drops - its clearances, from `dropClearances`.
 *
 * @example
 * wheelView(input, dropClearances(input)).bars[0] // { index: 0, heightMm: 0.5, verdict: 'clear' }
 */
export function wheelView(input: SwingInput, drops: readonly DropClearance[]): WheelView {
  const clearances = drops.map(({ clearanceMm }) => clearanceMm)
  const highMm = Math.max(1, ...clearances)
  const leastMm = clearances.length === 0 ? 0 : Math.min(...clearances)
  return {
    bars: drops.map(({ index, clearanceMm, verdict }) => ({
      index,
      heightMm: Math.max(-DEEPEST_MM, clearanceMm),
      verdict,
    })),
    lowMm: Math.max(-DEEPEST_MM, Math.min(0, leastMm)),
    highMm,
    marksMm: [0, Math.floor(highMm)],
    wanted: wantedClearance(input),
    leastMm,
  }
}
