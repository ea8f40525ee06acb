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

/** A photo of a scene as a PNG, and where the camera sees a place of the table. */
export function renderedPhoto(scene: Scene, shot: Shot, seed: number) {
  const { width, height, data } = photoOf(scene, shot, seeded(seed))
  return { png: pngOf(width, height, data), see: seenFrom(shot.camera) }
}
