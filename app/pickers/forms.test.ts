import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Component } from 'vue'
import type { RecordOf } from '#shared/records'
import { show } from '~/../tests/unit/mounting'
import { useSettingsStore } from '~/stores/settings'
import { useBookStore } from '~/stores/book'
import ClothForm from './ClothForm.vue'
import FootForm from './FootForm.vue'
import MachineForm from './MachineForm.vue'
import NeedleForm from './NeedleForm.vue'
import ThreadForm from './ThreadForm.vue'

let book: ReturnType<typeof useBookStore>
beforeEach(() => {
  sessionStorage.clear()
  setActivePinia(createPinia())
  book = useBookStore()
})

function open(component: Component, record: unknown = null) {
  const page = show(component, { record })
  return {
    ...page,
    submit: async () => {
      await page.wrapper.get('form').trigger('submit')
      await flushPromises()
    },
  }
}
function only<T extends 'machines' | 'feet' | 'needles' | 'threads' | 'cloths'>(
  table: T,
): RecordOf<T> | undefined {
  return [...book.shelf[table].values()][0] as RecordOf<T> | undefined
}

describe('the machine’s form', () => {
  it('saves what was measured, and null for the rest', async () => {
    const form = open(MachineForm)
    await form.fill('Name', ' Loft seven ')
    await form.fill('Widest stitch', '6,5')
    await form.press('More about it')
    await form.fill('Needle positions', '13')
    await form.submit()
    expect(only('machines')).toMatchObject({
      name: 'Loft seven',
      maxWidthMm: 6.5,
      needlePositions: 13,
      plateSlotMm: null,
      tensionDial: null,
      forgetsTwinMode: null,
    })
    expect(form.wrapper.emitted('done')?.[0]).toEqual([only('machines')?.id])
  })

  it.each([
    ['Widest stitch', '99', /Type a length from 3\.0 to 12\.0 mm/],
    ['Widest stitch', 'wide', /“wide” is not a length/],
    ['Widest stitch', '', /Widest stitch was left empty. It holds 7\.0 again/],
    ['Plate opening', 'wide', /“wide” is not a length/],
    ['Plate opening', '-3', /Plate opening.*Type a length from 1\.0 to 20\.0 mm/],
    ['Needle positions', 'many', /Needle positions, how many ?.*“many” is not a number. Type 1 to 99/],
  ])('keeps nothing while %s is “%s”, and says what would do', async (label, text, message) => {
    const form = open(MachineForm)
    await form.fill('Name', 'Loft')
    await form.press('More about it')
    await form.fill(label, text)
    await form.submit()
    expect(book.shelf.machines.size).toBe(0)
    expect(form.text()).toMatch(message)
    expect(form.wrapper.emitted('done')).toBeUndefined()
  })

  it('takes the tension dial whole or not at all', async () => {
    const form = open(MachineForm)
    await form.fill('Name', 'Loft')
    await form.press('More about it')
    await form.fill('Lowest', '0')
    await form.fill('Normal', '12')
    await form.fill('Highest', '9')
    await form.submit()
    expect(form.text()).toContain('Normalmust lie between the dial’s ends')
    await form.fill('Normal', '4.5')
    await form.submit()
    expect(only('machines')?.tensionDial).toEqual({ min: 0, home: 4.5, max: 9 })
  })

  it('asks for the assumed gap of an on-off twin mode only', async () => {
    const form = open(MachineForm)
    await form.fill('Name', 'Loft')
    await form.press('More about it')
    expect(form.text()).not.toContain('Gap it assumes')
    await form.fill('Its own twin mode', 'on-off')
    await form.fill('Gap it assumes', '2.5')
    await form.fill('Forgets the mode', 'yes')
    await form.submit()
    expect(only('machines')).toMatchObject({
      twinMode: { kind: 'on-off', assumedGapMm: 2.5 },
      forgetsTwinMode: true,
    })
  })

  it('reads inches when inches are on', async () => {
    useSettingsStore().change({ unit: 'inch' })
    const form = open(MachineForm)
    await form.fill('Name', 'Loft')
    await form.fill('Widest stitch', '1/4')
    await form.submit()
    // International inch: 1/4 in = 6.35 mm.
    expect(only('machines')?.maxWidthMm).toBeCloseTo(6.35, 9)
  })
})

describe('the foot’s and the cloth’s forms', () => {
  it('change a record in place', async () => {
    const first = open(FootForm)
    await first.fill('Name', 'Open toe')
    await first.fill('Kind', 'open toe')
    await first.fill('Opening', '8')
    await first.submit()
    const foot = only('feet')!
    const second = open(FootForm, foot)
    await second.fill('Opening', '')
    await second.submit()
    expect(book.shelf.feet.size).toBe(1)
    expect(only('feet')).toEqual({ ...foot, slotMm: null })
    expect(book.undo()?.label).toBe('Save changes')
    expect(only('feet')).toEqual(foot)
  })

  it('need a name, and leave when cancelled', async () => {
    const form = open(ClothForm)
    await form.submit()
    expect(form.text()).toContain('needs a name')
    await form.wrapper
      .findAll('button')
      .find(button => button.text() === 'Cancel')!
      .trigger('click')
    expect(form.wrapper.emitted('done')?.[0]).toEqual([null])
    expect(book.shelf.cloths.size).toBe(0)
  })

  it('keep markup as the text it is', async () => {
    const form = open(ClothForm)
    await form.fill('Name', '<b>Felt</b>')
    await form.submit()
    expect(only('cloths')?.name).toBe('<b>Felt</b>')
  })
})

