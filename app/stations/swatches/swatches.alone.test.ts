// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Swatch } from '#shared/records'
import { demoStores, show } from '~/../tests/unit/mounting'
import { dayOf } from '~/utils/dates'
import SwatchCard from './parts/SwatchCard.vue'
import SwatchCompare from './parts/SwatchCompare.vue'
import SwatchPicture from './parts/SwatchPicture.vue'
import SwatchTable from './parts/SwatchTable.vue'
import UseSwatch from './parts/UseSwatch.vue'
import WriteSwatch from './parts/WriteSwatch.vue'

vi.mock('#db/photos', () => ({ readPhoto: async () => null, putPhotos: async () => {} }))
const currentRoute = { value: { path: '/swatches', query: {} } }
vi.stubGlobal('useRouter', () => ({ currentRoute, replace: async () => {} }))
let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
beforeEach(async () => {
  document.body.innerHTML = ''
  ;({ book, inHand } = await demoStores())
})
const named = (name: string) => [...book.shelf.swatches.values()].find(swatch => swatch.name === name)!
const read = (swatch: Swatch, readings: Partial<Swatch['readings']>): Swatch => ({
  ...swatch,
  readings: { ...swatch.readings, ...readings },
})

/** What opens over the page stands beside it. */
async function pressInBody(name: string): Promise<void> {
  const buttons = [...document.body.querySelectorAll('button')]
  buttons.find(({ textContent }) => textContent?.trim() === name)!.click()
  await flushPromises()
}

describe('writing a swatch without a strip', () => {
  const written = () => [...book.shelf.swatches.values()].find(({ name }) => name === 'From the scrap')
  beforeEach(() => sessionStorage.clear())
  it('keeps a number one knows with all that is on the machine, and what was read', async () => {
    const form = show(WriteSwatch)
    expect(form.text()).toContain('For metallic line, with all that is set in the line-up')
    await form.fill('Name', 'From the scrap')
    await form.fill('Tension', '3.1')
    await form.fill('Thread balance', '-0.5')
    await form.fill('Note', 'on the cloth, in marker')
    await form.wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(written()).toMatchObject({
      goal: 'metallic',
      source: 'own',
      rowsSewn: null,
      readings: { show: -0.5, ridge: null },
      frozen: { machine: { name: 'Attic seven' }, cloth: { name: 'Linen' } },
      setup: { tension: 3.1, tensionFrom: { how: 'sewn', tension: 3.1 } },
      note: 'on the cloth, in marker',
    })
    // The piece in hand stays as it was set.
    expect(inHand.setup.tension).toBe(2.8)
  })
  it('teaches nothing where it is a rule, and wants a number and a name', async () => {
    const form = show(WriteSwatch)
    await form.fill('Name', 'From the scrap')
    await form.fill('Where it comes from', 'rule')
    expect(form.text()).not.toContain('Thread balance')
    await form.fill('Tension', '')
    expect(form.text()).toContain('Tension: type the number on the dial.')
    await form.fill('Tension', '14')
    await form.wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(written()).toBeUndefined()
    await form.fill('Tension', '5')
    await form.wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(written()).toMatchObject({ source: 'rule', readings: { show: null }, setup: { tension: 5 } })
  })
})

