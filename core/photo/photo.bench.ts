import { bench, describe } from 'vitest'
import { ID_1, planeMap } from '#core/measure'
import { readRow, snapCorners, straightened } from '#core/photo'
import { rightSide } from '#core/sewn'
import { photoOf, seeded, seenFrom, sewnScene } from '#core/simulated'
import { findStitch } from '#core/stitch'

const cornersMm = [
  { x: 0, y: 0 },
  { x: ID_1.wideMm, y: 0 },
  { x: ID_1.wideMm, y: ID_1.tallMm },
  { x: 0, y: ID_1.tallMm },
]
const camera = {
  focalPx: 9000,
  awayMm: 300,
  tiltDeg: 20,
  turnDeg: 8,
  atMm: { x: 43, y: 27 },
  middlePx: { x: 2000, y: 1500 },
}
const map = planeMap({ cornersPx: cornersMm.map(seenFrom(camera)), ...ID_1 })
const [width, height] = [4000, 3000]
const twelve = { width, height, data: new Uint8ClampedArray(4 * width * height).fill(120) }
const gray = {
  width,
  height,
  data: new Uint8Array(width * height).map((_, i) => (i % width < 2000 ? 60 : 200)),
}

describe('a photo of 12 megapixels', () => {
  bench('twelve megapixels straightened', () => {
    straightened(twelve, map, { x: -20, y: -20, wideMm: 130, tallMm: 95 }, 31)
  })
  bench('the corners of a card', () => {
    snapCorners(gray, cornersMm.map(seenFrom(camera)), 20)
  })
})

const thread = { colours: [{ hex: '#2b4c7e', runMm: 1000 }], diameterMm: 0.28, look: 'sheen' as const }
const close = { ...camera, focalPx: 2500, tiltDeg: 10, turnDeg: 2, atMm: { x: 0, y: 35 } }
const rowCamera = { ...close, middlePx: { x: 90, y: 300 } }
const row = photoOf(
  sewnScene(
    rightSide({
      stitch: { ...findStitch('zigzag')!, widthMm: 4, lengthMm: 2, mirror: false, positionMm: 0 },
      maxWidthMm: 9,
      needle: { construction: 'single', gapMm: 0, sizeNm: 80 },
      threads: [thread],
      bobbin: thread,
      seamMm: 80,
      clothThicknessMm: 0,
    }),
    '#f0e6d2',
    0.04,
  ),
  { camera: rowCamera, width: 180, height: 600, blurPx: 0.8, noise: 3, shadow: 0.2 },
  seeded(3),
)
const rowMap = planeMap({ cornersPx: cornersMm.map(seenFrom(rowCamera)), ...ID_1 })
const ends = [seenFrom(rowCamera)({ x: 0, y: 14 }), seenFrom(rowCamera)({ x: 0, y: 56 })] as const

describe('a row of 21 stitches', () => {
  bench('a row read from a photo', () => {
    if (!readRow(row, rowMap, 'zigzag', ends, 4).ok) throw new Error('it could not be read')
  })
})
