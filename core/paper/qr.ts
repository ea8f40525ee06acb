import { encode } from 'uqr'
import { CoreError, requireInRange } from '#core/errors'
import { type Mark, path, type PathStep } from './marks'

/** White round a code, in modules. Source: ISO/IEC 18004, quiet zone. */
const QUIET_MODULES = 4
/** Smaller modules run into each other on paper and in a phone's picture, in mm. A guess. */
const LEAST_MODULE_MM = 0.4

/**
 * A QR code as one black shape, its white rim within the side that is given.
 *
 * @param words - what it says; capitals, digits and `$%*+-./:` alone take least room.
 * @param sideMm - of the whole square, rim and all.
 * @returns null: so much does not fit at a size that can be read.
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * qrMark('LACY', 10, 10, 20)
 */
export function qrMark(words: string, x: number, y: number, sideMm: number): Mark | null {
  requireInRange(sideMm, 'sideMm', 5, 1000)
  const modules = modulesOf(words, largestVersionIn(sideMm))
  if (!modules) return null
  const moduleMm = sideMm / (modules.length + 2 * QUIET_MODULES)
  const at = (module: number) => (module + QUIET_MODULES) * moduleMm
  const steps = modules.flatMap((row, r) =>
    runsOf(row).flatMap(([from, to]): PathStep[] => [
      ['M', x + at(from), y + at(r)],
      ['L', x + at(to), y + at(r)],
      ['L', x + at(to), y + at(r + 1)],
      ['L', x + at(from), y + at(r + 1)],
      ['Z'],
    ]),
  )
  return path({ steps, fill: '#000000', lineMm: 0.01 })
}

/** The most a code of the largest kind holds, in characters. Source: ISO/IEC 18004, version 40, L. */
const MOST_CHARACTERS = 4296

/**
 * The largest kind of code whose modules can be read at this size: version v has 17 + 4 v of them a side.
 * Source: ISO/IEC 18004.
 */
const largestVersionIn = (sideMm: number) =>
  Math.min(40, Math.floor((Math.floor(sideMm / LEAST_MODULE_MM + 1e-9) - 2 * QUIET_MODULES - 17) / 4))

/** What does not fit is not drawn first: weighing the masks of a large code takes a tenth of a second. */
function modulesOf(words: string, maxVersion: number): readonly (readonly boolean[])[] | null {
  if (words === '')
    throw new CoreError('out-of-range', 'A code says something', { field: 'words', min: 1, max: 4296 })
  if (words.length > MOST_CHARACTERS || maxVersion < 1) return null
  try {
    return encode(words, { ecc: 'L', border: 0, boostEcc: true, maxVersion }).data
  } catch {
    return null
  }
}

/** Dark modules beside each other, as one: from the first to after the last. */
function runsOf(row: readonly boolean[]): (readonly [number, number])[] {
  const runs: [number, number][] = []
  row.forEach((isDark, i) => {
    const last = runs.at(-1)
    if (!isDark) return
    if (last?.[1] === i) last[1] = i + 1
    else runs.push([i, i + 1])
  })
  return runs
}
