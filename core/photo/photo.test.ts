import { describe, expect, it } from 'vitest'
import { ID_1, measureSpans, planeMap, type Span } from '#core/measure'
import {
  type ColourImage,
  type GrayImage,
  grayOf,
  readRow,
  type RowLook,
  snapCorners,
  SNAPPED_PX,
  snapSpan,
  straightened,
} from '#core/photo'
import type { Point } from '#core/plane'
import { rightSide, underSide } from '#core/sewn'
import { type Camera, faded, normal, photoOf, seeded, seenFrom, sewnScene, withCard } from '#core/simulated'
import { findStitch } from '#core/stitch'

const CORNERS_MM = [
  { x: 0, y: 0 },
  { x: ID_1.wideMm, y: 0 },
  { x: ID_1.wideMm, y: ID_1.tallMm },
  { x: 0, y: ID_1.tallMm },
]
const held = (over: Partial<Camera>): Camera => ({
  focalPx: 1500,
  awayMm: 300,
  tiltDeg: 15,
  turnDeg: 8,
  atMm: { x: 43, y: 32 },
  middlePx: { x: 280, y: 220 },
  ...over,
})
const seenMap = (camera: Camera) => planeMap({ cornersPx: CORNERS_MM.map(seenFrom(camera)), ...ID_1 })

describe('brightness', () => {
  it('weighs green the most', () => {
    const data = Uint8ClampedArray.from([255, 255, 255, 255, 0, 200, 0, 255, 200, 0, 0, 255, 0, 0, 200, 255])
    const gray = [...Array.from(grayOf({ width: 4, height: 1, data }).data)]
    expect(gray[0]).toBe(255)
    expect(gray[1]).toBeGreaterThan(gray[2]!)
    expect(gray[2]).toBeGreaterThan(gray[3]!)
  })
  it('refuses values that are not the picture’s', () =>
    expect(() => grayOf({ width: 2, height: 2, data: new Uint8ClampedArray(15) })).toThrow(
      expect.objectContaining({ code: 'bad-raster' }),
    ))
})

/** Squares of 5 mm, dark and bright. */
const chequers = (x: number, y: number) => ((Math.floor(x / 5) + Math.floor(y / 5)) % 2 === 0 ? 40 : 220)
const coloured = ({ width, height, data }: GrayImage): ColourImage => ({
  width,
  height,
  data: Uint8ClampedArray.from({ length: 4 * width * height }, (_, i) =>
    i % 4 === 3 ? 255 : data[Math.floor(i / 4)]!,
  ),
})

describe('a straightened photo', () => {
  const camera = held({})
  const shot = { camera, width: 560, height: 440, blurPx: 0.5, noise: 0, shadow: 0 }
  const photo = coloured(photoOf(chequers, shot, seeded(1)))
  it('is square again', () => {
    const flat = straightened(photo, seenMap(camera), { x: 10, y: 10, wideMm: 60, tallMm: 30 }, 4)
    expect([flat.width, flat.height]).toEqual([240, 120])
    // Middles of all squares have their own colour.
    for (let x = 12.5; x < 70; x += 5)
      for (let y = 12.5; y < 40; y += 5) {
        const at = 4 * (Math.round((y - 10) * 4) * flat.width + Math.round((x - 10) * 4))
        expect(Math.abs(flat.data[at]! - chequers(x, y))).toBeLessThan(12)
      }
  })
  it('is clear where nothing was seen', () => {
    const flat = straightened(photo, seenMap(camera), { x: -200, y: 10, wideMm: 40, tallMm: 30 }, 2)
    expect(Math.max(...flat.data)).toBe(0)
  })
  it.each([
    [{ x: 0, y: 0, wideMm: 0, tallMm: 10 }, 4, 'out-of-range'],
    [{ x: 0, y: 0, wideMm: 10, tallMm: Number.NaN }, 4, 'non-finite'],
    [{ x: 0, y: 0, wideMm: 1000, tallMm: 1000 }, 20, 'bad-raster'],
  ] as const)('is refused: %j at %d px a mm, %s', (shown, pxPerMm, code) =>
    expect(() => straightened(photo, seenMap(camera), shown, pxPerMm)).toThrow(
      expect.objectContaining({ code }),
    ),
  )
})

