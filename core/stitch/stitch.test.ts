import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  findStitch,
  landingsMm,
  parseDropsCsvRows,
  parsePolylinePoints,
  seamDropsMm,
  stitchFromDrops,
  STITCHES,
} from '#core/stitch'

const setting = { widthMm: 4, lengthMm: 1.5, mirror: false, positionMm: 0 }
const stitch = (id: string) => findStitch(id)!

describe('the stitch library', () => {
  it('holds at least 18 stitches with their own ids and names', () => {
    expect(STITCHES.length).toBeGreaterThanOrEqual(18)
    expect(new Set(STITCHES.map(({ id }) => id)).size).toBe(STITCHES.length)
    expect(new Set(STITCHES.map(({ name }) => name)).size).toBe(STITCHES.length)
  })

  it.each(STITCHES.filter(({ id }) => id !== 'straight').map(s => [s.id, s] as const))(
    '%s fills its width exactly, so that its width is the width it swings',
    (_, { drops }) => {
      expect(Math.min(...drops.map(({ x }) => x))).toBeCloseTo(-0.5, 12)
      expect(Math.max(...drops.map(({ x }) => x))).toBeCloseTo(0.5, 12)
    },
  )

  it.each(STITCHES.map(s => [s.id, s] as const))('%s moves forward and goes on from its end', (_, s) => {
    expect(s.repeat).toBeGreaterThan(0)
    expect(Math.min(...s.drops.map(({ y }) => y))).toBeGreaterThanOrEqual(0)
  })

  it('has no two stitches of the same shape', () => {
    const shapes = STITCHES.map(({ drops, repeat, alignment }) => JSON.stringify([drops, repeat, alignment]))
    expect(new Set(shapes).size).toBe(STITCHES.length)
  })
})

describe('landingsMm', () => {
  it('lands a centred stitch about the needle bar', () => {
    expect(landingsMm(stitch('zigzag'), setting, 7)).toEqual([
      { xMm: -2, yMm: 0 },
      { xMm: 2, yMm: 1.5 },
    ])
  })

  it('holds a side-aligned stitch at the end of the swing, whatever its width', () => {
    for (const widthMm of [1, 3, 6]) {
      const xs = landingsMm(stitch('blind-hem'), { ...setting, widthMm }, 7).map(({ xMm }) => xMm)
      expect(Math.max(...xs)).toBeCloseTo(3.5, 12)
      expect(Math.min(...xs)).toBeCloseTo(3.5 - widthMm, 12)
    }
  })

  it('mirrors first and moves the needle afterwards', () => {
    const xs = landingsMm(stitch('blind-hem'), { ...setting, mirror: true, positionMm: 0.5 }, 7).map(
      ({ xMm }) => xMm,
    )
    expect(Math.min(...xs)).toBeCloseTo(-3, 12)
  })

  it.each([
    ['widthMm', { ...setting, widthMm: Number.NaN }],
    ['lengthMm', { ...setting, lengthMm: Infinity }],
    ['widthMm', { ...setting, widthMm: -1 }],
    ['positionMm', { ...setting, positionMm: 1e9 }],
  ])('refuses a bad %s by name', (field, bad) => {
    expect(() => landingsMm(stitch('zigzag'), bad, 7)).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field }) }),
    )
  })

  it('refuses a stitch without drops', () => {
    expect(() => landingsMm({ alignment: 'centre', drops: [], repeat: 1 }, setting, 7)).toThrow(
      expect.objectContaining({ code: 'no-drops' }),
    )
  })
})

describe('seamDropsMm', () => {
  it('covers the seam and repeats at the repeat length', () => {
    const drops = seamDropsMm(stitch('zigzag'), setting, 7, 30)
    expect(drops[0]!.yMm).toBeLessThanOrEqual(0)
    expect(drops.at(-1)!.yMm).toBeGreaterThanOrEqual(30)
    expect(drops[4]!.yMm - drops[2]!.yMm).toBeCloseTo(3, 12)
  })

  it.each([0, 1e-9])('refuses a stitch length of %d instead of running forever', lengthMm => {
    expect(() => seamDropsMm(stitch('zigzag'), { ...setting, lengthMm }, 7, 30)).toThrow(
      expect.objectContaining({ code: 'bad-repeat' }),
    )
  })
})

