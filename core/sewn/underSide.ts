import { bladeOffsetsMm } from '#core/needle'
import { seamDropsMm } from '#core/stitch'
import type { SewnInput, SewnPicture } from './picture'
import { SegmentList } from './segments'

/**
 * The wrong side, turned over left to right: one bobbin thread runs from needle hole to needle hole and on
 * to the next stitch, which under a twin makes the zigzag that is normal there.
 *
 * Bobbin thread per twin stitch: g + √(g² + L²) for a straight seam, plus the cloth's thickness.
 * Source: rectangular lockstitch model, common practice.
 *
 * @throws {CoreError} as `seamDropsMm`.
 *
 * @example
 * underSide(sewnInputOf(seam, 40)!).holes.length / 3 // holes
 */
export function underSide(input: SewnInput): SewnPicture {
  const drops = seamDropsMm(input.stitch, input.stitch, input.maxWidthMm, input.seamMm)
  const list = new SegmentList()
  const lay = list.layer(input.bobbin, -1)
  const offsets = bladeOffsetsMm(input.needle)
  let last: { x: number; y: number } | null = null
  for (const { xMm, yMm } of drops) {
    for (const [place, offset] of offsets.entries()) {
      const x = -(xMm + offset)
      // Thread goes into the cloth once a stitch, not once a needle.
      if (last) lay(last.x, last.y, x, yMm, place === 0 ? input.clothThicknessMm : 0)
      last = { x, y: yMm }
      list.hole(x, yMm, place)
    }
  }
  return list.picture(input.seamMm)
}
