import type { WebDriver } from 'selenium-webdriver'
import type { AnyRecord, TableName } from '#shared/records'

/** The store the app keeps its book in, as the page has it. */
const PINIA = `document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$pinia`
export const BOOK = `${PINIA}._s.get('book')`

/** What a page had called stored, in the order it did. */
export type Mark =
  | { readonly kind: 'put'; readonly table: TableName; readonly id: string; readonly name: string }
  | { readonly kind: 'gone'; readonly table: TableName; readonly id: string }
  | { readonly kind: 'batch'; readonly prefix: string; readonly count: number }
  | { readonly kind: 'layers'; readonly layers: number }

export interface Templates {
  readonly machine: AnyRecord
  readonly plan: AnyRecord
  readonly swatch: AnyRecord
}

/** How many records one import of the torture brings. */
export const BATCH = 120

/**
 * Writes without end, one thing after the other, and marks each once the app calls it stored: in words that
 * is what `commit` answers, and what “Everything is saved” says.
 */
export const WRITE_ON = `
  const [seed, round, templates, BATCH] = arguments
  const book = ${BOOK}
  window.marks = []
  let state = seed
  const below = most => {
    state = (state * 1103515245 + 12345) % 2147483648
    return Math.floor(state / 65536) % most
  }
  const named = (record, id) => ({ ...record, id, name: id })
  let n = 0
  const mine = []
  const put = async (table, record) => {
    const id = 'k' + round + '-' + n++
    const kept = await book.commit('Torture', [{ table, id, record: named(record, id) }])
    if (kept === 'stored') { mine.push([table, id]); window.marks.push({ kind: 'put', table, id, name: id }) }
  }
  const kinds = [
    () => put('machines', templates.machine),
    () => put('swatches', templates.swatch),
    // A plan and the machine it needs, in one go: both are there or neither.
    async () => {
      const id = 'k' + round + '-' + n++
      const plan = named(templates.plan, 'pair-' + id)
      plan.setup = { ...plan.setup, machineId: 'pair-' + id }
      const kept = await book.commit('Torture', [
        { table: 'machines', id: plan.id, record: named(templates.machine, plan.id) },
        { table: 'pieces', id: plan.id, record: plan },
      ])
      if (kept === 'stored') window.marks.push({ kind: 'put', table: 'pieces', id: plan.id, name: plan.id })
    },
    async () => {
      const old = mine.pop()
      if (!old) return
      const [table, id] = old
      const kept = await book.commit('Torture', [{ table, id, record: null }])
      if (kept === 'stored') window.marks.push({ kind: 'gone', table, id })
    },
    async () => {
      const layers = 1 + below(20)
      const record = { ...templates.plan, id: 'layered', name: 'layered' }
      record.setup = { ...record.setup, layers }
      const kept = await book.commit('Torture', [{ table: 'pieces', id: 'layered', record }])
      if (kept === 'stored') window.marks.push({ kind: 'layers', layers })
    },
    async () => {
      const id = 'k' + round + '-' + n++
      await book.commit('Torture', [{ table: 'machines', id, record: named(templates.machine, id) }])
      book.undo()
      if (await book.flush()) window.marks.push({ kind: 'gone', table: 'machines', id })
    },
    // An import: all of its records or none.
    async () => {
      const prefix = 'batch' + round + '-' + n++ + '-'
      const changes = Array.from({ length: BATCH }, (_, i) => prefix + i)
        .map(id => ({ table: 'swatches', id, record: named(templates.swatch, id) }))
      if (await book.commit('Import', changes) === 'stored')
        window.marks.push({ kind: 'batch', prefix, count: BATCH })
    },
  ]
  void (async () => { for (;;) await kinds[below(kinds.length)]() })()`

/** What is in the book once it was read again. */
export interface Seen {
  readonly names: Readonly<Record<string, string>>
  readonly layers: number | null
  readonly unreadable: number
  readonly storage: string
}
export const readSeen = (driver: WebDriver): Promise<Seen> =>
  driver.executeScript<Seen>(`
    const book = ${BOOK}
    const names = {}
    for (const table of ['machines', 'pieces', 'swatches'])
      for (const [id, { name }] of book.shelf[table]) names[table + '/' + id] = name
    return {
      names,
      layers: book.shelf.pieces.get('layered')?.setup.layers ?? null,
      unreadable: book.unreadable.length,
      storage: book.storage,
    }`)
