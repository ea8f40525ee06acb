import { findStitch } from '#core/stitch'
import { bench, describe } from 'vitest'
import { layThread, lengthThatCuresMm } from '#core/buildup'
import { rightSide, type SewnInput, underSide } from '#core/sewn'

const thread = {
  colours: [
    { hex: '#1f4e6b', runMm: 35 },
    { hex: '#b9d6cf', runMm: 25 },
  ],
  diameterMm: 0.19,
  look: 'sheen',
} as const
const input: SewnInput = {
  stitch: { ...findStitch('zigzag')!, widthMm: 5, lengthMm: 0.4, mirror: false, positionMm: 0 },
  maxWidthMm: 9,
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  threads: [thread, thread],
  bobbin: thread,
  seamMm: 100,
  clothThicknessMm: 0.9,
}

describe('100 mm of dense satin, two needles', () => {
  bench('right side, wrong side and build-up', () => {
    const right = rightSide(input)
    underSide(input)
    layThread(right, 2 * input.stitch.lengthMm)
  })
  bench('the length that cures it', () => {
    lengthThatCuresMm({ ...input, stitch: { ...input.stitch, lengthMm: 0.25 } })
  })
})
