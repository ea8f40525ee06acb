// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Reading } from '#core/trial'
import { useTrialStore } from './store'
import { demoStores, show } from '~/../tests/unit/mounting'
import GoalCard from './parts/GoalCard.vue'
import NextCard from './parts/NextCard.vue'
import RowForm from './parts/RowForm.vue'
import RowList from './parts/RowList.vue'

vi.mock('#workers/client', () => import('~/../tests/unit/workers'))
vi.mock('#db/photos', () => ({ readPhoto: async () => null, putPhotos: async () => {} }))
const NOW = new Date('2026-06-01T18:00:00Z')
const GOLD = { left: 'demo-thread-slate', middle: null, right: 'demo-thread-gold' }
const SLATE = { left: 'demo-thread-slate', middle: null, right: 'demo-thread-slate' }
let trial: ReturnType<typeof useTrialStore>
let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
beforeEach(async () => {
  document.body.innerHTML = ''
  ;({ book, inHand } = await demoStores())
  trial = useTrialStore()
  inHand.update('Seam in slate', { job: 'seam', goal: 'balanced', threadIds: SLATE })
  trial.begin(NOW)
  await flushPromises()
})
const NO_PHOTOS = { front: null, back: null }
const sew = async (
  at: number,
  showing: Reading | null,
  ridge: Reading | null = 0,
  over: { skips?: boolean; breaks?: boolean } = {},
) => {
  trial.note(
    at,
    {
      show: showing,
      ridge,
      skips: false,
      breaks: false,
      holes: false,
      sound: 'usual',
      photos: NO_PHOTOS,
      ...over,
    },
    NOW,
  )
  await flushPromises()
}

describe('the next number', () => {
  it('says what spoils the other reading once one is settled, and what else to change', async () => {
    for (const [at, showing] of [
      [4.5, 1],
      [3.7, 0],
      [3.7, 0],
      [3.6, 0],
    ] as const)
      await sew(at, showing, 2)
    expect(show(NextCard).text()).toMatch(
      new RegExp(
        String.raw`Found.*Tuck height there is \+2, stands up; this goal wants −1 to \+1\. `
          + String.raw`Tension moves both: `
          + String.raw`lengthen the stitch, stabilize, or take a narrower gap`,
      ),
    )
  })
  it('sends holes and sounds to the sign doctor, an odd sound first', async () => {
    await sew(4, -1)
    expect(show(NextCard).text()).not.toContain('The last row had')
    document.body.innerHTML = ''
    trial.note(
      4,
      { show: 0, ridge: 0, skips: false, breaks: false, holes: true, sound: 'odd', photos: NO_PHOTOS },
      NOW,
    )
    await flushPromises()
    const page = show(NextCard)
    expect(page.text()).toContain(
      'The last row had an odd sound and holes. Stop and look before you sew on, your machine’s own '
        + 'manual first.',
    )
    expect(page.wrapper.html()).toContain('/signs?sign=odd-sound&amp;sign=holes')
  })
  it('asks for the machine’s dial where it is not known', async () => {
    inHand.update('None', { machineId: null })
    await flushPromises()
    expect(show(NextCard).text()).toMatch(/^Which machine\? A tension belongs to its machine\./)
    document.body.innerHTML = ''
    const { id, ...attic } = book.shelf.machines.get('demo-machine-attic')!
    book.commit('Not looked at', [
      { table: 'machines', id, record: { ...attic, id, tensionDial: null, dialStep: null } },
    ])
    inHand.update('That one', { machineId: id })
    await flushPromises()
    const page = show(NextCard)
    await page.fill('Normal tension', '4')
    await page.press('Save')
    expect(book.shelf.machines.get(id)!.tensionDial).toEqual({ min: 0, home: 4, max: 9 })
  })
})