describe('a swatch’s picture', () => {
  const dots = (swatch: Swatch) =>
    show(SwatchPicture, { swatch })
      .wrapper.findAll('path[stroke-linecap=round]')
      .filter(dot => dot.attributes('stroke')!.startsWith('#'))
      // One path holds the dots of a thread.
      .flatMap(dot =>
        dot
          .attributes('d')!
          .split('M')
          .slice(1)
          .map(() => dot.attributes('stroke')),
      )
  const bobbin = () => named('Lantern line').frozen.bobbin!.hex
  it('shows the bobbin on the right side and the top thread under it, by what was read', () => {
    expect(dots(read(named('Lantern line'), { show: 2, ridge: null }))).toContain(bobbin())
    const below = dots(read(named('Lantern line'), { show: -2, ridge: null }))
    expect(below.length).toBeGreaterThan(3)
    expect(new Set(below)).toEqual(new Set([named('Lantern line').frozen.threads.left!.hex]))
    expect(dots(read(named('Lantern line'), { show: 0, ridge: null }))).toEqual([])
  })
  it('is not there where nothing was read, and still there when stitch and machine are gone', () => {
    expect(
      show(SwatchPicture, {
        swatch: read(named('Lantern line'), { show: null, ridge: null }),
      }).wrapper.findAll('svg'),
    ).toEqual([])
    const swatch = named('Cape scrolls')
    expect(
      show(SwatchPicture, {
        swatch: {
          ...swatch,
          setup: { ...swatch.setup, machineId: 'sold', stitch: { ...swatch.setup.stitch, stitchId: 'gone' } },
        },
      }).wrapper.findAll('svg'),
    ).toHaveLength(2)
  })
})

describe('a swatch’s card', () => {
  it('says the number, home, and where it comes from', () => {
    expect(show(SwatchCard, { swatch: named('Lantern line, guessed'), chosen: false }).text()).toMatch(
      /6 normal 4, guess\s*Bobbin a hair up Attic seven/,
    )
    expect(
      show(SwatchCard, { swatch: read(named('Strap edges'), { show: null }), chosen: false }).text(),
    ).toContain('not read')
  })
  it('gives a guess where another machine is in hand, and puts it there', async () => {
    const swatch = named('Strap edges, second bolt')
    inHand.update('Gallery', { machineId: 'demo-machine-gallery' })
    // 0.2 of 5 marks above normal 4; as much of 4.5 above normal 4.5 is 4.68: the nearest quarter.
    const asked = show(UseSwatch, { swatch })
    await flushPromises()
    expect(document.body.textContent).toContain('Change to Attic seven: tension 4.2, as kept')
    await pressInBody('Stay on Gallery nine: tension 4.75, a guess')
    expect(asked.wrapper.emitted('done')).toHaveLength(1)
    expect(inHand.setup).toMatchObject({
      machineId: 'demo-machine-gallery',
      tension: 4.75,
      needleId: 'demo-needle-40',
    })
    document.body.innerHTML = ''
    const page = show(SwatchCard, { swatch, chosen: false })
    await page.press(/^Use settings of/)
    expect(page.wrapper.emitted('use')).toHaveLength(1)
  })
})

describe('swatches in a table', () => {
  it('say the same in a line each, and can be chosen and used there', async () => {
    const swatches = [named('Strap edges'), named('Cape scrolls, first')]
    const page = show(SwatchTable, { swatches, chosen: [swatches[1]!.id] })
    const lines = page.wrapper.findAll('tbody tr').map(line => line.text().replace(/\s+/g, ' '))
    expect(lines[0]).toMatch(/^Strap edges ?4 ?Balanced topstitch ?Attic seven.*Straight ?Linen ?Good/)
    expect(lines[0]).toContain(dayOf(swatches[0]!.keptAt))
    expect(lines[1]).toContain('Failed')
    const ticked = page.wrapper.findAll('[role=checkbox]').map(box => box.attributes('aria-checked'))
    expect(ticked).toEqual(['false', 'true'])
    await page.tick('Compare Strap edges')
    await page.press('Use the settings of Cape scrolls, first')
    expect(page.wrapper.emitted()).toMatchObject({ choose: [[swatches[0]!.id]], use: [[swatches[1]]] })
  })
})

describe('swatches side by side', () => {
  it('mark what differs, and can leave out the rest', async () => {
    const page = show(SwatchCompare, { swatches: [named('Strap edges'), named('Strap edges, second bolt')] })
    expect(page.text()).toMatch(/Tension \(differs\)44\.2/)
    expect(page.text()).toMatch(/Machine(?! \(differs\))/)
    await page.tick('Only what differs')
    expect(page.text()).not.toContain('Machine')
    expect(page.text()).toContain('Tension (differs)')
  })
})
