import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import type { Component } from 'vue'
import { useInHandStore } from '~/stores/inHand'
import { useBookStore } from '~/stores/book'

/** Stores of their own, filled with the demo. */
export async function demoStores() {
  setActivePinia(createPinia())
  const book = useBookStore()
  await book.loadDemo()
  return { book, inHand: useInHandStore() }
}

/** A component as a person sees and uses it. */
export interface Page {
  readonly wrapper: VueWrapper
  readonly text: () => string
  /** Presses the first button whose words or label match. */
  readonly press: (name: string | RegExp) => Promise<void>
  /** Fills or chooses in the field with this label. */
  readonly fill: (label: string, value: string) => Promise<void>
  /** Ticks or unticks the box, or chooses the radio, with this label. */
  readonly tick: (label: string) => Promise<void>
}
export function show(component: Component, props: Record<string, unknown> = {}): Page {
  const wrapper = mount(component, { props, attachTo: document.body })
  const named = (name: string | RegExp) =>
    wrapper.findAll('button').find(button => {
      const its = [button.attributes('aria-label') ?? '', button.text()].map(text =>
        text.replace(/\s+/g, ' ').trim(),
      )
      return its.some(text => (typeof name === 'string' ? text === name : name.test(text)))
    })
  const labelled = (label: string) => {
    const found = wrapper.findAll('label').find(one => one.text().startsWith(label))
    return wrapper.get(
      found ? `[id="${found.attributes('for')}"]` : `:is(input, button)[aria-label="${label}"]`,
    )
  }
  return {
    wrapper,
    text: () => wrapper.text().replace(/\s+/g, ' '),
    press: async name => {
      const button = named(name)
      if (!button)
        throw new Error(
          `no button ${name} in: ${wrapper
            .findAll('button')
            .map(one => one.text())
            .join(' | ')}`,
        )
      await button.trigger('click')
      await flushPromises()
    },
    fill: async (label, value) => {
      // A list needs a real browser to be opened; what it would choose is told to its field.
      const list = wrapper
        .findAllComponents({ name: 'SelectField' })
        .find(one => String(one.props('label')).startsWith(label))
      if (list) {
        list.vm.$emit('update:modelValue', value)
        await flushPromises()
        return
      }
      const field = labelled(label)
      await field.setValue(value)
      await field.trigger('change')
      await flushPromises()
    },
    tick: async label => {
      await labelled(label).trigger('click')
      await flushPromises()
    },
  }
}
