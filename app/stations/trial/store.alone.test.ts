// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoStores } from '~/../tests/unit/mounting'
import { downed } from '~/../tests/unit/workers'
import { useSwatchStore } from '~/stations/swatches/store'
import { type RowReading, useTrialStore } from './store'

vi.mock('#workers/client', () => import('~/../tests/unit/workers'))

const NOW = new Date('2026-06-01T18:00:00Z')
const READ: RowReading = {
  ridge: 0,
  show: 0,
  skips: false,
  breaks: false,
  holes: false,
  sound: 'usual',
  photos: { front: null, back: null },
}
let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
let trial: ReturnType<typeof useTrialStore>
beforeEach(async () => {
  ;({ book, inHand } = await demoStores())
  downed.value = false
  trial = useTrialStore()
  await flushPromises()
})
const row = (at: number, over: Partial<RowReading> = {}) => trial.note(at, { ...READ, ...over }, NOW)

describe('a strip', () => {
  it('begins where own swatches like this one lie, and says which', async () => {
    trial.begin(NOW)
    await flushPromises()
    expect(trial.expected).toMatchObject({ source: 'own swatches' })
    expect(trial.expected!.prior.tension).toBeLessThan(inHand.parts.machine!.tensionDial!.home)
    const names = trial.expected!.leansOn.map(({ id }) => book.shelf.swatches.get(id)!.name)
    expect(names).toContain('Sailor band')
    expect(names).not.toContain('Sailor band, first')
    expect(trial.advice!.reason.code).toBe('first')
  })
  it('begins at the rule until the book is read, and when it cannot be', async () => {
    downed.value = true
    await demoStores()
    const alone = useTrialStore()
    inHand = useInHandStore()
    inHand.update('Another stitch and cloth, of no plan and no swatch', {
      stitch: { ...inHand.setup.stitch, stitchId: 'feather' },
      clothId: null,
    })
    expect(alone.expected).toMatchObject({ source: 'rule', why: expect.stringContaining('are being read') })
    await flushPromises()
    expect(alone.expected).toMatchObject({
      source: 'rule',
      why: expect.stringContaining('could not be read'),
      of: 0,
    })
  })
  it('keeps what the book said while nothing but the tension changes', async () => {
    const before = trial.expected
    row(3.1)
    expect(trial.expected).toEqual(before)
    inHand.update('Felt', { clothId: 'demo-cloth-felt' })
    await flushPromises()
    expect(trial.expected!.source).toBe('own swatches')
    expect(trial.expected!.prior.spread).not.toBe(before!.prior.spread)
  })
  it('begins at the rule where nothing like it was kept', async () => {
    inHand.update('Pintuck in jersey', {
      threadIds: { left: 'demo-thread-market', middle: null, right: 'demo-thread-market' },
      clothId: 'demo-cloth-jersey',
    })
    inHand.update('Tucks', { job: 'pintucks', goal: 'raised' })
    trial.begin(NOW)
    await flushPromises()
    expect(trial.expected).toMatchObject({ source: 'rule', prior: { tension: 9 }, leansOn: [] })
  })
  it('goes from the first row to settled, and the piece in hand follows the number', () => {
    const slate = { left: 'demo-thread-slate', middle: null, right: 'demo-thread-slate' }
    inHand.update('Seam in slate', { job: 'seam', goal: 'balanced', threadIds: slate })
    trial.begin(NOW)
    for (let sewn = 0; trial.advice!.next !== null && sewn < 12; sewn++) {
      const at = trial.advice!.next
      row(at, { show: Math.max(-3, Math.min(3, Math.round(1.4 * (at - 3.4)))) as RowReading['show'] })
      expect(inHand.setup.tension).toBe(at)
    }
    expect(trial.advice).toMatchObject({ settled: true })
    expect(Math.abs(1.4 * (trial.advice!.best! - 3.4))).toBeLessThan(0.5)
  })
  it('takes a row out, and brings it back by undo', () => {
    row(2.5)
    trial.forget(2)
    expect(trial.strip!.rows).toHaveLength(1)
    book.undo()
    expect(trial.strip!.rows).toHaveLength(2)
  })
  it('keeps the old strip closed when a new one begins', () => {
    const old = trial.strip!.id
    trial.begin(NOW)
    expect(book.shelf.trials.get(old)!.closed).toBe(true)
    expect(trial.strip!.rows).toEqual([])
  })
  it('needs a dial', () => {
    inHand.update('None', { machineId: null })
    expect([trial.advice, trial.dial, trial.expected]).toEqual([null, null, null])
  })
})

