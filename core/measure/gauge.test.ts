import { describe, expect, it } from 'vitest'
import {
  CUT_SPREAD_MM,
  feedFrom,
  fromRuler,
  fromScale,
  layerFrom,
  onScreen,
  perMinuteFrom,
  screenScale,
  texFrom,
  wedgeFor,
  wedgeReading,
  WEDGES,
  wedgeSheets,
  widthFactorFrom,
  wrapFrom,
} from '#core/measure'
import { normal, seeded } from '#core/simulated'

describe('the wedge gauge', () => {
  it('is corrected by its check line, and rounded down', () => {
    const { value, printScale } = wedgeReading(WEDGES[1]!, 8.3, 49.6)
    expect(printScale).toBeCloseTo(0.992, 12)
    // By hand: 8.3 × 0.992 = 8.2336, down to the next twentieth.
    expect(value).toBeCloseTo(8.2, 12)
    expect(wedgeReading(WEDGES[1]!, 8.3, 50).value).toBeCloseTo(8.3, 12)
  })
  it('says how well: a wedge that is cut, read and printed a little off reads so far off', () => {
    const random = seeded(3)
    const off = Array.from({ length: 20_000 }, () => {
      const cutMm = CUT_SPREAD_MM * (normal(random) + normal(random))
      const along = 0.02 * 1.5 * normal(random)
      return cutMm + along + ((8.3 * 0.25) / 50) * normal(random)
    })
    const seen = Math.sqrt(off.reduce((sum, mm) => sum + mm * mm, 0) / off.length)
    expect(wedgeReading(WEDGES[1]!, 8.3, 50).spread / seen).toBeCloseTo(1, 1)
  })
  it.each([
    [WEDGES[1]!, 9.2, 50, 'readMm'],
    [WEDGES[1]!, 5.9, 50, 'readMm'],
    [WEDGES[0]!, Number.NaN, 50, 'readMm'],
    [WEDGES[1]!, 8.3, 44, 'checkMm'],
  ] as const)('refuses %j read at %d with a line of %d: %s', (wedge, readMm, checkMm, field) =>
    expect(() => wedgeReading(wedge, readMm, checkMm)).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field }) }),
    ),
  )
  it.each([
    [3, 1],
    [6, 1],
    [6.1, 2],
    [12, 3],
  ])('of %d mm is number %d', (mm, number) => expect(wedgeFor(mm).number).toBe(number))
  it.each([2.9, 12.1, Number.NaN])('has none of %d mm', mm => expect(() => wedgeFor(mm)).toThrow())

  it('is as wide at every number as the number says', () => {
    const marks = wedgeSheets('a4').flatMap(({ marks: all }) => all)
    const outlines = marks.flatMap(mark => (mark.kind === 'path' ? [mark.steps] : []))
    expect(outlines).toHaveLength(3)
    const numbers = marks.flatMap(mark =>
      mark.kind === 'text' && /^\d+\.\d$/.test(mark.text) ? [[Number(mark.text), mark] as const] : [],
    )
    expect(numbers.length).toBe(3 * 7)
    // None lies under a grip.
    const grip = Math.max(...numbers.map(([, { x }]) => x))
    expect(numbers.filter(([, { x }]) => x > grip - 1).every(([, { anchor }]) => anchor === 'end')).toBe(true)
    for (const [mm, { x, y }] of numbers) {
      const line = marks.find(
        mark =>
          mark.kind === 'line'
          && mark.x1 === mark.x2
          && Math.abs(x - mark.x1) < 1
          && Math.abs(y - mark.y1) < 8
          && Math.abs(mark.y2 - mark.y1 - mm) < 1e-9,
      )
      expect(line, String(mm)).toBeDefined()
      // The outline’s own edges, straight from tip to end, are as far apart there.
      const at = line!.kind === 'line' ? line!.x1 : 0
      const steps = outlines.find(([first]) => first![0] === 'M' && Math.abs(first![2]! - y) < 7)!
      const [tip, end] = [
        steps[0] as readonly ['M', number, number],
        steps[1] as readonly ['L', number, number],
      ]
      const tipEnd = steps.at(-2) as readonly ['L', number, number]
      const middle = (tip[2] + tipEnd[2]) / 2
      const edge = tip[2] + ((end[2] - tip[2]) * (at - tip[1])) / (end[1] - tip[1])
      expect(2 * (middle - edge)).toBeCloseTo(mm, 9)
    }
  })
})

describe('measuring by counting', () => {
  it.each([
    ['a stitch on the cloth', feedFrom(fromRuler(57, 0.5), 20, 3), 0.95, 0.5 / Math.SQRT2 / 60],
    ['a width on the cloth', widthFactorFrom(fromRuler(5.1, 0.2), 5), 1.02, 0.2 / Math.SQRT2 / 5],
    ['a layer of a stack', layerFrom(fromRuler(4, 0.5), 20), 0.2, 0.5 / Math.SQRT2 / 20],
    // 0.25 × root of (0.354 over 10)² and (0.3 over 40)².
    ['a wrap', wrapFrom(fromRuler(10, 0.5), 40), 0.25, 0.25 * Math.hypot(0.035_355, 0.0075)],
    ['a weighed thread', texFrom(fromScale(0.6, 0.1), { value: 20, spread: 0.1 }), 30, 1.4511],
    ['a timed metre', perMinuteFrom(1000, { value: 2.5, spread: 0 }, 60), 400, (400 * 0.3 * Math.SQRT2) / 60],
  ])('%s', (_, { value, spread }, expected, spreads) => {
    expect(value).toBeCloseTo(expected, 9)
    expect(spread).toBeCloseTo(spreads, 4)
  })
  it.each([
    ['stitches', () => feedFrom(fromRuler(57, 0.5), 0, 3)],
    ['dialledMm', () => feedFrom(fromRuler(57, 0.5), 20, 0)],
    ['mm', () => fromRuler(0, 0.5)],
    ['readMm', () => fromRuler(5, Number.NaN)],
    ['layers', () => layerFrom(fromRuler(5, 0.5), 0)],
    ['wraps', () => wrapFrom(fromRuler(5, 0.5), 0)],
    ['grams', () => texFrom({ value: 0, spread: 0 }, { value: 20, spread: 0 })],
    ['metres', () => texFrom({ value: 1, spread: 0 }, { value: 0, spread: 0 })],
    ['seconds', () => perMinuteFrom(1000, { value: 2.5, spread: 0 }, 0)],
  ])('refuses a %s that is none', (field, ask) =>
    expect(ask).toThrow(expect.objectContaining({ details: expect.objectContaining({ field }) })),
  )
})

describe('measuring on the screen', () => {
  // Source: ISO/IEC 7810, ID-1: 85.60 mm.
  it('takes its scale from a card', () => {
    const scale = screenScale(428)
    expect(scale.value).toBeCloseTo(5, 9)
    const { value, spread } = onScreen(40, scale)
    expect(value).toBeCloseTo(8, 9)
    expect(spread).toBeCloseTo(8 * Math.hypot(Math.SQRT2 / 40, Math.SQRT2 / 428), 9)
  })
  it('takes it from its short side too, where the screen is narrow: less well', () => {
    const short = screenScale(269.9, 53.98)
    expect(short.value).toBeCloseTo(5, 9)
    expect(short.spread).toBeGreaterThan(screenScale(428).spread)
  })
  it('refuses a card of a few pixels', () => expect(() => screenScale(20)).toThrow())
})
