import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { mersenne } from 'pure-rand/generator/mersenne'
import type { Random } from './machine'

/**
 * The same numbers for the same seed, on every machine.
 *
 * @example
 * seeded(7)() // the same number every time
 */
export function seeded(seed: number): Random {
  const generator = mersenne(seed)
  return () => uniformFloat64(generator)
}
