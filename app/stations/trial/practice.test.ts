import { beforeEach, describe, expect, it } from 'vitest'
import { drawMachine, rowsToRead, seeded } from '#core/simulated'
import { GOAL_FACTS, TRIAL_GOALS, usualPrior } from '#core/trial'
import { signed } from '~/utils/readingWords'
import { demoStores, type Page, show } from '~/../tests/unit/mounting'
import FindTension from './parts/FindTension.vue'
import ReadSwatches from './parts/ReadSwatches.vue'
import { useReaderStore } from './readerStore'
import { useTrialStore } from './store'

const NOW = new Date('2026-06-01T18:00:00Z')

const SEED = 7
beforeEach(async () => {
  document.body.innerHTML = ''
  sessionStorage.clear()
  await demoStores()
})

describe('reading swatches', () => {
  const truths = () => rowsToRead(20, SEED).map(({ truth }) => truth)
  const tile = (step: number) => new RegExp(`^${signed(step).replace('+', String.raw`\+`)}, `)
  async function readAll(page: Page, high: (i: number) => number) {
    for (const [i, truth] of truths().entries())
      await page.press(tile(Math.max(-3, Math.min(3, Math.round(truth + high(i))))))
  }
  it('tells how a person reads, keeps it as a record, and the strip counts on it', async () => {
    const { book } = await demoStores()
    const page = show(ReadSwatches, { seed: SEED, wanted: 'show' })
    await readAll(page, () => 0)
    expect(page.text()).toContain('20 of 20 within half a step')
    expect(page.text()).toMatch(/You read within half a step\./)
    await page.press('Keep how I read')
    const [record] = [...book.shelf.readers.values()]
    expect(record).toMatchObject({ person: '', reading: 'show' })
    expect(record!.answers.map(({ truth }) => truth)).toEqual(truths())
    expect(page.text()).toContain('From 20 readings')
    expect(useTrialStore().reader).toMatchObject({ answers: 20 })
    expect(useTrialStore().reader!.scatter).toBeLessThan(0.4)
  })
  it('finds who reads high, and takes it off in the strip', async () => {
    const page = show(ReadSwatches, { seed: SEED, wanted: 'show' })
    await readAll(page, () => 1)
    expect(page.text()).toContain('clearly high')
    await page.press('Keep how I read')
    expect(useTrialStore().reader!.bias).toBeGreaterThan(0.5)
  })
  it('keeps each person and each reading apart, and forgets a practice', async () => {
    const { book } = await demoStores()
    const readers = useReaderStore()
    readers.keep('show', Array(12).fill({ truth: 0, said: 0 }), NOW)
    readers.nameReader('Second')
    expect(readers.estimates.show).toBeNull()
    readers.keep('ridge', Array(12).fill({ truth: 1, said: 2 }), NOW)
    expect(readers.estimates.ridge!.bias).toBeGreaterThan(0.4)
    expect([...book.shelf.readers.values()].map(({ person, reading }) => [person, reading])).toEqual([
      ['', 'show'],
      ['Second', 'ridge'],
    ])
    readers.forget('ridge')
    expect(readers.estimates.ridge).toBeNull()
    readers.nameReader('')
    expect(readers.estimates.show).not.toBeNull()
  })
  it('keeps the newest sixty answers of a reading in one record', async () => {
    const { book } = await demoStores()
    const readers = useReaderStore()
    for (const truth of [0, 1, 2, 3]) readers.keep('show', Array(20).fill({ truth, said: truth }), NOW)
    const [record, ...more] = [...book.shelf.readers.values()]
    expect(more).toEqual([])
    expect(record!.answers).toHaveLength(60)
    expect(record!.answers[0]!.truth).toBe(1)
  })
  it('is not kept before twelve answers', async () => {
    const page = show(ReadSwatches, { seed: SEED, wanted: 'show' })
    for (const truth of truths().slice(0, 11)) await page.press(tile(Math.round(truth)))
    await expect(page.press(/^Keep/)).rejects.toThrow('no button')
    await page.press(tile(0))
    await page.press('Keep these 12')
    expect(useReaderStore().estimates.show).toMatchObject({ answers: 12 })
  })
})

describe('finding the tension', () => {
  // The same draws as the game makes.
  const random = seeded(SEED)
  const goals = TRIAL_GOALS.filter(goal => goal !== 'raised')
  const goal = goals[Math.floor(random() * goals.length)]!
  const dial = { min: 0, max: 9, home: 4.5, step: 0.25 }
  const { goalMark } = drawMachine(goal, dial, usualPrior(goal, dial), random)

  it('names its goal, sews where the dial is set, and tells the truth only at the end', async () => {
    const page = show(FindTension, { seed: SEED })
    expect(page.text()).toContain(GOAL_FACTS[goal].name)
    await page.fill('Set the dial to', '14')
    expect(page.text()).toContain('Type a number from 0 to 9.')
    await page.fill('Set the dial to', String(Math.round(4 * goalMark) / 4))
    await page.press('Sew a row')
    expect(page.text()).not.toContain('The goal lay at')
    await page.press('That is it')
    expect(page.text()).toContain(`The goal lay at ${goalMark.toFixed(1)}`)
    expect(page.text()).toContain('Found')
    expect(page.text()).toMatch(/The search: .*settled at/)
  })
  it('says when a row went the wrong way', async () => {
    const page = show(FindTension, { seed: SEED })
    for (const at of ['8', '9']) {
      await page.fill('Set the dial to', at)
      await page.press('Sew a row')
    }
    await page.press('That is it')
    expect(page.text()).toMatch(/Not there yet.*1 row went the wrong way/)
  })
})