describe('when something else is changed', () => {
  const differs = () => trial.other?.changes ?? []
  it('begins anew, says what differs, and goes on with the old strip only when asked', () => {
    const before = trial.strip!.id
    inHand.update('Longer', { stitch: { ...inHand.setup.stitch, lengthMm: 3 }, clothId: 'demo-cloth-felt' })
    expect(differs()).toEqual([
      { what: 'stitch length: 2.5 → 3', stitch: true },
      { what: 'cloth: Linen → Lantern felt', stitch: false },
    ])
    // Nothing of the other setup’s rows tells anything here.
    expect([trial.strip, trial.counted, trial.leadsTo, trial.best]).toEqual([null, [], null, null])
    expect(trial.advice!.reason.code).toBe('first')
    trial.goOn()
    expect(trial.strip!.id).toBe(before)
    expect(differs()).toEqual([])
    expect(trial.counted).toEqual([])
    row(2.5)
    expect(trial.strip!.rows.at(-1)).toMatchObject({
      comparable: true,
      changed: 'stitch length: 2.5 → 3; cloth: Linen → Lantern felt',
    })
    expect(trial.counted.map(({ number }) => number)).toEqual([2])
  })
  it('keeps a strip for each setup: back with the first, its rows are there again', () => {
    const linen = trial.strip!
    inHand.update('Felt', { clothId: 'demo-cloth-felt' })
    row(2.5)
    expect(trial.strip!.id).not.toBe(linen.id)
    expect(trial.counted.map(({ dial }) => dial)).toEqual([2.5])
    inHand.update('Linen', { clothId: linen.setup.clothId })
    expect(trial.strip).toEqual(linen)
    expect(differs()).toEqual([])
    expect(book.shelf.trials.get(linen.id)!.closed).toBe(false)
  })
  it('leaves out strips of a setup that only bears the same names', () => {
    const linen = book.shelf.cloths.get('demo-cloth-linen')!
    book.commit('Another linen', [
      { table: 'cloths', id: 'cloth-second', record: { ...linen, id: 'cloth-second' } },
    ])
    inHand.update('The other linen', { clothId: 'cloth-second' })
    expect(trial.counted).toEqual([])
    expect(differs()).toEqual([{ what: 'cloth: Linen → another of that name', stitch: false }])
  })
  it('counts the way from the spool as one, too', () => {
    inHand.update('Stand', {
      supplies: { ...inHand.setup.supplies, right: { place: 'stand', draw: null } },
      sharedDiscs: true,
    })
    expect(differs()).toEqual([
      { what: 'right supply: not known → stand', stitch: false },
      { what: 'shared discs: not known → yes', stitch: false },
    ])
  })
  it('does not take the tension for a change', () => {
    inHand.update('Tension', { tension: 7 })
    expect(differs()).toEqual([])
    expect(trial.counted).toHaveLength(1)
  })
})

