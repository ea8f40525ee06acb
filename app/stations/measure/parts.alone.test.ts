// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { thingsOf } from '#shared/inputs'
import type { Foot, Measure, Swatch } from '#shared/records'
import { demoStores, show } from '~/../tests/unit/mounting'
import KeepMeasure from './parts/KeepMeasure.vue'
import MeasureLog from './parts/MeasureLog.vue'
import MissingMeasures from './parts/MissingMeasures.vue'
import TakeUpCount from './parts/TakeUpCount.vue'
import TargetFields from './parts/TargetFields.vue'

vi.mock('#db/photos', () => ({ readPhoto: async () => null, putPhotos: async () => {} }))
const ZIGZAG = 'demo-foot-zigzag'
let book: Awaited<ReturnType<typeof demoStores>>['book']
beforeEach(async () => {
  document.body.innerHTML = ''
  ;({ book } = await demoStores())
})
const foot = () => book.shelf.feet.get(ZIGZAG) as Foot
const logged = () =>
  [...book.shelf.measures.values()].filter(({ ofId, quantity }: Measure) =>
    [ofId === ZIGZAG, quantity === 'foot-opening'].every(Boolean),
  )

function keeper(over: Record<string, unknown> = {}) {
  return show(KeepMeasure, {
    quantity: 'foot-opening',
    ofId: ZIGZAG,
    things: thingsOf('foot-opening', book.tables),
    measured: { value: 8.24, spread: 0.1 },
    way: 'wedge',
    ...over,
  })
}

describe('a result', () => {
  it('says how well it is known, what counts of it, and what stood there', () => {
    const text = keeper().text()
    expect(text).toContain('8.24 mm ± 0.2 mm')
    expect(text).toContain('The verdict counts its narrow end, 8.04 mm')
    expect(text).toContain('not measured until now')
    expect(text).toContain('by wedge gauge')
  })
  it('goes into the log and into the foot, with its spread, once', async () => {
    const page = keeper()
    await page.fill('Note', 'with the blue card')
    await page.press('Keep it')
    expect(foot()).toMatchObject({
      slotMm: 8.24,
      spreads: { slotMm: { value: 8.24, spread: 0.1, way: 'wedge' } },
    })
    expect(logged()).toMatchObject([{ value: 8.24, spread: 0.1, note: 'with the blue card', ofId: ZIGZAG }])
    expect(page.wrapper.findAll('button').some(button => button.text() === 'Keep it')).toBe(false)
    await page.wrapper
      .findAll('button')
      .find(button => button.text() === 'Kept')!
      .trigger('click')
    expect(logged()).toHaveLength(1)
  })
  it('can be kept again once it is another', async () => {
    const page = keeper()
    await page.press('Keep it')
    await page.wrapper.setProps({ measured: { value: 8.1, spread: 0.1 } })
    await page.press('Keep it')
    expect(logged()).toHaveLength(2)
    expect(foot().slotMm).toBe(8.1)
    expect(page.text()).toContain('until now 8.1 mm')
  })
  it('is refused in words where no record holds it', async () => {
    const page = keeper({ measured: { value: 70, spread: 0.1 } })
    expect(page.wrapper.get('[role="alert"]').text()).toMatch(/^Foot opening must be .*: look at marks/)
    await page.press('Keep it')
    expect(logged()).toEqual([])
    expect(foot().slotMm).toBeNull()
  })
  it('asks for a name where it is of nothing that is kept', async () => {
    const page = keeper({ quantity: 'ribbon', ofId: '', things: [], measured: { value: 12, spread: 0.2 } })
    await page.press('Keep it')
    const ribbons = () =>
      [...book.shelf.measures.values()].filter(({ quantity }: Measure) => quantity === 'ribbon')
    const before = ribbons().length
    await page.fill('What it is', ' Velvet ribbon ')
    await page.press('Keep it')
    expect(ribbons()).toHaveLength(before + 1)
    expect(ribbons().map(({ name }: Measure) => name)).toContain('Velvet ribbon')
  })
  it('keeps its photo where one is there and wanted', async () => {
    const photo = vi.fn(async () => 'photo-1')
    const page = keeper({ photo, way: 'photo' })
    await page.press('Keep it')
    expect(photo).toHaveBeenCalledOnce()
    expect(logged()).toMatchObject([{ photoId: 'photo-1', way: 'photo' }])
  })
  it('leaves the photo where the box was unticked', async () => {
    const photo = vi.fn(async () => 'photo-1')
    const page = keeper({ photo, way: 'photo' })
    await page.tick('Keep the photo with it')
    await page.press('Keep it')
    expect(photo).not.toHaveBeenCalled()
    expect(logged()).toMatchObject([{ photoId: null }])
  })
})

