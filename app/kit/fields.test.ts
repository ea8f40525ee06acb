// @vitest-environment happy-dom
import KitFormField from '@nuxt/ui/components/FormField.vue'
import KitSelect from '@nuxt/ui/components/Select.vue'
import { flushPromises, mount } from '@vue/test-utils'
import { beforeAll, describe, expect, it } from 'vitest'
import { h } from 'vue'
import SelectField from '~/fields/SelectField.vue'
import { looks } from '~/../tests/unit/looks'
import ListButton from './ListButton.vue'
import UFormField from './UFormField.vue'

// The kit's own parts are the reference.
describe('the light field', () => {
  it.each([
    { label: 'Width' },
    { label: 'Width', hint: 'in mm', help: 'As it is written on the pack.' },
    { label: 'Width', help: 'As it is written on the pack.', error: 'Type a number.' },
    { as: 'fieldset', class: 'narrow', ui: { labelWrapper: 'sr-only' }, label: 'Width' },
    {},
  ])('looks like the kit’s: %j', props => {
    const slots = { default: () => h('input') }
    expect(looks(UFormField, props, slots)).toEqual(looks(KitFormField, props, slots))
  })
  it('names its control, and ties to it what is said about it', () => {
    const field = mount(UFormField, {
      props: { label: 'Foot', error: 'Choose one.' },
      slots: { default: () => h(ListButton, { said: 'Open toe' }) },
    })
    const list = field.get('button')
    expect(field.get('label').attributes('for')).toBe(list.attributes('id'))
    expect(list.attributes('aria-invalid')).toBe('true')
    expect(field.get(`[id="${list.attributes('aria-describedby')}"]`).text()).toBe('Choose one.')
  })
})

const FEET = [
  { value: 'open', label: 'Open toe' },
  { value: 'pintuck', label: 'Pintuck, 5 grooves' },
]
describe('the list that is shut', () => {
  it('looks like the kit’s', () => {
    // What only a list that can open has: the one it opens, how its words run, and what goes without saying.
    const BESIDES = ['aria-controls', 'aria-required', 'data-placeholder', 'dir', 'style']
    const bare = (all: ReturnType<typeof looks>) =>
      all
        .filter(({ attributes }) => 'data-slot' in attributes)
        .map(({ attributes, ...rest }) => ({
          ...rest,
          attributes: new Map(Object.entries(attributes).filter(([name]) => !BESIDES.includes(name))),
        }))
    expect(bare(looks(ListButton, { said: 'Open toe' }))).toEqual(
      bare(looks(KitSelect, { items: FEET, modelValue: 'open' })),
    )
  })
})

describe('a list to choose from', () => {
  const shown = () => {
    const props = { label: 'Foot', items: FEET, modelValue: 'open' }
    return mount(SelectField, { props, attachTo: document.body })
  }
  const list = () => document.querySelector<HTMLElement>('[role="combobox"]')!
  // It is loaded by then, as it is a few seconds after the page came.
  beforeAll(() => import('~/fields/OpenList.vue'))
  const isKits = () => list().hasAttribute('aria-controls')
  it('says what is chosen, and nothing of what could be', () => {
    const field = shown()
    expect(list().textContent!.trim()).toBe('Open toe')
    expect(document.body.textContent).not.toContain('5 grooves')
    field.unmount()
  })
  it('is the kit’s once the pointer is over it', async () => {
    const field = shown()
    list().dispatchEvent(new PointerEvent('pointerenter', { pointerType: 'mouse' }))
    await flushPromises()
    expect(isKits()).toBe(true)
    field.unmount()
  })
  it('keeps the focus where a key brought it', async () => {
    const field = shown()
    list().focus()
    await flushPromises()
    expect(isKits()).toBe(true)
    expect(document.activeElement).toBe(list())
    field.unmount()
  })
  it('stays under a finger until it is lifted, and opens then', async () => {
    const field = shown()
    const button = list()
    button.dispatchEvent(new PointerEvent('pointerenter', { pointerType: 'touch' }))
    button.dispatchEvent(new PointerEvent('pointerdown', { pointerType: 'touch' }))
    button.focus()
    await flushPromises()
    expect(list()).toBe(button)
    button.click()
    await flushPromises()
    expect(list().getAttribute('aria-expanded')).toBe('true')
    expect(document.body.textContent).toContain('5 grooves')
    field.unmount()
  })
})