/** A slot of so many mm in a plate, beside a card with rounded corners. */
const SLOT = { x: 25, y: 62, wideMm: 7.6 }
const beside = withCard({ ...ID_1, bright: 235, roundMm: 3.18 }, (x, y) => {
  if (Math.abs(y - SLOT.y) > 7 || x < SLOT.x - 6 || x > SLOT.x + SLOT.wideMm + 6) return 90
  return Math.abs(y - SLOT.y) <= 5 && x >= SLOT.x && x <= SLOT.x + SLOT.wideMm ? 30 : 170
})
describe('marks drawn to edges', () => {
  const camera = held({})
  const shot = { camera, width: 560, height: 470, blurPx: 0.9, noise: 3, shadow: 0.3 }
  const photo = photoOf(beside, shot, seeded(5))
  const see = seenFrom(camera)
  const random = seeded(9)
  const off = ({ x, y }: Point) => ({ x: x + 1.5 * normal(random), y: y + 1.5 * normal(random) })
  const marked = CORNERS_MM.map(see).map(off)
  it('finds the corners a card does not have, where its sides meet', () => {
    const { cornersPx, offPx } = snapCorners(photo, marked, 8)!
    cornersPx.forEach((corner, i) => {
      const truth = see(CORNERS_MM[i]!)
      expect(Math.hypot(corner.x - truth.x, corner.y - truth.y)).toBeLessThan(0.3)
    })
    expect(offPx).toBeLessThan(0.5)
  })
  it('measures an opening that was marked aslant and beside its edges', () => {
    const { cornersPx } = snapCorners(photo, marked, 8)!
    const seen = { cornersPx, ...ID_1 }
    const aslant: Span = [
      see({ x: SLOT.x - 0.2, y: SLOT.y - 1.5 }),
      see({ x: SLOT.x + 7.9, y: SLOT.y + 1.4 }),
    ]
    const byHand = measureSpans(seen, [aslant]).lengths[0]!.mm
    expect(Math.abs(byHand - SLOT.wideMm)).toBeGreaterThan(0.5)
    const drawn = snapSpan(photo, planeMap(seen), aslant, 6)!
    const { mm, spreadMm } = measureSpans(seen, [drawn], SNAPPED_PX).lengths[0]!
    expect(Math.abs(mm - SLOT.wideMm)).toBeLessThan(0.06)
    expect(spreadMm).toBeLessThan(0.1)
  })
  it('follows a side past what touches it', () => {
    // Nearly as bright as the card, a plate's corner juts out under a quarter of its third side.
    const touching = withCard({ ...ID_1, bright: 225, roundMm: 3.18 }, (x, y) =>
      x > 12 && x < 34 && y < ID_1.tallMm + 0.06 * (x - 12) ? 215 : 90,
    )
    const seen = photoOf(touching, shot, seeded(7))
    const { cornersPx } = snapCorners(seen, marked, 8)!
    cornersPx.forEach((corner, i) => {
      const truth = see(CORNERS_MM[i]!)
      expect(Math.hypot(corner.x - truth.x, corner.y - truth.y)).toBeLessThan(0.4)
    })
  })
  it('measures a narrow opening that was marked far aslant', () => {
    const narrow = { x: 25, y: 62, wideMm: 3.4 }
    const scene = withCard({ ...ID_1, bright: 235, roundMm: 3.18 }, (x, y) => {
      if (Math.abs(y - narrow.y) > 7 || x < narrow.x - 6 || x > narrow.x + narrow.wideMm + 6) return 90
      return Math.abs(y - narrow.y) <= 5 && x >= narrow.x && x <= narrow.x + narrow.wideMm ? 30 : 170
    })
    const seen = photoOf(scene, shot, seeded(8))
    const aslant: Span = [
      see({ x: narrow.x + 0.6, y: narrow.y - 2 }),
      see({ x: narrow.x + 3.2, y: narrow.y + 0.6 }),
    ]
    const drawn = snapSpan(seen, seenMap(camera), aslant, 5)!
    const { mm } = measureSpans({ cornersPx: CORNERS_MM.map(see), ...ID_1 }, [drawn], SNAPPED_PX).lengths[0]!
    expect(Math.abs(mm - narrow.wideMm)).toBeLessThan(0.06)
  })
  it('leaves marks alone where there is no edge', () => {
    const bare = photoOf(() => 150, shot, seeded(6))
    expect(snapCorners(bare, marked, 8)).toBeNull()
    expect(snapSpan(bare, seenMap(camera), [see({ x: 20, y: 20 }), see({ x: 28, y: 20 })], 6)).toBeNull()
  })
})

