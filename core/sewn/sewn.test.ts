import { svgPathProperties } from 'svg-path-properties'
import { Bezier } from 'bezier-js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  rightSide,
  SEGMENT_NUMBERS,
  sewnSvg,
  type SewnInput,
  dipsOf,
  strokesOf,
  type SewnPicture,
  type SewnThread,
  ThreadRun,
  underSide,
} from '#core/sewn'
import { findStitch, STITCHES } from '#core/stitch'

const plain = (hex = '#2b4c7e'): SewnThread => ({
  colours: [{ hex, runMm: 1000 }],
  diameterMm: 0.2,
  look: 'sheen',
})
const twin = (over: Partial<SewnInput> = {}, stitch = 'straight', width = 0, length = 2.5): SewnInput => ({
  stitch: { ...findStitch(stitch)!, widthMm: width, lengthMm: length, mirror: false, positionMm: 0 },
  maxWidthMm: 7,
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  threads: [plain(), plain('#b57e12')],
  bobbin: plain('#888888'),
  seamMm: 20,
  clothThicknessMm: 0,
  ...over,
})
const segments = ({ segments: s }: SewnPicture) =>
  Array.from(
    { length: s.length / SEGMENT_NUMBERS },
    (_, i) =>
      Array.from(s.subarray(i * SEGMENT_NUMBERS, (i + 1) * SEGMENT_NUMBERS)) as [
        number,
        number,
        number,
        number,
        number,
      ],
  )
const lengthOf = (list: [number, number, number, number, number][]) =>
  list.reduce((sum, [x1, y1, x2, y2]) => sum + Math.hypot(x2 - x1, y2 - y1), 0)

describe('the right side', () => {
  it('lays two parallel rows one gap apart for a straight seam', () => {
    const rows = segments(rightSide(twin()))
    expect(new Set(rows.map(([x1]) => x1))).toEqual(new Set([-1, 1]))
    expect(rows.every(([x1, , x2]) => x1 === x2)).toBe(true)
  })

  it.each(STITCHES.filter(({ id }) => id !== 'straight').map(({ id }) => id))(
    '%s: each row is as long as a reference package measures it',
    id => {
      const input = twin({}, id, 4, 1.5)
      const left = segments(rightSide(input)).filter(([, , , , style]) => style === 0)
      const path = left.map(([x1, y1, x2, y2], i) => `${i === 0 ? `M${x1} ${y1}` : ''}L${x2} ${y2}`).join('')
      // Reference: svg-path-properties from the registry, and bezier-js for each stretch as a degenerate
      // cubic.
      expect(lengthOf(left)).toBeCloseTo(new svgPathProperties(path).getTotalLength(), 4)
      const cubic = left
        .slice(0, 20)
        .reduce(
          (sum, [x1, y1, x2, y2]) =>
            sum
            + new Bezier(
              x1,
              y1,
              x1 + (x2 - x1) / 3,
              y1 + (y2 - y1) / 3,
              x1 + ((x2 - x1) * 2) / 3,
              y1 + ((y2 - y1) * 2) / 3,
              x2,
              y2,
            ).length(),
          0,
        )
      expect(lengthOf(left.slice(0, 20))).toBeCloseTo(cubic, 4)
    },
  )

  it('zigzag takes √(L² + w²) a swing', () => {
    // Source: rectangular lockstitch model; O’Dwyer & Munden 1975 (from memory), rederived from the triangle.
    const left = segments(rightSide(twin({}, 'zigzag', 4, 1.5))).filter(([, , , , style]) => style === 0)
    for (const [x1, y1, x2, y2] of left)
      expect(Math.hypot(x2 - x1, y2 - y1)).toBeCloseTo(Math.hypot(1.5, 4), 5)
  })

  it('sews all needles stitch by stitch, so that rows interlace', () => {
    expect(
      segments(rightSide(twin({}, 'zigzag', 4, 1)))
        .slice(0, 4)
        .map(([, , , , style]) => style),
    ).toEqual([0, 1, 0, 1])
  })

  it('draws a triple with three threads', () => {
    const picture = rightSide(
      twin({
        needle: { construction: 'triple', gapMm: 2, sizeNm: 80 },
        threads: [plain(), plain(), plain()],
      }),
    )
    expect(new Set(segments(picture).map(([x1]) => x1))).toEqual(new Set([-2, 0, 2]))
  })
})

describe('the wrong side', () => {
  it('takes g + √(g² + L²) of bobbin thread a stitch', () => {
    // Source: domain formula, common practice; rederived: across to the other hole, then slanting to the next
    // stitch.
    const under = segments(underSide(twin()))
    expect(lengthOf(under.slice(0, 2))).toBeCloseTo(2 + Math.hypot(2, 2.5), 5)
  })

  it('is turned over: what is left on the right side is right here', () => {
    const input = twin({
      needle: { construction: 'single', gapMm: 0, sizeNm: 80 },
      stitch: { ...findStitch('straight')!, widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 1 },
    })
    expect(segments(rightSide(input))[0]![0]).toBe(1)
    expect(segments(underSide(input))[0]![0]).toBe(-1)
  })
})

