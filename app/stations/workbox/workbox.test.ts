import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoStores, show } from '~/../tests/unit/mounting'
import { MOST_CSV, readTableCsv } from './workboxCsv'
import { WORKBOX } from './workboxTables'
import CsvImport from '~/fields/CsvImport.vue'
import WorkboxTable from './parts/WorkboxTable.vue'

let book: Awaited<ReturnType<typeof demoStores>>['book']
beforeEach(async () => {
  document.body.innerHTML = ''
  ;({ book } = await demoStores())
})
const shown = {
  length: (mm: number | null) => (mm === null ? 'not measured' : `${mm} mm`),
  threadName: (id: string | null) => id ?? '',
}

describe('the table', () => {
  const table = (count = 13) =>
    show(WorkboxTable, {
      rows: [...book.shelf.threads.values()].slice(0, count),
      columns: WORKBOX.threads.columns,
      show: shown,
      caption: 'Threads',
      nameOf: WORKBOX.threads.name,
      selected: new Set(),
      sortBy: 0,
      down: false,
    })
  const last = (page: ReturnType<typeof table>, event: string) => page.wrapper.emitted(event)?.at(-1)?.[0]

  it('sorts by a column, and the other way when pressed again', async () => {
    const page = table()
    await page.press('Sort by tex')
    expect(last(page, 'update:sortBy')).toBe(3)
    await page.wrapper.setProps({ sortBy: 3 })
    await page.press('Sort by tex: sorted upwards')
    expect(last(page, 'update:down')).toBe(true)
    await page.wrapper.setProps({ down: true })
    await page.press('Sort by tex: sorted downwards')
    expect(last(page, 'update:down')).toBe(false)
  })
  it('selects all shown, and none', async () => {
    const page = table(3)
    await page.tick('Select all shown')
    const chosen = last(page, 'update:selected') as Set<string>
    expect(chosen.size).toBe(3)
    await page.wrapper.setProps({ selected: chosen })
    await page.tick('Select all shown')
    expect((last(page, 'update:selected') as Set<string>).size).toBe(0)
  })
  it('says how many rows there are, though only those in view exist', () =>
    expect(table().wrapper.get('caption').text()).toBe('Threads, 13'))
})

describe('a CSV import', () => {
  async function choose(content: string) {
    let made = 0
    const reader = (text: string) =>
      readTableCsv('cloths', text, book.shelf.cloths, new Set(), () => `cloth-${made++}`)
    show(CsvImport, { open: true, table: 'cloths', title: 'Cloths', most: MOST_CSV, reader })
    await flushPromises()
    const input = document.body.querySelector<HTMLInputElement>('input[type=file]')!
    Object.defineProperty(input, 'files', { value: [new File([content], 'cloths.csv')] })
    input.dispatchEvent(new Event('change'))
    await vi.waitFor(() => expect(document.body.textContent).toMatch(/refused|Nothing was changed/))
    return {
      text: document.body.textContent!.replace(/\s+/g, ' '),
      take: () =>
        [...document.body.querySelectorAll('button')]
          .find(button => /^Import \d/.test(button.textContent!.trim()))!
          .click(),
    }
  }
  it('writes nothing before it is told to, then all that passed in one step of undo', async () => {
    const { text, take } = await choose(
      'name,structure,thickness_mm\nCanvas,woven,0.6\nGauze,woven,-1\nTulle,velvet,\n',
    )
    expect(text).toMatch(
      new RegExp(
        String.raw`1 new, 0 changed, 0 the same, 2 refused.*Row 3 Gauze: thicknessMm: must be a number `
          + String.raw`from 0\.01.*Row 4 Tulle: structure`,
      ),
    )
    expect(book.shelf.cloths.size).toBe(5)
    take()
    expect([...book.shelf.cloths.values()].at(-1)).toMatchObject({
      name: 'Canvas',
      thicknessMm: 0.6,
      weight: null,
    })
    expect(book.undo()?.label).toBe('Import cloths.csv')
    expect(book.shelf.cloths.size).toBe(5)
  })
  it('refuses a file of another kind whole', async () =>
    expect((await choose('{"json": true}')).text).toMatch(/is not known\..*Nothing was changed/))
})
