import { expect, it } from 'vitest'
import type { NeedleType } from '#core/needle'
import type { ClothFacts } from '#core/terms'
import { clothReasons } from './cloth'

const on = (structure: ClothFacts['structure'], weight: ClothFacts['weight'] = null): ClothFacts => ({
  structure,
  weight,
})
const costOf = (type: NeedleType, sizeNm: number, cloth: ClothFacts) =>
  clothReasons({ construction: 'single', gapMm: 0, type, sizeNm }, cloth)

// Common practice: stretch and ballpoint for knits, a leather needle for leather and nothing else.
it.each([
  ['universal', on('knit'), 25, 'cut the loops'],
  ['stretch', on('knit'), 0, ''],
  ['stretch', on('woven'), 10, 'made for knits'],
  ['ballpoint', on('felt'), 10, 'made for knits'],
  ['stretch', on(null), 0, ''],
  ['universal', on('woven'), 0, ''],
  ['universal', on('felt'), 0, ''],
  ['universal', on('leather'), 25, 'wants a leather needle'],
  ['leather', on('leather'), 0, ''],
  ['leather', on('woven'), 40, 'cuts the cloth'],
  ['leather', on(null), 0, ''],
  ['wing', on(null), 40, 'opens holes on purpose'],
  ['wing', on('knit'), 65, 'cut the loops'],
] as const)('a %s needle on cloth %o costs %d', (type, cloth, cost, words) => {
  const found = costOf(type, 80, cloth)
  expect(found.cost).toBe(cost)
  expect(found.reasons.join(' ')).toContain(words)
  expect(found.reasons.length > 0).toBe(cost > 0)
})

// Common practice: light cloth up to 80/12, medium 70/10 to 100/16, heavy from 90/14.
it.each([
  ['light', 60, 80],
  ['medium', 70, 100],
  ['heavy', 90, 120],
] as const)('%s cloth takes sizes from %d to %d', (weight, min, max) => {
  const reasons = (sizeNm: number) => costOf('universal', sizeNm, on('woven', weight)).reasons
  expect(reasons(min)).toEqual([])
  expect(reasons(max)).toEqual([])
  expect(reasons(min - 1)).toEqual([expect.stringContaining('may bend and skip')])
  expect(reasons(max + 1)).toEqual([expect.stringContaining('holes show')])
})