describe('stitchFromDrops', () => {
  it('takes a drawing that ends where it began as closed', () => {
    const drawn = stitchFromDrops([
      { xMm: -2, yMm: 0 },
      { xMm: 2, yMm: 1.5 },
      { xMm: -2, yMm: 3 },
    ])
    expect(drawn).toMatchObject({
      widthMm: 4,
      lengthMm: 1.5,
      repeat: 2,
      drops: [
        { x: -0.5, y: 0 },
        { x: 0.5, y: 1 },
      ],
    })
  })

  it('gives back the drops it was made from, at the size it was drawn', () => {
    const point = fc.record({
      xMm: fc.double({ min: -4, max: 4, noNaN: true }),
      yMm: fc.double({ min: 0, max: 20, noNaN: true }),
    })
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 2, maxLength: 30 }),
        fc.double({ min: 1, max: 30, noNaN: true }),
        (drops, repeatMm) => {
          const drawn = stitchFromDrops(drops, repeatMm)
          const again = landingsMm(
            { ...drawn, alignment: 'centre' },
            { widthMm: drawn.widthMm, lengthMm: drawn.lengthMm, mirror: false, positionMm: drawn.middleMm },
            9,
          )
          for (const [i, drop] of again.entries()) {
            expect(drop.xMm).toBeCloseTo(drops[i]!.xMm, 5)
            expect(drop.yMm).toBeCloseTo(drops[i]!.yMm - drops[0]!.yMm, 5)
          }
        },
      ),
    )
  })

  it.each([
    [[], 'no-drops'],
    [[{ xMm: Number.NaN, yMm: 0 }], 'non-finite'],
    [[{ xMm: 0, yMm: 0 }], 'bad-repeat'],
    [
      [
        { xMm: 0, yMm: 5 },
        { xMm: 1, yMm: 0 },
      ],
      'bad-repeat',
    ],
  ] as const)('refuses %j as %s', (drops, code) => {
    expect(() => stitchFromDrops([...drops])).toThrow(expect.objectContaining({ code }))
  })
})

describe('reading drops', () => {
  it('reads a CSV by its column names, in any order', () => {
    expect(parseDropsCsvRows([['y_mm', 'x_mm'], ['0', '-2'], ['1,5', '2'], ['']])).toEqual({
      ok: true,
      drops: [
        { xMm: -2, yMm: 0 },
        { xMm: 2, yMm: 1.5 },
      ],
    })
  })

  it.each([
    [
      [
        ['x', 'y'],
        ['1', '2'],
      ],
      'x_mm',
    ],
    [
      [
        ['x_mm', 'y_mm'],
        ['1', 'two'],
      ],
      'Row 2, column y_mm',
    ],
    [[['x_mm', 'y_mm'], ['1']], 'Row 2, column y_mm'],
    [
      [
        ['x_mm', 'y_mm'],
        ['1e9', '0'],
      ],
      '500 mm',
    ],
    [[['x_mm', 'y_mm']], 'no needle position'],
    [[['x_mm', 'y_mm'], ...Array.from({ length: 2001 }, () => ['0', '0'])], '2000'],
  ])('names what is wrong in %j', (rows, part) => {
    expect(parseDropsCsvRows(rows)).toMatchObject({ ok: false, message: expect.stringContaining(part) })
  })

  it('reads the points of a polyline at a scale', () => {
    expect(parsePolylinePoints('0,0 10,5\n0 10', 0.5)).toEqual({
      ok: true,
      drops: [
        { xMm: 0, yMm: 0 },
        { xMm: 5, yMm: 2.5 },
        { xMm: 0, yMm: 5 },
      ],
    })
  })

  it.each([
    ['0,0 1', 'pairs'],
    ['0,zero', 'Point 1'],
    ['', 'no needle position'],
    ['0,99999', '500 mm'],
  ])('names what is wrong in points %s', (points, part) => {
    expect(parsePolylinePoints(points, 1)).toMatchObject({
      ok: false,
      message: expect.stringContaining(part),
    })
  })
})
