import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { mersenne } from 'pure-rand/generator/mersenne'
import type { Random } from './machine'

/** The same numbers for the same seed, on every machine. */
export function seeded(seed: number): Random {
  const generator = mersenne(seed)
  return () => uniformFloat64(generator)
}
