import { mount } from '@vue/test-utils'

/** Elements, attributes and classes of a component as it is drawn, whatever their order. */
export function looks(component: object, props: object, slots = {}) {
  const { element } = mount(component, { props, slots } as never)
  const all = [element, ...element.querySelectorAll('*')]
  return all.map(one => ({
    tag: one.tagName,
    classes: [...one.classList].sort(),
    attributes: Object.fromEntries(
      [...one.attributes].filter(({ name }) => name !== 'class').map(({ name, value }) => [name, value]),
    ),
  }))
}
