import { requireInRange } from '#core/errors'

/** How much of a topstitch is seen. */
export interface Showing {
  /** Thread that lies on the cloth, of a stitch, in mm. */
  readonly seenMm: number
  readonly verdict: 'stands out' | 'shows' | 'lost in the cloth'
}

/** A stitch goes under within about its own thickness at each hole. A guess. */
const DIP_OF_THICKNESS = 1
/** Thread thinner than this share of the cloth sinks into its surface. A guess. */
const SINKS_UNDER = 0.15
/** Seen this many times its thickness, a stitch reads as a line. A guess. */
const LINE_RATIO = 6

/**
 * Whether a topstitch will be seen as one: of each stitch, its length less a dip of the thread's thickness
 * at both holes; a thread much thinner than the cloth sinks in. By rule, a guess throughout.
 *
 * @param lengthMm - of the stitch, 0.1 to 20.
 * @param threadMm - thickness, 0.02 to 5.
 * @param clothMm - thickness of the layers, 0.01 to 60; null: not measured, the thread is taken not to sink.
 * @param isClear - monofilament: however long it lies on top, it never stands out.
 *
 * @example
 * showing(3.5, 0.4, 1.2).verdict // 'stands out'
 */
export function showing(
  lengthMm: number,
  threadMm: number,
  clothMm: number | null,
  isClear = false,
): Showing {
  requireInRange(lengthMm, 'lengthMm', 0.1, 20)
  requireInRange(threadMm, 'threadMm', 0.02, 5)
  if (clothMm !== null) requireInRange(clothMm, 'clothMm', 0.01, 60)
  const seenMm = Math.max(0, lengthMm - 2 * DIP_OF_THICKNESS * threadMm)
  const sinks = clothMm !== null && threadMm < SINKS_UNDER * clothMm
  if (seenMm === 0 || (sinks && seenMm < LINE_RATIO * threadMm * 2))
    return { seenMm, verdict: 'lost in the cloth' }
  const isLine = !sinks && !isClear && seenMm >= LINE_RATIO * threadMm
  return { seenMm, verdict: isLine ? 'stands out' : 'shows' }
}