describe('keeping', () => {
  it('freezes the whole setup with what was read, and closes the strip', () => {
    row(2.6, { show: -1 })
    const id = trial.keep('Collar, second', 'good', 'Quiet.', NOW)!
    const kept = book.shelf.swatches.get(id)!
    expect(kept).toMatchObject({
      name: 'Collar, second',
      source: 'own',
      rowsSewn: 2,
      verdict: 'good',
      frozen: {
        machine: { name: 'Attic seven', dial: { home: 4 } },
        threads: { left: { name: 'Slate rayon 40' }, middle: null, right: { name: 'Gold metallic' } },
        cloth: { name: 'Linen' },
      },
    })
    expect(kept.setup.tension).toBe(trial.advice!.best ?? inHand.setup.tension)
    expect(trial.strip).toBeNull()
    // What is on the shelf may change: the swatch stays as it was.
    book.commit('Rename', [
      {
        table: 'machines',
        id: 'demo-machine-attic',
        record: { ...book.shelf.machines.get('demo-machine-attic')!, name: 'Cellar seven' },
      },
    ])
    expect(book.shelf.swatches.get(id)!.frozen.machine!.name).toBe('Attic seven')
  })
  it('keeps a number only worked out as computed, without readings, and learns nothing from it', async () => {
    trial.begin(NOW)
    row(3.9, { show: 0 })
    row(3.1, { show: -2 })
    const known = trial.expected!.of
    const between = trial.computedBest!
    expect([3.9, 3.1]).not.toContain(between)
    const id = trial.keep('Between two rows', 'good', '', NOW, 'computed')!
    expect(book.shelf.swatches.get(id)).toMatchObject({
      source: 'computed',
      setup: { tension: between },
      readings: { show: null, ridge: null },
    })
    await flushPromises()
    expect(trial.expected!.of).toBe(known)
  })
  it('calls a number nobody sewed a guess', () => {
    trial.begin(NOW)
    const id = trial.keep('From memory', 'usable', '', NOW)!
    const kept = book.shelf.swatches.get(id)!
    expect(kept).toMatchObject({
      source: 'guess',
      rowsSewn: 0,
      readings: { show: null, ridge: null, sound: null },
    })
    expect(useSwatchStore().newest[0]).toBe(kept)
    expect(useSwatchStore().newest.at(-1)!.name).toBe('Sailor band, first')
  })
  it('makes the next start better', async () => {
    const before = trial.expected!.of
    row(2.4, { show: -1 })
    trial.keep('One more', 'good', '', NOW)
    await flushPromises()
    expect(trial.expected!.of).toBe(before + 1)
  })
})

describe('a swatch in hand', () => {
  const swatch = (name: string) => [...book.shelf.swatches.values()].find(one => one.name === name)!
  it('comes back whole', () => {
    useSwatchStore().use(swatch('Lantern line'))
    expect(inHand.setup).toMatchObject({
      tension: 5,
      needleId: 'demo-needle-topstitch',
      clothId: 'demo-cloth-felt',
    })
  })
  it('is a guess on another machine: as far from home, as a share of the way', () => {
    inHand.update('Gallery', { machineId: 'demo-machine-gallery' })
    const swatches = useSwatchStore()
    // 2 of 4 marks down is half the way; half the way of 4.5 is 2.25.
    expect(swatches.guessOn(swatch('Gold line, second'), inHand.parts.machine!)).toBe(2.25)
    swatches.useHere(swatch('Gold line, second'))
    expect(inHand.setup).toMatchObject({
      machineId: 'demo-machine-gallery',
      tension: 2.25,
      needleId: 'demo-needle-90m',
    })
  })
  it('has no number where a dial is not known', () => {
    const unknown = { ...inHand.parts.machine!, tensionDial: null }
    expect(useSwatchStore().guessOn(swatch('Gold line, second'), unknown)).toBeNull()
  })
  it('leaves out what is no longer owned', () => {
    book.commit('Sell', [{ table: 'needles', id: 'demo-needle-topstitch', record: null }])
    useSwatchStore().use(swatch('Lantern line'))
    expect(inHand.setup).toMatchObject({ needleId: null, tension: 5 })
  })
})
