import { crc32, deflateSync } from 'node:zlib'
import { photoOf, type Scene, seeded, seenFrom, type Shot, withCard } from '#core/simulated'

function chunk(kind: string, data: Buffer): Buffer {
  const named = Buffer.concat([Buffer.from(kind), data])
  const [length, check] = [Buffer.alloc(4), Buffer.alloc(4)]
  length.writeUInt32BE(data.length)
  check.writeUInt32BE(crc32(named))
  return Buffer.concat([length, named, check])
}

/** A grey picture as a PNG file. Source: PNG, ISO/IEC 15948 (from memory). */
export function pngOf(width: number, height: number, data: ArrayLike<number>): Buffer {
  const head = Buffer.alloc(13)
  head.writeUInt32BE(width, 0)
  head.writeUInt32BE(height, 4)
  head.set([8, 0, 0, 0, 0], 8)
  const rows = Buffer.concat(
    Array.from({ length: height }, (_, y) =>
      Buffer.from([0, ...Array.from({ length: width }, (_, x) => data[y * width + x]!)]),
    ),
  )
  const mark = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])
  return Buffer.concat([
    mark,
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

/** A PNG of two frames. Source: PNG, third edition (from memory). */
export function movingPng(side: number): Buffer {
  const still = pngOf(side, side, new Uint8Array(side * side))
  const [ends, data] = [still.length - 12, still.indexOf('IDAT') - 4]
  const frames = Buffer.alloc(8)
  frames.writeUInt32BE(2)
  const control = (order: number) => {
    const said = Buffer.alloc(26)
    said.writeUInt32BE(order, 0)
    said.writeUInt32BE(side, 4)
    said.writeUInt32BE(side, 8)
    said.set([0, 1, 0, 10], 20)
    return chunk('fcTL', said)
  }
  const packed = still.subarray(data + 8, ends - 4)
  const order = Buffer.alloc(4)
  order.writeUInt32BE(2)
  return Buffer.concat([
    still.subarray(0, data),
    chunk('acTL', frames),
    control(0),
    still.subarray(data, ends),
    control(1),
    chunk('fdAT', Buffer.concat([order, packed])),
    still.subarray(ends),
  ])
}

/** A JPEG that says the camera was held on its side, as phones do. Source: Exif 2.3 (from memory). */
export function turnedJpeg(jpeg: Buffer): Buffer {
  const tiff = '4d4d002a00000008' + '0001' + '0112000300000001' + '00060000' + '00000000'
  const exif = Buffer.concat([Buffer.from('Exif\0\0'), Buffer.from(tiff, 'hex')])
  const head = Buffer.from([0xff, 0xe1, 0, exif.length + 2])
  return Buffer.concat([jpeg.subarray(0, 2), head, exif, jpeg.subarray(2)])
}

/** A photo of a scene as a PNG, and where the camera sees a place of the table. */
export function renderedPhoto(scene: Scene, shot: Shot, seed: number) {
  const { width, height, data } = photoOf(scene, shot, seeded(seed))
  return { png: pngOf(width, height, data), see: seenFrom(shot.camera) }
}

const FOOT_SHOT: Shot = {
  camera: {
    focalPx: 1700,
    awayMm: 300,
    tiltDeg: 14,
    turnDeg: 5,
    atMm: { x: 43, y: 42 },
    middlePx: { x: 420, y: 330 },
  },
  width: 840,
  height: 660,
  blurPx: 0.9,
  noise: 3,
  shadow: 0.3,
}
/** The long and the short side of a card. Source: ISO/IEC 7810, ID-1. */
const CARD = { wideMm: 85.6, tallMm: 53.98, roundMm: 3.18 }

/** A foot of known opening, upside down beside a card: where its corners and its opening's edges are seen. */
export function footBesideCard(openingMm = 7.4) {
  const scene = withCard({ ...CARD, bright: 232 }, (x, y) => {
    const [dx, dy] = [x - 30, y - 68]
    if (Math.abs(dy) > 9 || dx < -8 || dx > openingMm + 8) return 95
    return Math.abs(dy) <= 5 && dx >= 0 && dx <= openingMm ? 28 : 172
  })
  const { png, see } = renderedPhoto(scene, FOOT_SHOT, 4)
  const places = (...mm: [number, number][]) => mm.map(([x, y]) => see({ x, y }))
  const { wideMm, tallMm } = CARD
  return {
    png,
    see,
    shot: FOOT_SHOT,
    width: FOOT_SHOT.width,
    corners: places([0, 0], [wideMm, 0], [wideMm, tallMm], [0, tallMm]),
    ends: places([30.2, 67], [30 + openingMm - 0.1, 69]),
  }
}
