import { bench, describe } from 'vitest'
import { demoBackup } from '#shared/demo'
import { findSwatches, swatchText } from './swatchFilters'

const { swatches } = demoBackup.records
const all = Array.from({ length: 10_000 }, (_, i) => {
  const swatch = { ...swatches[i % swatches.length]!, id: String(i), name: `${swatches[i % swatches.length]!.name} ${i}` }
  return { swatch, text: swatchText(swatch) }
})

describe('a book of 10,000', () => {
  bench('filter and search', () => {
    findSwatches(all, 'twin gold 7', { verdict: 'good' })
  })
})
