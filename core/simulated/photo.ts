import { grayOf } from '#core/photo'
import { DIP_OPACITY, dipsOf, SEGMENT_NUMBERS, type SewnPicture, strokesOf } from '#core/sewn'
import { type Camera, tableAt } from './camera'
import { normal, type Random } from './machine'

/** How bright the table is at a place, 0 to 255, in mm. */
export type Scene = (xMm: number, yMm: number) => number

/** How a photo is taken. */
export interface Shot {
  readonly camera: Camera
  readonly width: number
  readonly height: number
  /** Standard deviation of the lens's blur, in px. */
  readonly blurPx: number
  /** Standard deviation of the sensor's noise, in steps of 255. */
  readonly noise: number
  /** So much darker is the far end of the picture than the near one, 0 to 1. */
  readonly shadow: number
}

/** Cells a pixel's side is made of, and looks a cell's: a lens blurs before pixels are cut. */
const CELLS = 2
const LOOKS = 2

/**
 * A photo of a scene as a camera would take it: perspective, blur, a shadow that falls across, noise.
 *
 * @returns One value a pixel, 0 to 255.
 *
 * @example
 * photoOf(scene, shot, seeded(1)).data.length // width × height
 */
export function photoOf(scene: Scene, shot: Shot, random: Random) {
  const { width, height, blurPx, noise } = shot
  const [wide, tall] = [CELLS * width, CELLS * height]
  const cells = cellsOf(scene, shot, wide, tall)
  const soft = blurred(blurred(cells, wide, tall, CELLS * blurPx, 1), wide, tall, CELLS * blurPx, wide)
  const data = new Uint8ClampedArray(width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0
      for (let k = 0; k < CELLS * CELLS; k++)
        sum += soft[(CELLS * y + Math.floor(k / CELLS)) * wide + CELLS * x + (k % CELLS)]!
      data[y * width + x] = sum / CELLS ** 2 + (noise > 0 ? noise * normal(random) : 0)
    }
  return { width, height, data }
}

/** What each cell sees, in the light that falls there. */
function cellsOf(scene: Scene, { camera, width, height, shadow }: Shot, wide: number, tall: number) {
  const onTable = tableAt(camera)
  const cells = new Float32Array(wide * tall)
  for (let row = 0; row < tall; row++)
    for (let column = 0; column < wide; column++) {
      let sum = 0
      for (let k = 0; k < LOOKS * LOOKS; k++) {
        const place = onTable({
          x: (column + ((k % LOOKS) + 0.5) / LOOKS) / CELLS,
          y: (row + (Math.floor(k / LOOKS) + 0.5) / LOOKS) / CELLS,
        })
        sum += scene(place.x, place.y)
      }
      const light = 1 - (shadow * (column / CELLS / width + row / CELLS / height)) / 2
      cells[row * wide + column] = (light * sum) / LOOKS ** 2
    }
  return cells
}

/** Along rows (step 1) or columns (step width). */
function blurred(data: Float32Array, width: number, height: number, sigma: number, step: number) {
  if (sigma <= 0) return data
  const reach = Math.ceil(3 * sigma)
  const weights = Array.from({ length: 2 * reach + 1 }, (_, k) =>
    Math.exp(-((k - reach) ** 2) / 2 / sigma ** 2),
  )
  const whole = weights.reduce((sum, weight) => sum + weight, 0)
  const [lanes, long] = step === 1 ? [height, width] : [width, height]
  const out = new Float32Array(data.length)
  for (let lane = 0; lane < lanes; lane++) {
    const start = step === 1 ? lane * width : lane
    for (let i = 0; i < long; i++) {
      let sum = 0
      for (let k = -reach; k <= reach; k++)
        sum += weights[k + reach]! * data[start + Math.min(long - 1, Math.max(0, i + k)) * step]!
      out[start + i * step] = sum / whole
    }
  }
  return out
}

/** Segments are found by how far along the seam they lie, in bins so long, in mm. */
const BIN_MM = 0.5

/**
 * A sewn picture lying on its cloth, drawn stroke by stroke as the app draws it.
 *
 * @param clothHex - `#rrggbb`.
 * @param softMm - over which an edge goes from thread to cloth: about as far as two looks of a photo lie
 *   apart, so that no edge falls into steps.
 *
 * @example
 * sewnScene(rightSide(input), '#f7f1e6', 0.04)(0, 10) // how bright the middle of the seam is
 */
