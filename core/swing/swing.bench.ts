import { bench, describe } from 'vitest'
import { bladeOffsetsMm } from '#core/needle'
import { landingsMm } from '#core/stitch'
import { dropClearances, judgeSwing, type SwingInput } from '#core/swing'

const DROPS = 200
const input: SwingInput = {
  machine: { maxWidthMm: 9, plateSlotMm: 10.4 },
  foot: { slotMm: 10.2, singleHole: false },
  plate: { singleHole: false },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: {
    alignment: 'centre',
    repeat: DROPS,
    widthMm: 6,
    lengthMm: 1,
    mirror: false,
    positionMm: 0,
    drops: Array.from({ length: DROPS }, (_, k) => ({ x: 0.5 * Math.sin((7 * Math.PI * k) / DROPS), y: k })),
  },
  marginMm: 0.5,
  clearanceMm: 0.25,
}

/** What the verdict is tested against: 64 points on every blade's rim at every needle position. */
function bruteForce(): boolean {
  const radius = input.needle.sizeNm / 200
  return landingsMm(input.stitch, input.stitch, 9).every(({ xMm }) =>
    bladeOffsetsMm(input.needle).every(offset => {
      for (let k = 0; k < 64; k++)
        if (Math.abs(xMm + offset + radius * Math.cos((2 * Math.PI * k) / 64)) > 5.1) return false
      return true
    }),
  )
}

describe('verdict, 200 drops', () => {
  bench('verdict with safe width', () => {
    judgeSwing(input)
  })
  bench('clearance at every drop', () => {
    dropClearances(input)
  })
  bench('brute force, strike only', () => {
    bruteForce()
  })
})
