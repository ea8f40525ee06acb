import { describe, expect, it } from 'vitest'
import type { Span } from '#core/measure'
import { type GrayImage, readRow, type RowLook } from '#core/photo'
import { nearestOn, type Point } from '#core/plane'
import { normal, type Random, seeded } from '#core/simulated'
import { fewOf, isLong } from '../../tests/unit/long'

/**
 * Rows painted by other rules than the app draws thread by, so that what was set on its own pictures is tried
 * on pictures it was not set on: flat strokes, holes that show bright or dark, stitches that differ, cloth
 * with a weave.
 */
const PX_PER_MM = 12
const [WIDTH, HEIGHT] = [240, 620]
const map = {
  toMm: ({ x, y }: Point) => ({ x: x / PX_PER_MM, y: y / PX_PER_MM }),
  toPx: ({ x, y }: Point) => ({ x: x * PX_PER_MM, y: y * PX_PER_MM }),
}

interface Painted {
  readonly cloth: number
  readonly thread: number
  /** What a hole looks like; null: thread goes on over it. */
  readonly hole: number | null
  readonly widePx: number
  readonly noise: number
  /** How much a weave of 2 threads a mm changes the cloth. */
  readonly weave: number
  /** Of the length of a stitch, one standard deviation. */
  readonly uneven: number
}
const PLAIN: Painted = { cloth: 220, thread: 70, hole: 25, widePx: 4, noise: 4, weave: 0, uneven: 0.03 }

/** Strokes from place to place with round holes at their ends, softened over a pixel and a half. */
function painted(lines: readonly (readonly Point[])[], look: Painted, random: Random): GrayImage {
  const { cloth, thread, hole, widePx, noise, weave } = look
  const data = Float32Array.from({ length: WIDTH * HEIGHT }, (_, i) => {
    const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)]
    return cloth + weave * Math.sin(2.1 * x) * Math.sin(2.1 * y)
  })
  const put = (a: Point, b: Point, half: number, value: number) => {
    const reach = half + 2
    for (let y = Math.floor(Math.min(a.y, b.y) - reach); y <= Math.max(a.y, b.y) + reach; y++)
      for (let x = Math.floor(Math.min(a.x, b.x) - reach); x <= Math.max(a.x, b.x) + reach; x++) {
        if (x < 0 || y < 0 || x >= WIDTH || y >= HEIGHT) continue
        const inside = half - nearestOn({ x: x + 0.5, y: y + 0.5 }, a, b).apart
        const share = Math.min(1, Math.max(0, 0.5 + inside / 1.5))
        const at = y * WIDTH + x
        data[at] = data[at]! + share * (value - data[at]!)
      }
  }
  for (const line of lines)
    line.slice(1).forEach((place, k) => {
      put(line[k]!, place, widePx / 2, thread)
    })
  if (hole !== null) for (const place of lines.flat()) put(place, place, 0.5 * widePx, hole)
  return {
    width: WIDTH,
    height: HEIGHT,
    data: Uint8ClampedArray.from(data, value => value + noise * normal(random)),
  }
}

/** Where a needle goes in, mm by mm along the row, from 3 mm on. */
function alongMm(lengthMm: number, count: number, uneven: number, random: Random): number[] {
  const places = [3]
  for (let k = 0; k < count; k++) places.push(places[k]! + lengthMm * (1 + uneven * normal(random)))
  return places
}
const MIDDLE_MM = WIDTH / PX_PER_MM / 2

interface Sewn {
  readonly image: GrayImage
  readonly ends: Span
  readonly lengthMm: number
}
function sewn(
  look: RowLook,
  acrossMm: number,
  lengthMm: number,
  count: number,
  paint: Painted,
  seed: number,
) {
  const random = seeded(seed)
  const at = alongMm(lengthMm, count, paint.uneven, random)
  const place = (sideMm: number, alongIt: number) => map.toPx({ x: MIDDLE_MM + sideMm, y: alongIt })
  const half = acrossMm / 2
  const lines: Readonly<Record<RowLook, () => Point[][]>> = {
    straight: () => [at.map(mm => place(0, mm))],
    twin: () => [at.map(mm => place(-half, mm)), at.map(mm => place(half, mm))],
    zigzag: () => [at.map((mm, k) => place(k % 2 === 0 ? -half : half, mm))],
    under: () => [at.flatMap(mm => [place(-half, mm), place(half, mm)])],
  }
  const ends = [at[0]!, at.at(-1)!].map(mm => place(0, mm + 0.15 * lengthMm * normal(random)))
  const meanMm = (at.at(-1)! - at[0]!) / count
  return { image: painted(lines[look](), paint, random), ends: ends as unknown as Span, lengthMm: meanMm }
}
const readOf = (look: RowLook, acrossMm: number, { image, ends }: Sewn) =>
  readRow(image, map, look, ends, acrossMm / 2 + 2)