describe('reading a row', () => {
  it('asks for what the goal is about first, then for the other, and notes both', async () => {
    const page = show(RowForm)
    expect(page.text()).toContain('Which thread shows where?')
    expect(page.text()).not.toContain('How does the cloth lie')
    await page.press(/^−1, hair below/)
    expect(page.text()).toContain('How does the cloth lie between the rows?')
    await page.press(/^\+1, slight tuck/)
    expect(page.text()).toMatch(/Thread balance −1.*Tuck height \+1/)
    await page.press('Note the row')
    expect(trial.strip!.rows).toMatchObject([{ show: -1, ridge: 1 }])
  })
  it('takes what lies between two drawings, and lets a reading be changed or left out', async () => {
    const page = show(RowForm)
    await page.press(/^Between two/)
    await page.press(/^−1, hair below/)
    expect(page.text()).toContain('Now the one beside it.')
    await page.press(/^0, locked inside/)
    expect(page.text()).toContain('Thread balance −½')
    await page.press('Tuck height not read')
    await page.press(/^Thread balance −½, between hair below and locked inside\. Read it again/)
    await page.press(/^\+2, bobbin dots/)
    await page.press('Tuck height not read')
    await page.press('Note the row')
    expect(trial.strip!.rows).toMatchObject([{ show: 2, ridge: null }])
  })
  it('is read with the keys 1 to 7, and B for between two', async () => {
    const page = show(RowForm)
    const key = async (name: string) => {
      await page.wrapper
        .get('div:not([aria-hidden]) > [role=group][aria-label*=":"]')
        .trigger('keydown', { key: name })
      await flushPromises()
    }
    await key('3')
    await key('b')
    await key('4')
    await key('5')
    expect(page.text()).toMatch(/Thread balance −1.*Tuck height \+½/)
    await page.press('Note the row')
    expect(trial.strip!.rows).toMatchObject([{ show: -1, ridge: 0.5 }])
  })
  it('begins with the tuck where the goal is about the tuck', async () => {
    inHand.update('Tucks', { job: 'pintucks', goal: 'raised' })
    await flushPromises()
    expect(show(RowForm).text()).toContain('How does the cloth lie between the rows?')
  })
  it('waits for a drawing, or for what happened, and takes a number to try', async () => {
    const page = show(RowForm, { tried: 0 })
    expect(page.text()).toContain('Choose a drawing, or say what happened.')
    await page.tick('Thread broke')
    await page.press('Note the row')
    expect(trial.strip!.rows).toMatchObject([
      { dial: 0, breaks: true, skips: false, show: null, ridge: null },
    ])
  })
  it('stops at the most rows a strip has, without losing one', async () => {
    book.commit('Many', [
      {
        table: 'trials',
        id: trial.strip!.id,
        record: {
          ...trial.strip!,
          rows: Array.from({ length: 60 }, () => ({
            dial: 4,
            show: 0,
            ridge: 0,
            skips: false,
            breaks: false,
            holes: false,
            sound: 'usual' as const,
            comparable: true,
            changed: '',
            at: NOW.toISOString(),
            photos: { front: null, back: null },
          })),
        },
      },
    ])
    const page = show(RowForm)
    await page.tick('Stitches skipped')
    expect(page.text()).toContain(
      'This strip has 60 rows, which is the most. Keep your number, or start a new strip.',
    )
    expect(page.wrapper.get('button[type=submit]').attributes('disabled')).toBeDefined()
    expect(trial.strip!.rows).toHaveLength(60)
  })
  it('refuses a number off the dial by name', async () => {
    const page = show(RowForm)
    await page.fill('Sewn at', '14')
    expect(page.text()).toContain('Type a number from 0 to 9.')
    expect(trial.strip!.rows).toEqual([])
  })
})

describe('the rows', () => {
  it('marks two that disagree, and takes one out', async () => {
    await sew(4, -1)
    await sew(5, 0)
    await sew(6, -3)
    const page = show(RowList)
    expect(page.wrapper.findAll('tr.odd').map(row => row.text()[0])).toEqual(['2', '3'])
    await page.press('Take row 3 out')
    expect(trial.strip!.rows.map(({ dial }) => dial)).toEqual([4, 5])
    expect(page.wrapper.findAll('tr.odd')).toEqual([])
  })
})

describe('the goal', () => {
  it('says where it is expected, from what, and asks for the other reading too', async () => {
    const page = show(GoalCard)
    await page.press('Why start there')
    expect(page.text()).toContain('The other reading may lie from −1 to +1')
    expect(page.text()).toContain('Job: Seam')
    inHand.update('The band', { threadIds: GOLD })
    await flushPromises()
    expect(page.text()).toMatch(
      new RegExp(
        String.raw`Expected at 2\.\d ± 0\.\d \(own swatches\)4 own swatches like this, drawn toward `
          + String.raw`the rule: Sailor band`,
      ),
    )
    expect(page.text()).toMatch(/Checked on 4 swatches: the book was off by 0\.\d, the rule by 0\.\d\./)
    inHand.update('Without gold', {
      threadIds: { ...inHand.setup.threadIds, right: inHand.setup.threadIds.left },
    })
    await flushPromises()
    expect(page.text()).toMatch(/± 1\.0 \(rule\).*; under 3 own swatches like this\./)
    await page.fill('How sure', 'quick')
    expect(trial.care).toBe('quick')
  })
})