describe('the log', () => {
  it('has every result with its ±, way and day, the newest first', () => {
    const text = show(MeasureLog).text()
    expect(text).toMatch(/6\.4 mm ± 0\.28 mm ?wedge gauge, .*in use/)
    const days = [...text.matchAll(/(March|April|May) \d+, 2026/g)].map(([day]) => Date.parse(day))
    expect(days.length).toBeGreaterThan(3)
    expect(days).toEqual([...days].sort((a, b) => b - a))
  })
  it('takes an older result back into use, and the other stays in the log', async () => {
    const page = show(MeasureLog)
    const count = book.shelf.measures.size
    const grooved = () => [...book.shelf.feet.values()].find(({ name }: Foot) => name === 'Five-groove')!
    expect(grooved().slotMm).toBe(6.4)
    await page.press(/^Use it: Foot opening, Five-groove/)
    expect(grooved()).toMatchObject({ slotMm: 6.6, spreads: { slotMm: { value: 6.6 } } })
    expect(book.shelf.measures.size).toBe(count)
    expect(page.text()).toMatch(/6\.6 mm ± 0\.6 mm ?photo, March 2, 2026; in use/)
    book.undo()
    await flushPromises()
    expect(grooved().slotMm).toBe(6.4)
  })
  it('takes one out, and undo brings it back', async () => {
    const page = show(MeasureLog)
    const count = book.shelf.measures.size
    await page.press(/^Take out Stitch length as sewn, Linen/)
    expect(book.shelf.measures.size).toBe(count - 1)
    book.undo()
    expect(book.shelf.measures.size).toBe(count)
  })
})

describe('what is not measured', () => {
  it('is said to be nothing at all, or nothing yet', () => {
    expect(show(MissingMeasures, { missing: [], hasBegun: true }).text()).toMatch(/^Nothing that is planned/)
    expect(show(MissingMeasures, { missing: [], hasBegun: false }).text()).toMatch(/^Nothing to work out/)
  })
  it('says for what, and how wide it must be, with a way to each', () => {
    const missing = [
      {
        quantity: 'foot-opening',
        ofId: ZIGZAG,
        name: 'Zigzag',
        consequence: 'verdict',
        usedBy: ['on the machine now', 'Cuffs', 'Hem', 'Banner', 'Cape'],
        isInHand: true,
        clearFromMm: 7.123,
      },
    ]
    const page = show(MissingMeasures, { missing, hasBegun: true })
    expect(page.text()).toContain('Foot opening: Zigzag')
    expect(page.text()).toContain('On the machine now, and for “Cuffs”, “Hem” and 2 more')
    // Rounded up: 7.10 would still hit.
    expect(page.text()).toMatch(/Safe if 7\.15 mm or wider/)
    const ways = page.wrapper.findAll('[aria-label$=": Foot opening, Zigzag"]')
    expect(ways.map(way => way.text())).toEqual(['wedge gauge', 'photo'])
    expect(ways.map(way => way.attributes('href'))).toEqual([
      `/measure-gauge?what=foot-opening&of=${ZIGZAG}`,
      `/measure-photo?what=foot-opening&of=${ZIGZAG}`,
    ])
  })
  it('shows seven, and all of them when asked', async () => {
    const missing = Array.from({ length: 9 }, (_, k) => ({
      quantity: 'cloth-thickness',
      ofId: `cloth-${k}`,
      name: `Cloth ${k}`,
      consequence: 'plan',
      usedBy: ['Hem'],
      isInHand: false,
      clearFromMm: null,
    }))
    const page = show(MissingMeasures, { missing, hasBegun: true })
    expect(page.text()).not.toContain('Cloth 7')
    await page.press('All 9')
    expect(page.text()).toContain('Cloth 8')
    await page.press('Only the most useful')
    expect(page.text()).not.toContain('Cloth 8')
  })
})

describe('take-up of a swatch', () => {
  const swatch = () => [...book.shelf.swatches.values()].find(one => one.setup.job === 'pintucks') as Swatch
  it('is what the width lost, by the tucks, and is kept with the swatch', async () => {
    const { id } = swatch()
    const page = show(TakeUpCount, { swatchId: id })
    await page.fill('Wide before', '120')
    await page.fill('Wide after', '98')
    await page.fill('Tucks on it', '10')
    // (120 − 98) / 10.
    expect(page.text()).toContain('One tuck takes 2.2 mm')
    await page.press('Keep it with the swatch')
    expect(book.shelf.swatches.get(id)).toMatchObject({ takeUp: { beforeMm: 120, afterMm: 98, tucks: 10 } })
    expect([...book.shelf.measures.values()].find(({ ofId }: Measure) => ofId === id)).toMatchObject({
      quantity: 'take-up',
      value: 2.2,
    })
  })
  it.each([
    ['120', '130', '10', 'narrower than before'],
    ['120', '98', '0', 'Type a whole number from 1'],
  ])('is refused from %s to %s with %s tucks', async (before, after, tucks, words) => {
    const { id } = swatch()
    const page = show(TakeUpCount, { swatchId: id })
    await page.fill('Wide before', before)
    await page.fill('Wide after', after)
    await page.fill('Tucks on it', tucks)
    expect(page.text()).toContain(words)
    const kept = book.shelf.swatches.get(id)
    await page.press('Keep it with the swatch')
    expect(book.shelf.swatches.get(id)).toEqual(kept)
  })
})

describe('of what it is measured', () => {
  const quantities = [{ value: 'foot-opening', label: 'Foot opening' }]
  it('is chosen among what one has', () => {
    const page = show(TargetFields, {
      quantity: 'foot-opening',
      of: ZIGZAG,
      quantities,
      things: thingsOf('foot-opening', book.tables),
    })
    expect(page.text()).toContain('Of which foot')
    expect(page.text()).not.toContain('Add a foot')
  })
  it('is added where there is none', () => {
    const page = show(TargetFields, { quantity: 'foot-opening', of: '', quantities, things: [] })
    expect(page.text()).toContain('Add a foot')
  })
  it('is a swatch that must be sewn first', () => {
    const page = show(TargetFields, { quantity: 'take-up', of: '', quantities, things: [] })
    expect(page.text()).toContain('keep one from a trial strip first')
    expect(page.text()).not.toContain('Add a')
  })
})
