import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { swatchFields } from '#shared/inputs'
import { findSwatches, SWATCH_FILTERS, valuesOf } from './swatchFilters'

const all = demoBackup.records.swatches
const names = (search: string, chosen: Parameters<typeof findSwatches>[2] = {}) =>
  findSwatches(all, search, chosen).map(({ name }) => name)

describe('finding swatches', () => {
  it('looks through names, notes, threads and parts, and knows a double for a twin', () => {
    expect(names('lantern corners')).toEqual(['Lantern line, corners'])
    expect(names('frayed')).toEqual(['Cape scrolls, first'])
    expect(names('double stretch')).toEqual(names('twin stretch'))
    expect(names('double stretch').length).toBeGreaterThan(2)
    expect(names('velvet gold').every(name => name.startsWith('Cape'))).toBe(true)
  })
  it('offers every value there is, once, and each finds some', () => {
    const values = valuesOf(all)
    for (const [id] of SWATCH_FILTERS) {
      expect(values[id].size).toBeGreaterThan(1)
      expect([...values[id]].reduce((sum, value) => sum + names('', { [id]: value }).length, 0)).toBe(
        all.length,
      )
    }
  })
  it('narrows by every filter at once', () => {
    expect(names('', { goal: 'Raised pintuck', verdict: 'good' })).toEqual([
      'Shirt tucks',
      'Shirt tucks, yoke',
      'Shirt tucks, cuffs',
    ])
    expect(names('tucks', { machine: 'Gallery nine' })).toEqual([])
  })
})

describe('the fields of a swatch', () => {
  it('say everything once, with what is not known', () => {
    const fields = swatchFields(demoBackup.records.swatches[0]!)
    expect(new Set(fields.map(({ id }) => id)).size).toBe(fields.length)
    expect(fields.find(({ id }) => id === 'home')!.value).toBe('4 on 0 to 9')
    expect(
      swatchFields({
        ...demoBackup.records.swatches[0]!,
        frozen: { ...demoBackup.records.swatches[0]!.frozen, machine: null },
      }).find(({ id }) => id === 'home')!.value,
    ).toBe('not known')
  })
})
