import KitButton from '@nuxt/ui/components/Button.vue'
import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { looks } from '~/../tests/unit/looks'
import UButton from './UButton'

describe('the light button', () => {
  // The kit's own button is the reference.
  it.each([
    { label: 'Save' },
    { label: 'Save', color: 'neutral', variant: 'ghost', size: 'sm', class: 'px-0 text-start' },
    { label: 'Save', variant: 'outline', disabled: true, type: 'submit' },
    { label: 'Save', block: true, class: ['w-full', { hidden: false }] },
    { 'square': true, 'aria-label': 'Less' },
    { label: 'Save', ui: { label: 'text-start' } },
  ])('looks like the kit’s: %j', props => {
    expect(looks(UButton, props)).toEqual(looks(KitButton, props))
  })
  it('stands as the kit’s does where it holds other things than words', () => {
    const slots = { default: '<b>3</b> swatches' }
    expect(looks(UButton, { variant: 'ghost' }, slots)).toEqual(looks(KitButton, { variant: 'ghost' }, slots))
  })
  it('hears a press, and none where it is disabled', async () => {
    const onClick = vi.fn()
    await mount(UButton as never, { props: { label: 'Save', onClick } as never }).trigger('click')
    await mount(UButton as never, { props: { label: 'Save', disabled: true, onClick } as never }).trigger(
      'click',
    )
    expect(onClick).toHaveBeenCalledOnce()
  })
})
