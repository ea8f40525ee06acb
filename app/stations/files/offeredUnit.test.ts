import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { effectScope } from 'vue'
import { demoStores } from '../../../tests/unit/mounting'
import { useOfferedUnit } from './useOfferedUnit'

const offering = () => effectScope().run(useOfferedUnit)!

describe('the unit of who shared something', () => {
  it('is nothing to ask about where it is one’s own', () => {
    setActivePinia(createPinia())
    const { offer, offered, unitChanges } = offering()
    offer('mm')
    expect(offered.value).toBeNull()
    expect(unitChanges.value).toEqual([])
  })
  it('is taken over by an empty book', () => {
    setActivePinia(createPinia())
    const { offer, unitChanges } = offering()
    offer('inch')
    expect(unitChanges.value).toMatchObject([{ table: 'settings', record: { unit: 'inch' } }])
  })
  it('is offered to a book in use, and taken only if one likes', async () => {
    await demoStores()
    const { offer, offered, takesUnit, unitChanges } = offering()
    offer('inch')
    expect(offered.value).toBe('inch')
    expect(unitChanges.value).toEqual([])
    takesUnit.value = true
    expect(unitChanges.value).toHaveLength(1)
  })
})
