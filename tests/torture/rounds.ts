import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { seeded as sharesOf } from '#core/simulated'

/** `npm run torture` asks for all of it; `npm test` for a few rounds of each. */
const isFull = process.env.TORTURE === 'full'
export const rounds = (full: number, few: number) => (isFull ? full : few)

const RESULTS = join(process.cwd(), '.cache/torture')

/** What a test saw, for the table `npm run torture` writes. */
export function note(name: string, words: string): void {
  mkdirSync(RESULTS, { recursive: true })
  writeFileSync(join(RESULTS, `${name}.json`), JSON.stringify({ name, words, isFull }))
}

/** Chance that is the same in every run. */
export function seeded(seed: number) {
  const share = sharesOf(seed)
  /** A whole number from 0 to below `most`. */
  const below = (most: number) => Math.floor(share() * most)
  return { below, from: <T>(list: readonly T[]): T => list[below(list.length)]! }
}
export type Chance = ReturnType<typeof seeded>
