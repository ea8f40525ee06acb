import { Bezier } from 'bezier-js'
import * as fontkit from 'fontkit'
import * as fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { difference, union } from 'polyclip-ts'
import { svgPathProperties } from 'svg-path-properties'
import { describe, expect, it } from 'vitest'
import type { Point } from '#core/plane'
import {
  boundsOf,
  checkOutline,
  chordsOf,
  drawnOutline,
  FORM_IDS,
  formRegion,
  grown,
  outlinesOfPath,
  placed,
  readFont,
  type Region,
  seenEdges,
  sidesOf,
  signedAreaMm2,
  unionOf,
  withoutOf,
  wordRegion,
} from '#core/shape'

const lengthOf = (points: readonly Point[], closed: boolean) =>
  sidesOf(points, closed).reduce((sum, [a, b]) => sum + Math.hypot(b.x - a.x, b.y - a.y), 0)
const areaOf = (region: Region) => region.reduce((sum, ring) => sum + signedAreaMm2(ring), 0)
const form = (id: (typeof FORM_IDS)[number], wideMm = 60, tallMm = id === 'drop' ? 80 : 60, count = 5) =>
  formRegion({ form: id, wideMm, tallMm, count })

describe('a form of the library', () => {
  it.each(FORM_IDS)('%s is an edge that does not cross itself, at its size, cloth on the left', id => {
    const [wide, tall] = id === 'circle' ? [60, 60] : [50, 80]
    const [ring] = form(id, wide, tall)
    expect(() => checkOutline({ pointsMm: ring!, closed: true })).not.toThrow()
    expect(signedAreaMm2(ring!)).toBeGreaterThan(100)
    const { left, right, foot, top } = boundsOf([ring!])
    expect(right - left).toBeLessThanOrEqual(wide + 0.01)
    expect(top - foot).toBeLessThanOrEqual(tall + 0.01)
    // A star of five points does not reach its box at the sides and below, nor a crescent on its open side.
    if (id !== 'star' && id !== 'crescent')
      expect([right - left, top - foot]).toEqual([expect.closeTo(wide, 1), expect.closeTo(tall, 1)])
  })
  // Closed forms of plane geometry; an ellipse's length by Ramanujan's second approximation (1914).
  it('has the length and area that geometry gives', () => {
    expect(lengthOf(form('circle')[0]!, true)).toBeCloseTo(60 * Math.PI, 1)
    expect(areaOf(form('circle')) / (900 * Math.PI)).toBeCloseTo(1, 3)
    const [a, b] = [30, 20]
    const h = ((a - b) / (a + b)) ** 2
    const ramanujan = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)))
    expect(lengthOf(form('ellipse', 60, 40)[0]!, true)).toBeCloseTo(ramanujan, 1)
    // Two arcs of radius 50 over a chord of 80: each of 2 · 50 · asin(40/50).
    expect(lengthOf(form('leaf', 40, 80)[0]!, true)).toBeCloseTo(4 * 50 * Math.asin(0.8), 1)
    expect(lengthOf(form('rounded', 60, 40)[0]!, true)).toBeCloseTo(2 * (40 + 20) + 2 * Math.PI * 10, 1)
    // What its round adds above, its neighbours take away below: half of its box.
    expect(areaOf(form('clamshell', 60, 60))).toBeCloseTo(60 * 30, 0)
  })
  it('refuses a leaf wider than tall, and a size of nothing', () => {
    expect(() => form('leaf', 90, 40)).toThrow(/taller than it is wide/)
    expect(() => form('circle', Number.NaN)).toThrow(/not a number/)
    expect(() => form('heart', 0)).toThrow(/wideMm/)
  })
})

