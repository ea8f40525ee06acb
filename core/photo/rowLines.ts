import { smooth, type ThreadField } from './threadField'
import type { Strip } from './strip'

/** What a row looks like: a line, a zigzag, the two lines of a twin, or its bobbin thread from below. */
export const ROW_LOOKS = ['straight', 'zigzag', 'twin', 'under'] as const
export type RowLook = (typeof ROW_LOOKS)[number]

/** Thread must stand out of the cloth by so many of the cloth's own scatters. */
const LEAST_CONTRAST = 3

/** Longer stitches are not looked for, in mm. */
export const MOST_STITCH_MM = 12

/** One line in which teeth are looked for. */
export interface RowLine {
  /** From the middle of the strip, in mm. */
  readonly asideMm: number
  /** What stands out there, a value a step. */
  readonly height: Float32Array
}

/** null: nothing stands out of the cloth, or too little for such a row. */
export function rowsOf(look: RowLook, thread: ThreadField, strip: Strip): RowLine[] | null {
  const profile = acrossProfile(thread, strip)
  const hills = hillsOf(profile, thread.noise)
  if (hills.length === 0) return null
  switch (look) {
    case 'straight':
      return [lineRow(thread, strip, strongest(hills, 1)[0]!)]
    case 'twin': {
      const two = strongest(hills, 2)
      return two.length < 2 ? null : two.map(hill => lineRow(thread, strip, hill))
    }
    case 'zigzag':
    case 'under':
      return edgeRows(thread, strip, { from: hills[0]!.from, to: hills.at(-1)!.to })
  }
}

/** Mean difference from the cloth, without its sign, across the strip. */
function acrossProfile({ data }: ThreadField, { along, across, beforeMm, stepMm }: Strip): Float32Array {
  const skip = Math.round(beforeMm / stepMm)
  const profile = new Float32Array(across)
  for (let s = skip; s < along - skip; s++)
    for (let t = 0; t < across; t++) profile[t]! += Math.abs(data[s * across + t]!)
  return profile.map(sum => sum / Math.max(1, along - 2 * skip))
}

/** A stretch of the strip’s width. */
interface Hill {
  /** In steps across, its middle between whole ones. */
  readonly from: number
  readonly to: number
  readonly middle: number
  readonly weight: number
}

/** Stretches that stand out of the cloth. */
function hillsOf(profile: Float32Array, noise: number): Hill[] {
  const top = Math.max(...profile)
  const bare = noise
  if (top < LEAST_CONTRAST * noise) return []
  const least = bare + 0.3 * (top - bare)
  const hills: Hill[] = []
  let from = -1
  for (let t = 0; t <= profile.length; t++) {
    const isOver = t < profile.length && profile[t]! >= least
    if (isOver && from < 0) from = t
    if (!isOver && from >= 0) {
      hills.push(hillOf(profile, from, t - 1, bare))
      from = -1
    }
  }
  return hills
}

function hillOf(profile: Float32Array, from: number, to: number, bare: number): Hill {
  let [weight, sum] = [0, 0]
  for (let t = from; t <= to; t++) {
    const over = Math.max(0, profile[t]! - bare)
    weight += over
    sum += over * t
  }
  return { from, to, middle: weight > 0 ? sum / weight : (from + to) / 2, weight }
}

const strongest = (hills: readonly Hill[], count: number): Hill[] =>
  [...hills]
    .sort((a, b) => b.weight - a.weight)
    .slice(0, count)
    .sort((a, b) => a.middle - b.middle)

const asideOf = (t: number, { across, stepMm }: Strip) => (t - (across - 1) / 2) * stepMm

/** How far a lens and pixels spread a rim, in steps of half a pixel. */
export const SOFT_STEPS = 3

/** Along a line of thread: how much darker than thread between holes, the mean over its width. */
function lineRow({ data }: ThreadField, strip: Strip, hill: Hill): RowLine {
  const { along, across } = strip
  // All of the thread, its soft rims too: cut short, it would flicker where a row goes from pixel to pixel.
  const from = Math.max(0, hill.from - SOFT_STEPS)
  const to = Math.min(across - 1, hill.to + SOFT_STEPS)
  const brightness = Float32Array.from({ length: along }, (_, s) => {
    let sum = 0
    for (let t = from; t <= to; t++) sum += data[s * across + t]!
    return sum / (to - from + 1)
  })
  // What changes over several stitches is light, not thread.
  const slow = smooth(brightness, Math.round(MOST_STITCH_MM / strip.stepMm))
  return { asideMm: asideOf(hill.middle, strip), height: brightness.map((value, s) => slow[s]! - value) }
}

/** How much of a zigzag's width belongs to its edge, where it comes once every two stitches. */
const EDGE_SHARE = 0.22

function edgeRows({ data }: ThreadField, strip: Strip, { from, to }: Pick<Hill, 'from' | 'to'>): RowLine[] {
  const { along, across } = strip
  const wide = Math.max(2, Math.round((to - from + 1) * EDGE_SHARE))
  return [from, to - wide + 1].map(first => ({
    asideMm: asideOf(first === from ? from : to, strip),
    height: Float32Array.from({ length: along }, (_, s) => {
      let sum = 0
      for (let t = first; t < first + wide; t++) sum += Math.abs(data[s * across + t]!)
      return sum / wide
    }),
  }))
}
