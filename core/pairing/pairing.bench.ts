import { FRESH_USE } from '#core/care'
import { bench, describe } from 'vitest'
import { NEEDLE_TYPES } from '#core/needle'
import { type Candidate, rankNeedles, USUAL_THREADS } from '#core/pairing'

const owned: Candidate[] = Array.from({ length: 200 }, (_, i) => ({
  id: String(i),
  construction: 'twin',
  gapMm: 1.6 + (i % 8) * 0.4,
  sizeNm: 60 + (i % 7) * 10,
  type: NEEDLE_TYPES[i % NEEDLE_TYPES.length]!,
  wear: { ...FRESH_USE, hoursSewn: i % 10 },
}))

describe('200 owned needles', () => {
  bench('pairing with one thread', () => {
    rankNeedles(
      {
        threads: [USUAL_THREADS.metallic],
        cloth: { structure: 'woven', weight: 'medium' },
        construction: 'twin',
        gapMm: null,
      },
      owned,
    )
  })
})