describe('path data', () => {
  // Reference: svg-path-properties, another reader of path data.
  it.each([
    'M0 0H40V30H0Z',
    'M10 10c20 -10 30 40 0 40s-30-20 0-40z',
    'M0 0 Q 20 40 40 0 T 80 0',
    'M10 80 A 25 40 30 1 0 60 40 L 10 80',
    'm5 5l10 0 0 10 -10 0z',
  ])('%s is as long as another reader says', data => {
    const [outline] = outlinesOfPath(data, 1)
    const drawn = lengthOf(outline!.pointsMm, outline!.closed)
    expect(drawn).toBeCloseTo(new svgPathProperties(data).getTotalLength(), 1)
  })
  it('scales by its unit, and keeps holes and open stretches apart', () => {
    const found = outlinesOfPath('M0 0H10V10H0ZM2 2H4V4H2ZM20 0L30 0', 2)
    expect(found.map(({ pointsMm, closed }) => [lengthOf(pointsMm, closed), closed])).toEqual([
      [80, true],
      [16, true],
      [20, false],
    ])
  })
  it.each<[string, RegExp]>([
    ['', /no length/],
    ['M0 0', /no length/],
    ['M0 0L10 NaN', /cannot be read|no number/],
    ['hello', /cannot be read/],
    ['M0 0L1e999 0', /cannot be read|no number/],
    [`M0 0${'L1 1'.repeat(60_000)}`, /most/],
  ])('refuses %.20s', (data, message) => expect(() => outlinesOfPath(data, 1)).toThrow(message))
  // Reference: bezier-js, a geometry package; its own length is integrated.
  it('follows curves within 0.004 mm', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            x: fc.double({ min: -50, max: 50, noNaN: true }),
            y: fc.double({ min: -50, max: 50, noNaN: true }),
          }),
          { minLength: 4, maxLength: 4 },
        ),
        handles => {
          const curve = new Bezier(handles.map(({ x, y }) => ({ x, y })))
          const way = [handles[0]!, ...chordsOf(handles)]
          for (let t = 0; t <= 1; t += 0.05) {
            const at = curve.get(t)
            const off = Math.min(...sidesOf(way, false).map(([a, b]) => fromSide(at, a, b)))
            expect(off).toBeLessThan(0.00401)
          }
        },
      ),
      { numRuns: 60 },
    ))
})

function fromSide(p: Point, a: Point, b: Point): number {
  const square = (b.x - a.x) ** 2 + (b.y - a.y) ** 2
  const share = square === 0 ? 0 : ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / square
  const on = Math.min(1, Math.max(0, share))
  return Math.hypot(p.x - a.x - on * (b.x - a.x), p.y - a.y - on * (b.y - a.y))
}

