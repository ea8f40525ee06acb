import { mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import IconButton from './IconButton.vue'
import LateTip from './LateTip.vue'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())
const shown = () =>
  mount(IconButton, {
    props: { icon: 'i-lucide-x', tip: 'Take away', label: 'Take away row 2' },
    attachTo: document.body,
    global: { stubs: { LateTip } },
  })
/** null: none is mounted. */
const tip = (sign: VueWrapper) => {
  const late = sign.findComponent(LateTip)
  return late.exists() ? late.props('open') : null
}
const point = (sign: VueWrapper, type: string, pointerType = 'mouse') =>
  sign.get('button').element.dispatchEvent(new PointerEvent(type, { pointerType }))
const after = async (ms: number) => {
  vi.advanceTimersByTime(ms)
  await nextTick()
}

describe('what a sign does', () => {
  it('is said once one points at it for a while, and no more after one left', async () => {
    const sign = shown()
    expect(tip(sign)).toBeNull()
    point(sign, 'pointerenter')
    await after(600)
    expect(tip(sign)).toBe(false)
    await after(200)
    expect(tip(sign)).toBe(true)
    point(sign, 'pointerleave')
    await after(300)
    expect(tip(sign)).toBe(false)
  })
  it('is not said where one only passes over it', async () => {
    const sign = shown()
    point(sign, 'pointerenter')
    await after(300)
    point(sign, 'pointerleave')
    await after(1000)
    expect(tip(sign)).toBe(false)
  })
  it('is said at once where a key comes to it, and goes with the focus', async () => {
    const sign = shown()
    const button = sign.get('button')
    vi.spyOn(button.element, 'matches').mockReturnValue(true)
    await button.trigger('focus')
    await after(0)
    expect(tip(sign)).toBe(true)
    await button.trigger('blur')
    expect(tip(sign)).toBe(false)
  })
  it('is out of the way once one presses, and never comes under a finger', async () => {
    const sign = shown()
    point(sign, 'pointerenter')
    await after(800)
    point(sign, 'pointerdown')
    await nextTick()
    expect(tip(sign)).toBe(false)
    const touched = shown()
    point(touched, 'pointerenter', 'touch')
    await after(1000)
    expect(tip(touched)).toBeNull()
  })
})
