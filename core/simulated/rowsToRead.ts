import { normal } from './machine'
import { seeded } from './random'

/** A row to practise reading on, in reading steps. */
export interface RowToRead {
  /** What it truly reads, −2.75 to 2.75. */
  readonly truth: number
  /** Its crossings, no two alike; their mean is the truth. */
  readonly crossings: readonly number[]
}
const MOST = 2.75
const CROSSINGS = 4
/** Standard deviation of a crossing about its row. */
const UNEVEN = 0.25
const GOLDEN_SECTION = (Math.sqrt(5) - 1) / 2

/**
 * Rows anywhere on the scale, not only on its steps. Each lies a golden section of the scale further on than
 * the one before, so that any twelve in a row are spread over all of it: whoever says 0 of everything is
 * found out.
 *
 * @param count - 0 or more.
 * @param seed - the same seed draws the same rows.
 * @example
 * rowsToRead(20, 7)[0].crossings.length // 4
 */
export function rowsToRead(count: number, seed: number): RowToRead[] {
  const random = seeded(seed)
  const start = random()
  return Array.from({ length: count }, (_, i) => {
    const along = (start + i * GOLDEN_SECTION) % 1
    const truth = Math.round(100 * (2 * along - 1) * MOST) / 100
    return { truth, crossings: crossingsAbout(truth, random) }
  })
}

function crossingsAbout(truth: number, random: () => number): number[] {
  const uneven = Array.from({ length: CROSSINGS }, () => UNEVEN * normal(random))
  const middle = uneven.reduce((sum, one) => sum + one, 0) / CROSSINGS
  return uneven.map(one => truth + one - middle)
}