describe('shapes on each other', () => {
  const at = (region: Region, x: number, y: number) => placed(region, { x, y, turnDeg: 0, flipped: false })
  const rings = (region: Region) => region.map(ring => ring.map(({ x, y }) => [x, y] as [number, number]))
  // Reference: polyclip-ts, another clipping package, written apart from ours.
  const areaThere = (found: ReturnType<typeof union>) =>
    found.reduce(
      (sum, polygon) =>
        sum
        + polygon.reduce((part, ring) => part + signedAreaMm2(ring.map(([x, y]) => ({ x: x!, y: y! }))), 0),
      0,
    )
  it('cover what another clipping package says', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FORM_IDS),
        fc.constantFrom(...FORM_IDS),
        fc.integer({ min: -40, max: 40 }),
        fc.integer({ min: -40, max: 40 }),
        (one, other, x, y) => {
          const [a, b] = [form(one), at(form(other, 40, 60), x + 0.37, y + 0.11)]
          expect(areaOf(unionOf([a, b]))).toBeCloseTo(areaThere(union([rings(a)], [rings(b)])), 0)
          expect(areaOf(withoutOf(a, [b]))).toBeCloseTo(areaThere(difference([rings(a)], [rings(b)])), 0)
        },
      ),
      { numRuns: 40 },
    ))
  it('show an edge exactly where no cover lies on it', () => {
    // A square half under another: three sides less what is covered are seen, in one stretch.
    const square = form('rectangle', 60, 60)
    const seen = seenEdges(square, [at(square, 30, 0)])
    expect(seen).toHaveLength(1)
    expect(seen[0]!.closed).toBe(false)
    expect(lengthOf(seen[0]!.pointsMm, false)).toBeCloseTo(60 + 2 * 30, 3)
  })
  it('show all of an edge that nothing covers, and nothing of one that lies under', () => {
    const circle = form('circle', 40)
    expect(seenEdges(circle, [at(circle, 100, 0)])).toEqual([{ pointsMm: expect.anything(), closed: true }])
    expect(seenEdges(circle, [form('circle', 80)])).toEqual([])
  })
  // What is seen of all edges together is the outline of the whole, plus what is seen of edges inside it.
  it('show edges whose seen and covered lengths add up', () =>
    fc.assert(
      fc.property(fc.integer({ min: -30, max: 30 }), fc.integer({ min: -30, max: 30 }), (x, y) => {
        const [a, b] = [form('heart'), at(form('star', 50, 50, 6), x + 0.41, y + 0.13)]
        const seen = seenEdges(a, [b]).reduce(
          (sum, { pointsMm, closed }) => sum + lengthOf(pointsMm, closed),
          0,
        )
        // Reference: the same edge as steps of a tenth, each asked whether it lies inside the cover.
        let outside = 0
        for (const [from, to] of sidesOf(a[0]!, true)) {
          const steps = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / 0.1))
          for (let i = 0; i < steps; i++) {
            const share = (i + 0.5) / steps
            const p = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) }
            if (!isInside(p, b[0]!)) outside += Math.hypot(to.x - from.x, to.y - from.y) / steps
          }
        }
        expect(Math.abs(seen - outside)).toBeLessThan(0.6)
      }),
      { numRuns: 40 },
    ))
  it('run on the way their ring runs, so that the cloth stays on the left', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FORM_IDS),
        fc.integer({ min: -30, max: 30 }),
        fc.integer({ min: -30, max: 30 }),
        (id, x, y) => {
          const heart = form('heart')
          for (const { pointsMm, closed } of seenEdges(heart, [at(form(id, 40, 60), x + 0.41, y + 0.13)])) {
            if (closed) continue
            const [a, b] = [pointsMm[0]!, pointsMm[1]!]
            const length = Math.hypot(b.x - a.x, b.y - a.y)
            const left = { x: -(b.y - a.y) / length, y: (b.x - a.x) / length }
            const middle = { x: (a.x + b.x) / 2 + 0.02 * left.x, y: (a.y + b.y) / 2 + 0.02 * left.y }
            if (length > 0.2) expect(isInside(middle, heart[0]!)).toBe(true)
          }
        },
      ),
      { numRuns: 60 },
    ))
  it('grow by an allowance: a circle by its radius', () => {
    expect(areaOf(grown(form('circle', 60), 5))).toBeCloseTo(Math.PI * 35 ** 2, -1)
    expect(areaOf(grown(form('circle', 60), -5))).toBeCloseTo(Math.PI * 25 ** 2, -1)
  })
  it('keep the cloth on the left when flipped', () => {
    const heart = form('heart')
    const flipped = placed(heart, { x: 10, y: 5, turnDeg: 30, flipped: true })
    expect(areaOf(flipped)).toBeCloseTo(areaOf(heart), 6)
  })
})

function isInside(p: Point, ring: readonly Point[]): boolean {
  let inside = false
  for (const [a, b] of sidesOf(ring, true))
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) inside = !inside
  return inside
}

