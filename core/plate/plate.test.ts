import { describe, expect, it } from 'vitest'
import { plateView, wheelView } from '#core/plate'
import { findStitch } from '#core/stitch'
import { dropClearances, judgeSwing, type SwingInput, wantedClearance } from '#core/swing'

const zigzag = (widthMm: number) => ({
  ...findStitch('zigzag')!,
  widthMm,
  lengthMm: 1.5,
  mirror: false,
  positionMm: 0,
})
const base: SwingInput = {
  machine: { maxWidthMm: 7, plateSlotMm: null },
  foot: { slotMm: null, singleHole: false },
  plate: { singleHole: false },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: zigzag(4),
  marginMm: 0.5,
  clearanceMm: 0.25,
}
const viewOf = (input: SwingInput, drop = 0) => plateView(input, dropClearances(input), drop)
const lengths = (input: SwingInput) =>
  Object.fromEntries(
    viewOf(input).dimensions.map(({ what, lengthMm }) => [what, Number(lengthMm.toFixed(3))]),
  )

describe('over the plate', () => {
  it.each([
    ['machine', {}],
    ['plate', { machine: { maxWidthMm: 7, plateSlotMm: 8 } }],
    ['foot', { foot: { slotMm: 7.5, singleHole: false }, machine: { maxWidthMm: 7, plateSlotMm: 8 } }],
    // Both needles reach 4.4: 0.1 inside the plate, but 0.5 past the end of the swing (3.5 − 4.0).
    ['machine', { stitch: zigzag(6), machine: { maxWidthMm: 7, plateSlotMm: 9 } }],
  ] as const)('says that spares reach to the %s', (part, over) => {
    expect(viewOf({ ...base, ...over }).spareTo).toBe(part)
  })
  it('draws an opening as it is counted, and says that it is the narrow end', () => {
    const foot = { slotMm: 8, slotSpreadMm: 0.1, singleHole: false }
    const view = viewOf({ ...base, foot, machine: { maxWidthMm: 7, plateSlotMm: 9 } })
    expect(view.foot).toMatchObject({ halfMm: 3.9 })
    const said = Object.fromEntries(view.dimensions.map(one => [one.what, one]))
    expect(said.foot).toMatchObject({ lengthMm: expect.closeTo(7.8, 9), isLeast: true })
    expect(said.plate).toMatchObject({ lengthMm: 9, isLeast: false })
  })
  it('swings as wide as the machine sews, not as its dial says', () => {
    const wide = { ...base, stitch: { ...base.stitch, widthFactor: 1.1 } }
    const view = viewOf(wide)
    expect(view.halfSwingMm).toBeCloseTo(3.85, 9)
    expect(lengths(wide)).toMatchObject({ machine: 7.7 })
    const right = view.dimensions.find(({ what }) => what === 'spare-right')!
    // What is drawn is as long as the number beside it.
    expect(right.toMm - right.fromMm).toBeCloseTo(right.lengthMm, 9)
  })
  it('draws each landing once, and the blades of the drop the handwheel stands at', () => {
    const view = viewOf(base, 1)
    // Drops at ±2, blades at ±1 beside the bar: −3 and −1, 1 and 3.
    expect(view.landings.map(({ xMm }) => xMm).sort((a, b) => a - b)).toEqual([-3, -1, 1, 3])
    expect(view.now).toHaveLength(2)
    expect(viewOf(base, 9).now).toEqual([])
  })

  it('counts spare from the blade’s centre to the end of the swing while nothing is measured', () => {
    // Hand sum: 7 / 2 − (4 + 2) / 2 = 0.5.
    expect(lengths(base)).toEqual({ 'blades': 6.8, 'spare-left': 0.5, 'spare-right': 0.5, 'machine': 7 })
    const spare = viewOf(base).dimensions.find(({ what }) => what === 'spare-right')!
    expect([spare.fromMm, spare.toMm]).toEqual([3, 3.5])
  })

  it('counts it from the blade’s edge to the tightest measured opening', () => {
    const measured = {
      ...base,
      machine: { maxWidthMm: 7, plateSlotMm: 8.2 },
      foot: { slotMm: 8, singleHole: false },
    }
    // Hand sum: 8 / 2 − (3 + 0.4) = 0.6 to the foot.
    expect(lengths(measured)).toMatchObject({ 'spare-left': 0.6, 'plate': 8.2, 'foot': 8 })
    expect(viewOf(measured).foot).toEqual({ kind: 'slot', halfMm: 4, measured: true })
  })

  it('counts it to the end of the swing where that is struck worse than the opening', () => {
    const wide = { ...base, machine: { maxWidthMm: 7, plateSlotMm: 10 }, stitch: zigzag(6) }
    // Hand sum: (6 + 2) / 2 = 4: half a millimetre beyond 3.5, while 10 / 2 − 4.4 = 0.6 is free.
    const spare = viewOf(wide).dimensions.find(({ what }) => what === 'spare-right')!
    expect([spare.fromMm, spare.toMm, spare.lengthMm]).toEqual([4, 3.5, -0.5])
  })

  it.each([
    ['foot', { foot: { slotMm: null, singleHole: true } }],
    ['plate', { plate: { singleHole: true } }],
  ])('marks every blade of a twin over a single-hole %s as striking', (part, over) => {
    const view = viewOf({ ...base, ...over })
    expect(view.now.map(({ strikes }) => strikes)).toEqual([true, true])
    expect(view[part as 'foot' | 'plate']).toMatchObject({
      kind: 'hole',
      halfMm: expect.closeTo(0.6, 9),
      measured: false,
    })
  })

  it('marks only the blade that goes too far', () => {
    const shifted = {
      ...base,
      stitch: { ...findStitch('straight')!, widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 3 },
    }
    expect(viewOf(shifted).now.map(({ blade, strikes }) => [blade, strikes])).toEqual([
      ['left', false],
      ['right', true],
    ])
  })

  it('is wide enough for all it shows', () => {
    expect(viewOf(base).wideMm).toBe(7)
    expect(viewOf({ ...base, machine: { maxWidthMm: 7, plateSlotMm: 10.4 } }).wideMm).toBe(10.4)
    expect(viewOf({ ...base, stitch: zigzag(7) }).wideMm).toBeCloseTo(9.8, 9)
  })
})