describe('the needle’s form', () => {
  it('says a label back and saves the needle it names', async () => {
    const form = open(NeedleForm)
    await form.fill('Label from the packet', '4.0/100 jeans')
    expect(form.text()).toContain('Twin, gap 4.0, size 100/16, jeans')
    await form.submit()
    expect(only('needles')).toMatchObject({ construction: 'twin', gapMm: 4, sizeNm: 100, type: 'jeans' })
  })

  it('keeps how worn it is, also when its label is changed', async () => {
    const form = open(NeedleForm)
    await form.fill('Label from the packet', '90/14 metallic')
    await form.fill('In the case', '3')
    await form.fill('Sewn', '2.5')
    await form.wrapper.get('[role="checkbox"]').trigger('click')
    await form.submit()
    const second = open(NeedleForm, only('needles'))
    await second.fill('Label from the packet', '80 metallic')
    await second.fill('State', 'bent')
    await second.submit()
    expect(only('needles')).toMatchObject({
      sizeNm: 80,
      count: 3,
      hoursSewn: 2.5,
      state: 'bent',
      seen: { metallic: true },
    })
  })

  it('refuses a count that is none', async () => {
    const form = open(NeedleForm)
    await form.fill('Label from the packet', '80')
    await form.fill('In the case', '-1')
    await form.submit()
    expect(form.text()).toMatch(/In the case.*Type a whole number from 0/)
    expect(book.shelf.needles.size).toBe(0)
  })

  it('saves nothing it does not understand', async () => {
    const form = open(NeedleForm)
    await form.fill('Label from the packet', 'velvet')
    await form.submit()
    expect(form.text()).toContain('“velvet” is not understood')
    expect(book.shelf.needles.size).toBe(0)
  })
})

describe('the thread’s form', () => {
  it('keeps run lengths of a variegated thread and says what tex makes of the thickness', async () => {
    const form = open(ThreadForm)
    await form.fill('Name', 'Tide')
    await form.fill('Tex', '25')
    expect(form.text()).toContain('computed from tex')
    await form.wrapper
      .findAll('button')
      .find(button => button.text() === 'It is variegated')!
      .trigger('click')
    await form.fill('Run of colour 2', '25')
    await form.submit()
    expect(only('threads')).toMatchObject({
      tex: 25,
      diameterMm: null,
      colours: [{ runMm: 40 }, { runMm: 25 }],
    })
  })

  it('reads the label as printed, says it back, and keeps where tex comes from', async () => {
    const form = open(ThreadForm)
    await form.fill('Name', 'Navy')
    await form.fill('Label as printed', '50/2 Ne')
    expect(form.text()).toContain('Ne 50, 2 plies: 23.62 tex')
    await form.fill('Left', '120')
    await form.submit()
    expect(only('threads')).toMatchObject({
      label: '50/2 Ne',
      tex: 23.62,
      texBasis: 'label',
      metresLeft: 120,
    })
  })

  it('asks about a bare number, the likely reading first, and takes the one pressed', async () => {
    const form = open(ThreadForm)
    await form.fill('Name', 'Ball')
    await form.fill('Label as printed', '12')
    const asks = form.wrapper
      .findAll('button')
      .map(button => button.text())
      .filter(text => text.includes('tex'))
    expect(asks[0]).toContain('pearl cotton No. 12')
    await form.wrapper
      .findAll('button')
      .find(button => button.text().startsWith('pearl'))!
      .trigger('click')
    await form.submit()
    expect(only('threads')).toMatchObject({ kind: 'pearl-cotton', tex: 83, texBasis: 'nominal' })
  })

  it('weighs a length, which beats the label; typing over it has no basis', async () => {
    const form = open(ThreadForm)
    await form.fill('Name', 'Ball')
    await form.fill('Grams', '0.9')
    await form.fill('Metres weighed', '10')
    expect(form.text()).toContain('measured by weighing')
    await form.submit()
    expect(only('threads')).toMatchObject({ tex: 90, texBasis: 'weighed' })
    const again = open(ThreadForm, only('threads'))
    await again.fill('Tex', '40')
    await again.submit()
    expect(only('threads')).toMatchObject({ tex: 40, texBasis: null })
  })

  it.each([
    ['Left', '-3', /Left.*Type a number from 0/],
    ['Grams', '999999', /No thread is that heavy/],
  ])('keeps nothing while %s is %s', async (label, text, message) => {
    const form = open(ThreadForm)
    await form.fill('Name', 'Ball')
    await form.fill('Metres weighed', '1')
    await form.fill(label, text)
    await form.submit()
    expect(form.text()).toMatch(message)
    expect(book.shelf.threads.size).toBe(0)
  })

  it('names the colour whose run is missing', async () => {
    const form = open(ThreadForm)
    await form.fill('Name', 'Tide')
    await form.wrapper
      .findAll('button')
      .find(button => button.text() === 'It is variegated')!
      .trigger('click')
    await form.fill('Run of colour 2', '')
    await form.submit()
    expect(form.text()).toContain('Run of colour 2 in millimetres was left empty')
    expect(book.shelf.threads.size).toBe(0)
  })
})
