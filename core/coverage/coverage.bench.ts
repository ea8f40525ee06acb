import { bench, describe } from 'vitest'
import { coverJobs, MOST_CANDIDATES, MOST_JOBS, type TwinCandidate, type TwinJob } from '#core/coverage'
import { NEEDLE_TYPES } from '#core/needle'

// Jobs with narrow ranges scattered over gap, size and type: many needles are wanted and few stand out.
const candidates: TwinCandidate[] = Array.from({ length: MOST_CANDIDATES }, (_, i) => ({
  id: String(i),
  owned: i % 9 === 0,
  construction: 'twin',
  gapMm: 1 + ((i * 7) % 20) * 0.3,
  sizeNm: 60 + ((i * 3) % 7) * 10,
  type: NEEDLE_TYPES[(i * 5) % 4]!,
}))
const jobs: TwinJob[] = Array.from({ length: MOST_JOBS }, (_, i) => {
  const gap = 1 + ((i * 11) % 18) * 0.3
  const size = 60 + ((i * 5) % 5) * 10
  return {
    id: String(i),
    name: String(i),
    gapMm: [gap, gap + 1.5],
    sizeNm: [size, size + 30],
    types: [NEEDLE_TYPES[i % 4]!, NEEDLE_TYPES[(i + 1) % 4]!],
    widthMm: 0,
  }
})

describe('40 candidates over 30 jobs', () => {
  bench('smallest set of twins', () => {
    coverJobs(candidates, jobs, [5, 7, 9], 0.5)
  })
})