export function sewnScene(picture: SewnPicture, clothHex: string, softMm: number): Scene {
  const { segments, styles } = picture
  const cloth = brightnessOf(clothHex)
  const layers = styles.map(style =>
    strokesOf(style, clothHex).map(stroke => ({ ...stroke, gray: brightnessOf(stroke.colour) })),
  )
  const widest = Math.max(0, ...layers.flat().map(({ widthMm, asideMm }) => widthMm / 2 + asideMm)) + softMm
  const binned = bins(segments.length / SEGMENT_NUMBERS, i => {
    const [y1, y2] = [segments[5 * i + 1]!, segments[5 * i + 3]!]
    return [Math.min(y1, y2) - widest, Math.max(y1, y2) + widest]
  })
  const dips = dipsOf(picture)
  const dipBins = bins(dips.length, i => [dips[i]!.yMm - dips[i]!.radiusMm, dips[i]!.yMm + dips[i]!.radiusMm])
  return (x, y) => {
    if (x < picture.leftMm - widest || x > picture.rightMm + widest) return cloth
    let seen = cloth
    for (const i of binned(y)) {
      const at = i * SEGMENT_NUMBERS
      const [x1, y1] = [segments[at]!, segments[at + 1]!]
      const [dx, dy] = [segments[at + 2]! - x1, segments[at + 3]! - y1]
      if (Math.abs(x - x1 - dx / 2) > Math.abs(dx) / 2 + widest) continue
      for (const { gray, opacity, widthMm, asideMm, dashMm } of layers[segments[at + 4]!]!)
        seen +=
          opacity
          * (gray - seen)
          * strokeAt(x - asideMm - x1, y - asideMm - y1, dx, dy, widthMm / 2, dashMm, softMm)
    }
    for (const i of dipBins(y)) {
      const { xMm, yMm, radiusMm } = dips[i]!
      seen -= DIP_OPACITY * seen * covered(radiusMm - Math.hypot(x - xMm, y - yMm), softMm)
    }
    return seen
  }
}

/** How much of a place lies on a stroke with round ends, in a dash of it where it has dashes: 0 to 1. */
function strokeAt(
  x: number,
  y: number,
  dx: number,
  dy: number,
  half: number,
  dash: readonly [number, number] | null,
  softMm: number,
): number {
  const long = Math.sqrt(dx * dx + dy * dy)
  const held = Math.min(long, Math.max(0, (x * dx + y * dy) / long))
  const [ox, oy] = [x - (held * dx) / long, y - (held * dy) / long]
  const on = covered(half - Math.sqrt(ox * ox + oy * oy), softMm)
  if (on === 0 || dash === null) return on
  const [drawn, gap] = dash
  const at = held % (drawn + gap)
  // To the nearer end of its dash; negative in a gap.
  const inside = at <= drawn ? Math.min(at, drawn - at) : -Math.min(at - drawn, drawn + gap - at)
  return on * covered(inside, softMm)
}

/** An edge so far inside is all there, so far outside not at all. */
const covered = (insideMm: number, softMm: number): number =>
  Math.min(1, Math.max(0, 0.5 + insideMm / softMm))

/** What lies in the bin of a place, in its own order. */
function bins(count: number, range: (i: number) => readonly [number, number]) {
  const found = new Map<number, number[]>()
  for (let i = 0; i < count; i++) {
    const [from, to] = range(i)
    for (let bin = Math.floor(from / BIN_MM); bin <= Math.floor(to / BIN_MM); bin++)
      found.set(bin, [...(found.get(bin) ?? []), i])
  }
  return (y: number): readonly number[] => found.get(Math.floor(y / BIN_MM)) ?? []
}

/** A scene of which only so much stands out of its cloth, 0 to 1. */
export const faded =
  (scene: Scene, clothHex: string, share: number): Scene =>
  (x, y) => {
    const cloth = brightnessOf(clothHex)
    return cloth + share * (scene(x, y) - cloth)
  }

/** Of a colour as `#rrggbb`, 0 to 255. */
function brightnessOf(hex: string): number {
  const channels = [1, 3, 5].map(at => Number.parseInt(hex.slice(at, at + 2), 16))
  return grayOf({ width: 1, height: 1, data: Uint8ClampedArray.from([...channels, 255]) }).data[0]!
}

/** A card with rounded corners, its first corner at 0, 0. */
export function withCard(
  { wideMm, tallMm, bright, roundMm }: { wideMm: number; tallMm: number; bright: number; roundMm: number },
  beside: Scene,
): Scene {
  return (x, y) => {
    const dx = Math.max(roundMm - x, 0, x - (wideMm - roundMm))
    const dy = Math.max(roundMm - y, 0, y - (tallMm - roundMm))
    const isOn =
      x >= 0 && y >= 0 && x <= wideMm && y <= tallMm && Math.hypot(dx, dy) <= Math.max(roundMm, 1e-9)
    return isOn ? bright : beside(x, y)
  }
}
