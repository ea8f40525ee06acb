import KitCheckbox from '@nuxt/ui/components/Checkbox.vue'
import KitCheckboxGroup from '@nuxt/ui/components/CheckboxGroup.vue'
import KitSwitch from '@nuxt/ui/components/Switch.vue'
import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { looks } from '~/../tests/unit/looks'
import UCheckbox from './UCheckbox.vue'
import UCheckboxGroup from './UCheckboxGroup.vue'
import USwitch from './USwitch.vue'

/** Without what only says again what the element itself or its label says. */
const BESIDES = ['aria-label', 'aria-required', 'data-disabled', 'id', 'for', 'style', 'value', 'required']
const bare = (all: ReturnType<typeof looks>) =>
  all
    .filter(({ tag }) => tag !== 'INPUT')
    .map(({ attributes, ...rest }) => ({
      ...rest,
      attributes: new Map(Object.entries(attributes).filter(([name]) => !BESIDES.includes(name))),
    }))

// The kit's own parts are the reference.
describe.each([
  ['box to tick', UCheckbox, KitCheckbox],
  ['switch', USwitch, KitSwitch],
])('the light %s', (_, light, kits) => {
  it.each([
    { label: 'Twin needle' },
    { label: 'Twin needle', modelValue: true },
    { label: 'Twin needle', description: 'Two threads on top.', disabled: true, class: 'mt-3' },
    { modelValue: false },
  ])('looks like the kit’s: %j', props => {
    expect(bare(looks(light, props))).toEqual(bare(looks(kits, props)))
  })
  it('says what it is turned to, and is turned by a press alone', async () => {
    const asked: boolean[] = []
    const one = mount(light as typeof UCheckbox, {
      props: {
        'modelValue': false,
        'label': 'Twin needle',
        'onUpdate:modelValue': (to: boolean) => asked.push(to),
      },
    })
    const button = one.get('button')
    expect(button.attributes('aria-checked')).toBe('false')
    expect(one.get('label').attributes('for')).toBe(button.attributes('id'))
    await button.trigger('click')
    expect(asked).toEqual([true])
    // Whoever asked for it decides: until then it shows what is.
    expect(button.attributes('aria-checked')).toBe('false')
    await one.setProps({ modelValue: true })
    expect(button.attributes('aria-checked')).toBe('true')
  })
})

describe('the light group of boxes', () => {
  const SIGNS = [
    { value: 'skips', label: 'Stitches skipped' },
    { value: 'breaks', label: 'Thread broke', description: 'Above the cloth.' },
    { value: 'holes', label: 'Holes' },
  ]
  it('looks like the kit’s', () => {
    const props = { items: SIGNS, legend: 'While sewing', modelValue: ['breaks'] }
    // How its boxes take the focus in turns is the group's own affair.
    const still = (all: ReturnType<typeof bare>) =>
      all.map(({ attributes, ...rest }) => ({ ...rest, role: attributes.get('role') }))
    expect(still(bare(looks(UCheckboxGroup, props)))).toEqual(still(bare(looks(KitCheckboxGroup, props))))
  })
  it('ticks and unticks, the rest kept', async () => {
    const group = mount(UCheckboxGroup, { props: { items: SIGNS, modelValue: ['breaks'] } })
    const [skips, breaks] = group.findAll('[role="checkbox"]')
    await skips!.trigger('click')
    await breaks!.trigger('click')
    expect(group.emitted('update:modelValue')).toEqual([[['breaks', 'skips']], [['skips']]])
  })
  it('is one stop for Tab; arrows go from box to box, and stay at the ends', async () => {
    const group = mount(UCheckboxGroup, { props: { items: SIGNS, modelValue: [] }, attachTo: document.body })
    const boxes = group.findAll('[role="checkbox"]')
    const stops = () => boxes.map(box => box.attributes('tabindex'))
    expect(stops()).toEqual(['0', '-1', '-1'])
    const [first] = boxes.map(box => box.element as HTMLElement)
    first!.focus()
    for (const key of ['ArrowDown', 'ArrowRight', 'ArrowRight']) {
      await group.get('fieldset').trigger('keydown', { key })
      await flushPromises()
    }
    expect(document.activeElement).toBe(boxes[2]!.element)
    expect(stops()).toEqual(['-1', '-1', '0'])
    await group.get('fieldset').trigger('keydown', { key: 'Home' })
    expect(document.activeElement).toBe(boxes[0]!.element)
    group.unmount()
  })
})
