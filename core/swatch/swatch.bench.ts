import { bench, describe } from 'vitest'
import { leaveOneOut, type LearntFrom, predictOffset } from '#core/swatch'

const THREADS = ['rayon', 'polyester', 'cotton', 'metallic', 'film', 'pearl-cotton']
const records: LearntFrom[] = Array.from({ length: 10_000 }, (_, i) => ({
  id: String(i),
  share: ((i * 37) % 100) / 100 - 0.5,
  ruleShare: 0,
  features: {
    thread: THREADS[i % 6]!,
    needle: i % 3 === 0 ? 'universal' : 'metallic',
    construction: i % 4 === 0 ? 'single' : 'twin',
    stitch: i % 2 === 0 ? 'swings' : 'straight',
    goal: i % 5 === 0 ? 'flat' : 'balanced',
    cloth: i % 7 === 0 ? 'knit' : 'woven',
    gap: (i % 4) * 1.5,
  },
}))

describe('10,000 swatches', () => {
  bench('expected start', () => {
    predictOffset(records, records[0]!.features, 0)
  })
  bench('its error, each foretold from the others', () => {
    leaveOneOut(records)
  })
})