interface Row {
  readonly look: RowLook
  readonly widthMm?: number
  readonly lengthMm: number
  readonly gapMm?: number
  readonly stitches: number
  readonly stitchPx: number
  readonly colour?: string
  readonly cloth?: string
  readonly under?: boolean
  readonly noise?: number
  /** How much of the thread stands out, 0 to 1. */
  readonly seen?: number
}
/** A row as sewn and photographed, and what is read of it. */
function readOf(row: Row) {
  const { look, widthMm = 0, lengthMm, gapMm = 0, stitches, stitchPx } = row
  const { colour = '#2b4c7e', cloth = '#f7f1e6', under = false, noise = 3, seen = 1 } = row
  const thread = { colours: [{ hex: colour, runMm: 1000 }], diameterMm: 0.28, look: 'sheen' as const }
  const picture = (under ? underSide : rightSide)({
    stitch: {
      ...findStitch(widthMm > 0 ? 'zigzag' : 'straight')!,
      widthMm,
      lengthMm,
      mirror: false,
      positionMm: 0,
    },
    maxWidthMm: 9,
    needle: { construction: gapMm > 0 ? 'twin' : 'single', gapMm, sizeNm: 80 },
    threads: [thread, thread],
    bobbin: thread,
    seamMm: (stitches + 4) * lengthMm,
    clothThicknessMm: 0,
  })
  const pxPerMm = stitchPx / lengthMm
  const longMm = stitches * lengthMm
  const width = Math.round((widthMm + gapMm + 10) * pxPerMm)
  const height = Math.round((longMm + 8) * pxPerMm)
  const camera = held({
    focalPx: 250 * pxPerMm,
    awayMm: 250,
    turnDeg: 2,
    atMm: { x: 0, y: longMm / 2 + 2 * lengthMm },
    middlePx: { x: width / 2, y: height / 2 },
  })
  const shot = { camera, width, height, blurPx: 0.8, noise, shadow: 0.3 }
  const photo = photoOf(faded(sewnScene(picture, cloth, 0.25 / pxPerMm), cloth, seen), shot, seeded(2))
  const ends = [2.1, stitches + 1.85].map(k => seenFrom(camera)({ x: 0.05, y: k * lengthMm }))
  return readRow(photo, seenMap(camera), look, ends as unknown as Span, (widthMm + gapMm) / 2 + 1.6)
}

describe('a row read from a photo', () => {
  it('counts a straight row and knows its length', () => {
    const read = readOf({ look: 'straight', lengthMm: 2.7, stitches: 14, stitchPx: 24 })
    expect(read).toMatchObject({ ok: true, stitches: 14, acrossMm: null })
    if (!read.ok) return
    expect(Math.abs(read.lengthMm.value / 2.7 - 1)).toBeLessThan(0.01)
    expect(read.scatterMm).toBeLessThan(0.15)
    expect(read.holesPx).toHaveLength(15)
  })
  it('reads a zigzag from tip to tip', () => {
    const read = readOf({ look: 'zigzag', widthMm: 4.4, lengthMm: 1.6, stitches: 17, stitchPx: 24 })
    expect(read).toMatchObject({ ok: true, stitches: 17 })
    if (!read.ok) return
    expect(Math.abs(read.acrossMm!.value - 4.4)).toBeLessThan(0.1)
    expect(Math.abs(read.lengthMm.value / 1.6 - 1)).toBeLessThan(0.02)
  })
  it('knows a twin’s true gap from its two lines', () => {
    const read = readOf({ look: 'twin', gapMm: 2.15, lengthMm: 2.5, stitches: 12, stitchPx: 30 })
    expect(read).toMatchObject({ ok: true, stitches: 12 })
    if (!read.ok) return
    expect(Math.abs(read.acrossMm!.value - 2.15)).toBeLessThan(0.05)
    expect(read.holesPx).toHaveLength(26)
  })
  it('sees how wide the bobbin goes to and fro under a twin', () => {
    const read = readOf({ look: 'under', gapMm: 3, lengthMm: 2.4, stitches: 14, stitchPx: 36, under: true })
    expect(read).toMatchObject({ ok: true, stitches: 14 })
    if (!read.ok) return
    expect(Math.abs(read.acrossMm!.value - 3)).toBeLessThan(0.15)
  })
  it.each<[string, Row, string[]]>([
    [
      'thread that hardly stands out',
      { look: 'straight', lengthMm: 2.5, stitches: 14, stitchPx: 24, seen: 0.06, noise: 6 },
      ['faint', 'unclear'],
    ],
    [
      'stitches of a few pixels',
      { look: 'straight', lengthMm: 2.5, stitches: 14, stitchPx: 5 },
      ['coarse', 'unclear'],
    ],
    [
      'a line that is no zigzag',
      { look: 'zigzag', lengthMm: 2.5, stitches: 14, stitchPx: 20 },
      ['unclear', 'faint'],
    ],
    [
      'one line for a twin',
      { look: 'twin', lengthMm: 2.5, stitches: 14, stitchPx: 20 },
      ['unclear', 'faint'],
    ],
  ])('says that it cannot tell: %s', (_, row, reasons) => {
    const read = readOf(row)
    expect(read.ok ? `read ${read.stitches}` : read.reason).toBeOneOf(reasons)
  })
  it('says that a mark of a stitch is too short', () => {
    const camera = held({})
    const map = seenMap(camera)
    const photo = { width: 560, height: 440, data: new Uint8Array(560 * 440).fill(200) }
    const ends = [
      { x: 10, y: 10 },
      { x: 10.5, y: 10 },
    ].map(seenFrom(camera)) as unknown as Span
    expect(readRow(photo, map, 'straight', ends, 2)).toEqual({ ok: false, reason: 'short' })
    expect(() => readRow(photo, map, 'straight', ends, 0)).toThrow()
  })
})