const PAINTS: readonly (readonly [string, Partial<Painted>])[] = [
  ['dark on light', {}],
  ['light on dark', { cloth: 60, thread: 200, hole: 20 }],
  ['holes that show the cloth', { hole: 220 }],
  ['a thin thread', { widePx: 2.5 }],
  ['a weave', { weave: 14 }],
  ['much noise', { noise: 12 }],
  ['uneven stitches', { uneven: 0.1 }],
]

/** Each look with its width and stitch length in mm, and how many stitches. */
const ROWS: readonly [RowLook, number, number, number][] = [
  ['straight', 0, 2.4, 14],
  ['twin', 3, 2.4, 14],
  ['zigzag', 4, 1.5, 20],
  ['under', 3, 2.4, 14],
]

describe.each(PAINTS.map(([name, over], i) => ({ name, over, i })))('rows in $name', ({ over, i }) => {
  const paint = { ...PLAIN, ...over }
  // In short each paint is tried on one look, and every look in some paint.
  it.each(isLong ? ROWS : [ROWS[i % ROWS.length]!])(
    '%s: a count that is told is the right one, and so is its length',
    (look, acrossMm, lengthMm, count) => {
      const seeds = fewOf([1, 2, 3], 1)
      const reads = seeds.map(seed => {
        const row = sewn(look, acrossMm, lengthMm, count, paint, seed)
        return { row, read: readOf(look, acrossMm, row) }
      })
      for (const { row, read } of reads) {
        if (!read.ok) continue
        expect(read.stitches).toBe(count)
        expect(Math.abs(read.lengthMm.value / row.lengthMm - 1)).toBeLessThan(0.03)
        if (read.acrossMm) expect(Math.abs(read.acrossMm.value - acrossMm)).toBeLessThan(0.4)
      }
    },
  )
})

describe('rows that stand out', () => {
  it.each(ROWS)('are told: %s', (look, acrossMm, lengthMm, count) => {
    const row = sewn(look, acrossMm, lengthMm, count, PLAIN, 7)
    expect(readOf(look, acrossMm, row)).toMatchObject({ ok: true, stitches: count })
  })
  it('say how uneven they are', () => {
    const scatterOf = (uneven: number) => {
      const row = sewn('zigzag', 4, 1.5, 20, { ...PLAIN, uneven }, 11)
      const read = readOf('zigzag', 4, row)
      return read.ok ? read.scatterMm : Number.NaN
    }
    expect(scatterOf(0.05)).toBeGreaterThan(1.5 * scatterOf(0))
    // A twentieth of 1.5 mm, by twenty stitches, on what is read of an even row.
    expect(scatterOf(0.05)).toBeGreaterThan(0.05)
    expect(scatterOf(0.05)).toBeLessThan(0.15)
  })
  it('ring every hole where it is', () => {
    const row = sewn('zigzag', 4, 1.5, 20, { ...PLAIN, uneven: 0 }, 12)
    const read = readOf('zigzag', 4, row)
    expect(read.ok && read.holesPx).toHaveLength(21)
    if (!read.ok) return
    read.holesPx.forEach((hole, k) => {
      const wanted = map.toPx({ x: MIDDLE_MM + (k % 2 === 0 ? -2 : 2), y: 3 + 1.5 * k })
      expect(Math.hypot(hole.x - wanted.x, hole.y - wanted.y)).toBeLessThan(6)
    })
  })
})

describe('what is no row', () => {
  it.each(['straight', 'zigzag', 'twin', 'under'] as const)('bare cloth with a weave is no %s', look => {
    for (const seed of fewOf([1, 2, 3], 1)) {
      const image = painted([], { ...PLAIN, weave: 14, noise: 8 }, seeded(seed))
      const ends: Span = [map.toPx({ x: MIDDLE_MM, y: 4 }), map.toPx({ x: MIDDLE_MM, y: 40 })]
      expect(readRow(image, map, look, ends, 3).ok).toBe(false)
    }
  })
  it('a drawn line without stitches is none', () => {
    for (const seed of fewOf([1, 2, 3], 1)) {
      const line = [map.toPx({ x: MIDDLE_MM, y: 1 }), map.toPx({ x: MIDDLE_MM, y: 50 })]
      const image = painted([line], { ...PLAIN, hole: null, noise: 8 }, seeded(seed))
      const ends: Span = [map.toPx({ x: MIDDLE_MM, y: 4 }), map.toPx({ x: MIDDLE_MM, y: 40 })]
      expect(readRow(image, map, 'straight', ends, 3).ok).toBe(false)
    }
  })
})
