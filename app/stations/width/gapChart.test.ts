import { findStitch } from '#core/stitch'
import { describe, expect, it } from 'vitest'
import { gapCurve, judgeSwing, type SwingInput } from '#core/swing'
import { gapChart } from './gapChart'

const input: SwingInput = {
  machine: { maxWidthMm: 7, plateSlotMm: null },
  foot: { slotMm: null, singleHole: false },
  plate: { singleHole: false },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: { ...findStitch('zigzag')!, widthMm: 4, lengthMm: 1.5, mirror: false, positionMm: 0 },
  marginMm: 0.5,
  clearanceMm: 0.25,
}
const look = { ink: '', mute: '', line: '', safe: '', limit: '', interlaced: '' }

describe('gapCurve', () => {
  it('says at each gap what the verdict says there', () => {
    for (const point of gapCurve(input, { sizeNm: 80 }, [1.6, 2, 4, 6, 7, 8])) {
      const result = judgeSwing({ ...input, needle: { ...input.needle, gapMm: point.gapMm } })
      expect(point).toMatchObject({ safeWidthMm: result.safeWidthMm, limitWidthMm: result.limitWidthMm })
    }
  })
})

describe('gapChart', () => {
  it('plots the curve and marks only the gaps that have a safe width', () => {
    const curve = gapCurve(input, { sizeNm: 80 }, [2, 4, 8])
    const { series } = gapChart(
      curve,
      [
        { gapMm: 2, label: '2.0/80', safeWidthMm: 4.5 },
        { gapMm: 8, label: '8.0/100', safeWidthMm: null },
      ],
      look,
      String,
      'mm',
    ) as { series: { data: unknown[][] }[] }
    expect(series[0]!.data[0]).toEqual([2, 4.5])
    expect(series[3]!.data).toEqual([[2, 4.5]])
  })
})
