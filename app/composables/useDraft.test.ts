import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, reactive } from 'vue'
import { type Draft, useDraft } from './useDraft'

const begin = (name = '') => {
  const fields = reactive({ name, layers: 1 as number | null })
  let draft!: Draft
  const form = mount({
    setup: () => {
      draft = useDraft('cloths-new', fields)
    },
    render: () => null,
  })
  return { fields, draft, form }
}
beforeEach(() => sessionStorage.clear())

describe('what is typed into a form', () => {
  it('comes back after the tab was reloaded, with what it was begun from', async () => {
    const before = begin('Linen')
    before.fields.layers = 3
    before.form.unmount()
    // Somebody has renamed it in the meantime.
    const after = begin('Lawn')
    expect(after.fields).toEqual({ name: 'Linen', layers: 3 })
    expect(after.draft.cameBack.value).toBe(true)
    expect(after.draft.begun).toEqual({ name: 'Linen', layers: 1 })
    after.draft.startOver()
    await nextTick()
    expect(after.fields).toEqual({ name: 'Lawn', layers: 1 })
  })

  it('is forgotten once it was saved or given up', () => {
    const { fields, draft } = begin()
    fields.name = 'Linen'
    draft.drop()
    fields.name = 'after'
    expect(begin().fields.name).toBe('')
  })

  it('does no harm where site data is blocked, or is damaged', () => {
    sessionStorage.setItem('lacy-spool-draft-cloths-new', '{"begun":7')
    expect(begin('Linen').fields.name).toBe('Linen')
    const blocked = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('blocked', 'SecurityError')
    })
    const { fields } = begin()
    fields.name = 'Lawn'
    expect(fields.name).toBe('Lawn')
    blocked.mockRestore()
  })
})