describe('the handwheel', () => {
  const wheelOf = (input: SwingInput) => wheelView(input, dropClearances(input))
  it.each([
    ['clear', { stitch: zigzag(4) }],
    ['close', { machine: { maxWidthMm: 7, plateSlotMm: 8.2 }, stitch: zigzag(4.8) }],
    ['close', { stitch: zigzag(4.8) }],
    ['strikes', { stitch: zigzag(5.2) }],
    ['close', { needle: { construction: 'twin', gapMm: 6.8, sizeNm: 80 }, stitch: zigzag(0) }],
  ] as const)('shows the worst drop as the verdict of the stitch: %s', (verdict, over) => {
    const input = { ...base, ...over }
    expect(judgeSwing(input).verdict).toBe(verdict)
    const worst = wheelOf(input).bars.reduce((least, bar) => (bar.heightMm < least.heightMm ? bar : least))
    expect(worst.verdict).toBe(verdict)
  })

  it('asks for the tighter of margin and clearance, on the scale of its bars', () => {
    // Hand sums: the margin leaves 3.5 − 0.25 = 3.25; over an opening of 8.2 that is
    // 4.1 − 0.4 − 3.25 = 0.45 free.
    expect(wantedClearance(base)).toEqual({ mm: 0.25, asks: 'margin' })
    const plate = wantedClearance({ ...base, machine: { maxWidthMm: 7, plateSlotMm: 8.2 } })
    expect(plate.asks).toBe('margin')
    expect(plate.mm).toBeCloseTo(0.45, 9)
    const narrow = wantedClearance({ ...base, machine: { maxWidthMm: 7, plateSlotMm: 6.4 } })
    expect(narrow.asks).toBe('clearance')
    expect(narrow.mm).toBeCloseTo(0.25, 9)
  })

  it('asks a straight seam for the clearance at what is measured, and for nothing else', () => {
    const straight = { ...findStitch('straight')!, widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 }
    expect(wantedClearance({ ...base, stitch: straight })).toEqual({ mm: 0, asks: 'margin' })
    const measured = { ...base, stitch: straight, foot: { slotMm: 8, singleHole: false } }
    expect(wantedClearance(measured)).toMatchObject({ asks: 'clearance' })
    expect(wantedClearance({ ...base, plate: { singleHole: true } }).mm).toBe(0.25)
  })

  it('holds deep strikes at one millimetre and its axis at one or more', () => {
    const struck = wheelOf({
      ...base,
      stitch: zigzag(7),
      needle: { construction: 'twin', gapMm: 6, sizeNm: 80 },
    })
    expect(Math.min(...struck.bars.map(({ heightMm }) => heightMm))).toBe(-1)
    expect(struck.lowMm).toBe(-1)
    expect(struck.leastMm).toBe(-3)
    expect(wheelOf(base)).toMatchObject({ lowMm: 0, highMm: 1, marksMm: [0, 1] })
    expect(wheelView(base, [])).toMatchObject({ bars: [], leastMm: 0 })
  })
})
