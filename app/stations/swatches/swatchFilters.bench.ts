import { bench, describe } from 'vitest'
import { demoBackup } from '#shared/demo'
import { findSwatches } from './swatchFilters'

const { swatches } = demoBackup.records
const all = Array.from({ length: 10_000 }, (_, i) => ({
  ...swatches[i % swatches.length]!,
  id: String(i),
  name: `${swatches[i % swatches.length]!.name} ${i}`,
}))

describe('a book of 10,000', () => {
  bench('filter and search', () => {
    findSwatches(all, 'twin gold 7', { verdict: 'good' })
  })
})
