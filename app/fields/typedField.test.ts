import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import { show } from '~/../tests/unit/mounting'
import { useBookStore } from '~/stores/book'
import { useSettingsStore } from '~/stores/settings'
import LengthField from './LengthField.vue'
import NumberField from './NumberField.vue'

beforeEach(() => {
  setActivePinia(createPinia())
  useBookStore()
})

/** A field as a page holds it, with all that it ever handed on. */
function holding<T extends number | null>(component: object, first: T, props: object) {
  const value = ref<T>(first)
  const handed: T[] = []
  const Page = defineComponent({
    setup: () => () =>
      h(component as never, {
        ...props,
        'modelValue': value.value,
        'onUpdate:modelValue': (next: T) => {
          handed.push(next)
          value.value = next as never
        },
      }),
  })
  const page = show(Page)
  const box = () => page.wrapper.get('input').element
  const type = async (text: string) => {
    await page.wrapper.get('input').setValue(text)
    await flushPromises()
  }
  const leave = async () => {
    await page.wrapper.get('input').trigger('blur')
    await flushPromises()
  }
  return { value, handed, page, box, type, leave }
}
const stitch = () => holding<number>(LengthField, 3, { label: 'Stitch length', limit: 'dialLengthMm' })

describe('a length', () => {
  it('typed key by key hands on only what is one, and keeps the text', async () => {
    const field = stitch()
    for (const text of ['', '-', '.', '.5', 'abc', '999999', '2,5']) {
      await field.type(text)
      expect(field.box().value).toBe(text)
    }
    expect(field.handed).toEqual([0.5, 2.5])
  })
  it('says what is wrong while the last good one stays', async () => {
    const field = stitch()
    await field.type('999999')
    expect(field.page.text()).toContain('Type a length from 0.05 to 20.0 mm.')
    expect(field.value.value).toBe(3)
    await field.type('abc')
    expect(field.page.text()).toContain('“abc” is not a length. Type 4.5.')
  })
  it('says that it keeps what it had while it is empty, and shows it when it is left', async () => {
    const field = stitch()
    await field.type('')
    expect(field.page.text()).toContain('3.0 stays until you type another.')
    await field.leave()
    expect(field.box().value).toBe('3.0')
    expect(field.handed).toEqual([])
  })
  it('gives nothing where empty means something', async () => {
    const field = holding<number | null>(LengthField, 3, { label: 'Edge', limit: 'edgeMm', optional: true })
    await field.type('')
    await field.leave()
    expect([field.handed, field.box().value]).toEqual([[null], ''])
  })
  it('says a sum back', async () => {
    const field = stitch()
    await field.type('2*1.2')
    expect(field.page.text()).toContain('2 × 1.2 = 2.4 mm')
    await field.type('11/24')
    expect(field.value.value).toBeCloseTo(11 / 24, 12)
    expect(field.page.text()).toContain('11 ÷ 24 = 0.46 mm')
  })
  it('of a stitch stays in mm where one measures in inches, and says how many go to the inch', async () => {
    const field = stitch()
    useSettingsStore().change({ unit: 'inch' })
    field.value.value = 2.54
    await flushPromises()
    expect(field.box().value).toBe('2.54')
    expect(field.page.text()).toContain('10 stitches per inch')
  })
  it('follows a value from elsewhere, and another unit', async () => {
    const field = holding<number>(LengthField, 3, { label: 'Tuck to tuck', limit: 'spacingMm' })
    await field.type('abc')
    field.value.value = 6.35
    await flushPromises()
    expect(field.box().value).toBe('6.35')
    useSettingsStore().change({ unit: 'inch' })
    await flushPromises()
    expect(field.box().value).toBe('1/4')
    expect(field.handed).toEqual([])
  })
})

describe('a number', () => {
  const copies = () => holding<number>(NumberField, 1, { label: 'Copies', limit: 'copies', whole: true })
  it('of copies is whole and in its range, whatever is typed', async () => {
    const field = copies()
    for (const text of ['', '-', '2.5', '0', '999999', '12', 'x', '1/2']) await field.type(text)
    expect(field.handed).toEqual([12])
    expect(field.page.text()).toContain('Type a whole number from 1 to 999.')
    await field.leave()
    expect(field.box().value).toBe('1/2')
  })
  it('is understood as a fraction where it may be one', async () => {
    const field = holding<number>(NumberField, 4, { label: 'Tension', limit: [0, 9] })
    await field.type('4½')
    expect(field.value.value).toBe(4.5)
  })
})

describe('what is typed', () => {
  const [QUICK_MS, LONG_MS] = [150, 250]
  beforeEach(() => vi.useFakeTimers())
  afterEach(() => vi.useRealTimers())
  /** Key by key, as a browser tells of it: no change before Enter or before the field is left. */
  async function key(field: ReturnType<typeof stitch>, text: string) {
    field.box().value = text
    await field.page.wrapper.get('input').trigger('input')
  }

  it('is worked with once the typing pauses: half a number never is', async () => {
    const field = stitch()
    for (const text of ['1', '12', '12.', '12.5']) {
      vi.advanceTimersByTime(QUICK_MS)
      await key(field, text)
    }
    expect(field.handed).toEqual([])
    vi.advanceTimersByTime(LONG_MS)
    expect(field.handed).toEqual([12.5])
  })
  it.each([
    [
      'leaves the field',
      (field: ReturnType<typeof stitch>) => field.page.wrapper.get('input').trigger('blur'),
    ],
    [
      'presses Enter',
      (field: ReturnType<typeof stitch>) => field.page.wrapper.get('input').trigger('change'),
    ],
    ['leaves the page', async () => window.dispatchEvent(new Event('beforeunload'))],
    ['goes to another view', async (field: ReturnType<typeof stitch>) => field.page.wrapper.unmount()],
  ])('is worked with at once where one %s', async (_, go) => {
    const field = stitch()
    await key(field, '4')
    await go(field)
    expect(field.handed).toEqual([4])
  })
  it('is not written over by what comes from elsewhere meanwhile', async () => {
    const field = stitch()
    await key(field, '4')
    field.value.value = 2
    await nextTick()
    expect(field.box().value).toBe('4')
    vi.advanceTimersByTime(LONG_MS)
    expect(field.value.value).toBe(4)
  })
})