describe('letters', () => {
  const require = createRequire(import.meta.url)
  const FILES = [
    '@fontsource/young-serif/files/young-serif-latin-400-normal.woff',
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-800-normal.woff',
  ]
  const bytesOf = (file: string) => readFileSync(require.resolve(file))
  const fontOf = (file: string) => {
    const bytes = bytesOf(file)
    return readFont(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length) as ArrayBuffer)
  }
  // Reference: fontkit, another font package, reading the same files.
  it.each(FILES)('of %s are as wide and as large as another font package says', file => {
    const ours = fontOf(file)
    const theirs = fontkit.create(bytesOf(file)) as fontkit.Font
    const scale = 50 / theirs.capHeight
    for (const letter of 'AgBRö8&') {
      const region = wordRegion(ours, { text: letter, tallMm: 50, spacingMm: 0 })
      const box = theirs.layout(letter).glyphs[0]!.bbox
      const { left, right, foot, top } = boundsOf(region)
      expect(left).toBeCloseTo(box.minX * scale, 1)
      expect(right).toBeCloseTo(box.maxX * scale, 1)
      expect(foot).toBeCloseTo(box.minY * scale, 1)
      expect(top).toBeCloseTo(box.maxY * scale, 1)
    }
    const pair = boundsOf(wordRegion(ours, { text: 'HH', tallMm: 50, spacingMm: 3 }))
    const [first] = theirs.layout('HH').positions
    const single = boundsOf(wordRegion(ours, { text: 'H', tallMm: 50, spacingMm: 0 }))
    expect(pair.right - single.right).toBeCloseTo(first!.xAdvance * scale + 3, 1)
  })
  it('keep their holes, and are sewn with the cloth on the left', () => {
    const font = fontOf(FILES[1]!)
    const holes = (text: string) =>
      wordRegion(font, { text, tallMm: 60, spacingMm: 0 }).filter(ring => signedAreaMm2(ring) < 0).length
    expect(['L', 'O', 'B', '8'].map(holes)).toEqual([0, 1, 2, 2])
  })
  it('say which one the font does not have', () =>
    expect(() => wordRegion(fontOf(FILES[0]!), { text: 'Kнига', tallMm: 40, spacingMm: 0 })).toThrow(
      expect.objectContaining({ code: 'no-letter', details: expect.objectContaining({ letter: 'н' }) }),
    ))
  it('refuse what is no font, no word and too long a word', () => {
    expect(() => readFont(new ArrayBuffer(64))).toThrow(expect.objectContaining({ code: 'bad-font' }))
    const font = fontOf(FILES[0]!)
    expect(() => wordRegion(font, { text: '  ', tallMm: 40, spacingMm: 0 })).toThrow(/no letter to sew/)
    expect(() => wordRegion(font, { text: 'a'.repeat(41), tallMm: 40, spacingMm: 0 })).toThrow(/at most 40/)
  })
})

describe('a drawn outline', () => {
  it('goes through every clicked point, and stays a polygon without curves', () => {
    const points = [
      { x: 0, y: 0, curved: false },
      { x: 40, y: 0, curved: true },
      { x: 40, y: 30, curved: false },
      { x: 0, y: 30, curved: false },
    ]
    const { pointsMm } = drawnOutline(points, true)
    for (const { x, y } of points) expect(pointsMm).toContainEqual({ x, y })
    expect(pointsMm.length).toBeGreaterThan(8)
    const plain = drawnOutline(
      points.map(point => ({ ...point, curved: false })),
      true,
    )
    expect(plain.pointsMm).toEqual(points.map(({ x, y }) => ({ x, y })))
  })
})

describe('what is no edge', () => {
  const at = (x: number, y: number) => ({ x, y })
  it.each<[string, Point[], RegExp]>([
    ['two points', [at(0, 0), at(1, 0)], /at least 3/],
    ['one that crosses itself', [at(0, 0), at(10, 10), at(10, 0), at(0, 10)], /crosses/],
    ['a doubled point', [at(0, 0), at(0, 0), at(10, 0), at(0, 10)], /same point/],
    ['a spike that folds back', [at(0, 0), at(10, 0), at(20, 0), at(10, 0), at(5, 9)], /crosses/],
    ['NaN', [at(0, 0), at(Number.NaN, 0), at(0, 10)], /not a number/],
    ['a hundred thousand points', Array.from({ length: 1e5 }, (_, i) => at(i / 100, i % 2)), /most/],
  ])('%s is refused', (_, pointsMm, message) =>
    expect(() => checkOutline({ pointsMm, closed: true })).toThrow(message),
  )
})