describe('variegated thread', () => {
  const colours = [
    { hex: '#aa0000', runMm: 10 },
    { hex: '#00aa00', runMm: 5 },
  ]

  it('changes colour along the thread, not along the seam', () => {
    const seamOfFirstColour = (width: number) => {
      const [first] = segments(
        rightSide(twin({ threads: [{ ...plain(), colours }, plain()], seamMm: 40 }, 'zigzag', width, 1)),
      ).filter(([, , , , s]) => s === 1)
      return first![1]
    }
    const start = -2
    expect(seamOfFirstColour(0.001) - start).toBeCloseTo(10, 1)
    expect(seamOfFirstColour(4) - start).toBeCloseTo(10 / Math.hypot(1, 4), 1)
  })

  it('loses what goes into the cloth at each stitch', () => {
    const firstChange = (t: number) =>
      segments(
        rightSide(twin({ threads: [{ ...plain(), colours }, plain()], clothThicknessMm: t, seamMm: 60 })),
      ).find(([, , , , s]) => s === 1)![1]
    // Stitches of 2.5 with 2.5 mm hidden in each: the first colour shows on half as much seam.
    expect(firstChange(0) - -2.5).toBeCloseTo(10, 5)
    expect(firstChange(2.5) - -2.5).toBeCloseTo(5, 5)
  })

  it('lays out every millimetre once, whatever the runs', () => {
    const runs = fc.array(fc.double({ min: 0.1, max: 20, noNaN: true }), { minLength: 1, maxLength: 6 })
    fc.assert(
      fc.property(
        runs,
        fc.array(fc.double({ min: 0.1, max: 30, noNaN: true }), { maxLength: 10 }),
        (lengths, stitches) => {
          const run = new ThreadRun(lengths.map(runMm => ({ hex: '#000000', runMm })))
          for (const stitch of stitches) {
            let at = 0
            run.lay(stitch, (_, from, to) => {
              expect(from).toBeCloseTo(at, 9)
              expect(to).toBeGreaterThan(from)
              at = to
            })
            expect(at).toBeCloseTo(1, 6)
          }
        },
      ),
    )
  })

  it.each([[[]], [[{ hex: '#000000', runMm: 0 }]], [[{ hex: '#000000', runMm: Number.NaN }]]])(
    'refuses colours %j',
    bad => {
      expect(() => new ThreadRun(bad)).toThrow(expect.objectContaining({ code: 'out-of-range' }))
    },
  )
})

describe('dips', () => {
  const picture = rightSide(twin({ threads: [plain(), { ...plain(), diameterMm: 0.4 }] }))
  it('stand at every needle hole, as wide as the thread that goes through', () => {
    const dips = dipsOf(picture)
    expect(dips).toHaveLength(picture.holes.length / 3)
    expect(dips[0]).toMatchObject({ xMm: picture.holes[0], yMm: picture.holes[1] })
    expect(dips[1]!.radiusMm / dips[0]!.radiusMm).toBeCloseTo(2, 9)
  })
  it('come into the file too', () => {
    const dots = sewnSvg(picture, 'Twin', '#ffffff').match(/stroke-opacity="0\.36"|opacity="0\.36"/g)
    expect(dots).toHaveLength(dipsOf(picture).length)
  })
})

describe('pearl cotton', () => {
  it('shows its turns, darker and wider apart than a spun thread does', () => {
    const banded = (look: SewnThread['look']) =>
      strokesOf({ colour: '#a03030', diameterMm: 0.5, look, thread: 0 }, '#ffffff').find(
        ({ dashMm, colour }) => dashMm !== null && colour === '#000000',
      )!
    expect(banded('twist').opacity).toBeGreaterThan(banded('matt').opacity)
    expect(strokesOf({ colour: '#a03030', diameterMm: 0.5, look: 'sheen', thread: 0 }, '#ffffff')).toSatisfy(
      (layers: { dashMm: unknown }[]) => layers.every(({ dashMm }) => dashMm === null),
    )
  })
})

describe('sewnSvg', () => {
  const svg = sewnSvg(rightSide(twin()), 'Cape <script>alert(1)</script> & "hem"', 'red" onload="x')
  it('is at true size with a 50 mm check line', () => {
    const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg)!
    expect(svg).toContain(`${width} ${height}">`)
    expect(Number(height)).toBe(34)
    const level = [...svg.matchAll(/d="M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)" stroke-width="0.3"/g)]
      .map(([, ...numbers]) => numbers.map(Number))
      .filter(([, y1, , y2]) => y1 === y2)
    expect(level.map(([x1, , x2]) => x2! - x1!)).toEqual([50])
  })
  it('keeps names as text', () => {
    expect(svg).not.toContain('<script>')
    expect(svg).not.toContain('onload')
  })
})
