import { crc32, deflateSync } from 'node:zlib'
import { photoOf, type Scene, seeded, seenFrom, type Shot } from '#core/simulated'

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
