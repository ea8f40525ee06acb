import { describe, expect, it } from 'vitest'
import type { Span } from '#core/measure'
import type { Point } from '#core/plane'
import type { GrayImage } from './image'
import { placeOn, stripAlong } from './strip'

/** 10 px a mm, square on, the plane's corner in the picture's corner. */
const map = {
  toMm: ({ x, y }: Point) => ({ x: x / 10, y: y / 10 }),
  toPx: ({ x, y }: Point) => ({ x: 10 * x, y: 10 * y }),
}
/** Brighter to the right by 1 in 4 px, darker downwards by 1 in 5 px. */
const bright = (x: number, y: number) => 60 + x / 4 - y / 5
const [WIDTH, HEIGHT] = [400, 200]
const ramp: GrayImage = {
  width: WIDTH,
  height: HEIGHT,
  data: Array.from({ length: WIDTH * HEIGHT }, (_, i) =>
    bright((i % WIDTH) + 0.5, Math.floor(i / WIDTH) + 0.5),
  ),
}

describe('a strip cut out along a row', () => {
  it.each<[string, Span]>([
    [
      'to the right',
      [
        { x: 100, y: 100 },
        { x: 300, y: 100 },
      ],
    ],
    [
      'upwards',
      [
        { x: 200, y: 150 },
        { x: 200, y: 60 },
      ],
    ],
    [
      'aslant',
      [
        { x: 120, y: 60 },
        { x: 280, y: 140 },
      ],
    ],
  ])('shows what lies there, going %s', (_, span) => {
    const { data, along, across, stepMm, beforeMm } = stripAlong(ramp, map, span, 2, 1)
    const [from, to] = span.map(map.toMm) as [Point, Point]
    const longMm = Math.hypot(to.x - from.x, to.y - from.y)
    const way = { x: (to.x - from.x) / longMm, y: (to.y - from.y) / longMm }
    for (let s = 0; s < along; s += 7)
      for (let t = 0; t < across; t += 5) {
        const place = map.toPx(placeOn(from, way, s * stepMm - beforeMm, (t - (across - 1) / 2) * stepMm))
        expect(data[s * across + t]).toBeCloseTo(bright(place.x, place.y), 3)
      }
  })
  it('takes two steps a pixel, from before the first mark to behind the second', () => {
    const span: Span = [
      { x: 100, y: 100 },
      { x: 300, y: 100 },
    ]
    const strip = stripAlong(ramp, map, span, 2, 1.5)
    expect(strip.stepMm).toBeCloseTo(0.05, 9)
    expect(strip.along * strip.stepMm).toBeCloseTo(23, 1)
    expect((strip.across - 1) * strip.stepMm).toBeCloseTo(4, 1)
    expect(strip.across % 2).toBe(1)
  })
  it('is coarser rather than too large', () => {
    const span: Span = [
      { x: 0, y: 100 },
      { x: 400, y: 100 },
    ]
    // 40 mm in 40,000 px: two steps a pixel would be 0.5 µm.
    const near = { toMm: map.toMm, toPx: map.toPx }
    const strip = stripAlong(ramp, near, span, 15, 12)
    expect(strip.along * strip.across).toBeLessThan(4.2e6)
    expect(strip.stepMm).toBeGreaterThanOrEqual(0.02)
  })
})

describe('a place along a way', () => {
  it('lies to the right of it where aside counts up, y going down', () => {
    expect(placeOn({ x: 5, y: 5 }, { x: 1, y: 0 }, 3, 2)).toEqual({ x: 8, y: 7 })
    expect(placeOn({ x: 5, y: 5 }, { x: 0, y: 1 }, 3, 2)).toEqual({ x: 3, y: 8 })
  })
})
