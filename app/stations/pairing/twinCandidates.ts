import { MOST_CANDIDATES, type TwinCandidate } from '#core/coverage'
import { ASSORTMENT } from '#core/pairing'
import type { NeedleRecord } from '#shared/records'

/**
 * Twins to choose from: the usable ones owned, then the assortment's others, as many as can be searched
 * exactly.
 */
export function twinCandidates(owned: Iterable<NeedleRecord>): TwinCandidate[] {
  const key = ({ gapMm, sizeNm, type }: Pick<TwinCandidate, 'gapMm' | 'sizeNm' | 'type'>) =>
    `${gapMm}/${sizeNm} ${type}`
  const mine = new Map(
    [...owned]
      .filter(({ construction, count, state }) => construction === 'twin' && count > 0 && state === 'good')
      .map(({ id, gapMm, sizeNm, type }) => [
        key({ gapMm, sizeNm, type }),
        { id, construction: 'twin' as const, gapMm, sizeNm, type, owned: true },
      ]),
  )
  const others = ASSORTMENT.filter(needle => needle.construction === 'twin' && !mine.has(key(needle))).map(
    needle => ({ ...needle, id: `to buy ${key(needle)}`, owned: false }),
  )
  return [...mine.values(), ...others].slice(0, MOST_CANDIDATES)
}
