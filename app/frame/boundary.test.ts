import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import StationBoundary from './StationBoundary.vue'
import StationFault from './StationFault.vue'

const currentRoute = ref({ path: '/trial' })
vi.stubGlobal('useRouter', () => ({ currentRoute }))

const broken = ref(true)
const Page = defineComponent({
  setup: () => () => {
    if (broken.value) throw new Error('dial.step is out of range')
    return h(
      'button',
      {
        onClick: () => {
          throw new Error('a press went wrong')
        },
      },
      'All is well',
    )
  },
})
const show = () =>
  mount(StationBoundary, {
    slots: { default: () => h(Page) },
    global: {
      stubs: {
        LazyStationFault: StationFault,
        UButton: { props: ['label'], template: '<button>{{ label }}</button>' },
      },
      config: { errorHandler: () => {} },
    },
  })

describe('a page that cannot be drawn', () => {
  it('says what is wrong and offers the ways on, and comes back when it can', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => {})
    broken.value = true
    const page = show()
    await nextTick()
    expect(page.get('[role=alert]').text()).toContain('dial.step is out of range')
    broken.value = false
    await page.get('button').trigger('click')
    expect(page.text()).toBe('All is well')
  })
  it('does not keep the next page from being drawn', async () => {
    broken.value = true
    const page = show()
    await nextTick()
    broken.value = false
    currentRoute.value = { path: '/files' }
    await nextTick()
    await nextTick()
    expect(page.text()).toBe('All is well')
  })
  it('leaves a page alone on which only a press went wrong', async () => {
    broken.value = false
    const page = show()
    await page.get('button').trigger('click')
    expect(page.text()).toBe('All is well')
  })
})
