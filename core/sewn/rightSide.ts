import { bladeOffsetsMm } from '#core/needle'
import { seamDropsMm } from '#core/stitch'
import type { SewnInput, SewnPicture, SewnThread } from './picture'
import { SegmentList } from './segments'

/** Numbers a segment takes in {@link SewnPicture.segments}. */
export const SEGMENT_NUMBERS = 5

/**
 * The right side as sewn: every needle's thread runs straight from drop to drop, all needles at once, so
 * rows interlace stitch by stitch. Each stitch also takes the cloth's thickness in thread.
 *
 * @throws {CoreError} as `seamDropsMm`; `out-of-range` for a thread without colours.
 *
 * Source of the thread per stitch, L + thickness: rectangular lockstitch model, common practice.
 *
 * @example
 * rightSide(sewnInputOf(seam, 40)!).segments.length / SEGMENT_NUMBERS // pieces of thread
 */
export function rightSide(input: SewnInput): SewnPicture {
  const drops = seamDropsMm(input.stitch, input.stitch, input.maxWidthMm, input.seamMm)
  const list = new SegmentList()
  const blades = bladeOffsetsMm(input.needle).map((offset, place) => ({
    offset,
    place,
    lay: list.layer(threadOf(input, place), place),
  }))
  for (const [i, to] of drops.entries()) {
    const from = drops[i - 1]
    for (const { offset, place, lay } of blades) {
      if (from) lay(from.xMm + offset, from.yMm, to.xMm + offset, to.yMm, input.clothThicknessMm)
      list.hole(to.xMm + offset, to.yMm, place)
    }
  }
  return list.picture(input.seamMm)
}

function threadOf({ threads, bobbin }: SewnInput, place: number): SewnThread {
  return threads[place] ?? threads[threads.length - 1] ?? bobbin
}
