import { readFileSync, rmSync } from 'node:fs'
import { setTimeout as wait } from 'node:timers/promises'
import type { WebDriver } from 'selenium-webdriver'
import { afterEach, expect, inject, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { open, openBrowser, type Session, untilSaved } from '../browser/browser'
import { BATCH, BOOK, type Mark, readSeen, type Seen, type Templates, WRITE_ON } from './page'
import { note, rounds, seeded } from './rounds'

let session: Session | null = null
afterEach(() => session?.quit())

const { machines, pieces, swatches } = demoBackup.records
const own = {
  ...pieces[0]!.setup,
  footId: null,
  needleId: null,
  bobbinId: null,
  clothId: null,
  stabilizerId: null,
}
const bare = { ...own, plateId: null, threadIds: { left: null, middle: null, right: null } }
const templates: Templates = {
  machine: machines[0]!,
  plan: { ...pieces[0]!, setup: { ...bare, machineId: null, stitch: { ...own.stitch, stitchId: 'zigzag' } } },
  swatch: swatches[0]!,
} as unknown as Templates

const LAYERS = 'layers on the bench'
const ROUNDS_A_BOOK = 25

/** What should be there after all that was called stored; what was under way may be there or not. */
class Expected {
  readonly names = new Map<string, string | null>()
  layers: number | null = null

  take(marks: readonly Mark[]): void {
    for (const mark of marks) {
      if (mark.kind === 'put') this.names.set(`${mark.table}/${mark.id}`, mark.name)
      if (mark.kind === 'gone') this.names.set(`${mark.table}/${mark.id}`, null)
      if (mark.kind === 'layers') this.layers = mark.layers
      if (mark.kind === 'batch')
        for (let i = 0; i < mark.count; i++)
          this.names.set(`swatches/${mark.prefix}${i}`, `${mark.prefix}${i}`)
    }
  }

  /**
   * What was called stored and is not as it was called. One write a round may have been stored without its
   * word getting out before the kill: a deletion, or other layers.
   */
  lost(seen: Seen): string[] {
    const wrong = [...this.names]
      .filter(([key, name]) => (seen.names[key] ?? null) !== name)
      .map(([key]) => key)
    if (this.layers !== null && seen.layers !== this.layers) wrong.push(LAYERS)
    const [only] = wrong
    if (wrong.length !== 1 || !(only === LAYERS || this.wasDeleted(only!, seen))) return wrong
    this.layers = seen.layers
    if (only !== LAYERS) this.names.set(only!, null)
    return []
  }
  private wasDeleted(key: string, seen: Seen): boolean {
    return /^(machines|swatches)\/k\d/.test(key) && seen.names[key] === undefined
  }
}

/** Of what is written together, parts alone. */
function halves({ names }: Seen): string[] {
  const keys = Object.keys(names)
  const pairs = keys.filter(key => key.startsWith('pieces/pair-'))
  const alone = pairs.filter(key => !names[key.replace('pieces/', 'machines/')])
  const machinesAlone = keys.filter(
    key => key.startsWith('machines/pair-') && !names[key.replace('machines/', 'pieces/')],
  )
  const batches = groups(keys.filter(key => key.startsWith('swatches/batch')))
  const cut = [...batches].filter(([, members]) => members.length !== BATCH).map(([prefix]) => prefix)
  return [...alone, ...machinesAlone, ...cut]
}
function groups(keys: readonly string[]): Map<string, string[]> {
  const found = new Map<string, string[]>()
  for (const key of keys) {
    const prefix = key.replace(/\d+$/, '')
    found.set(prefix, [...(found.get(prefix) ?? []), key])
  }
  return found
}

const marksOf = (driver: WebDriver) => driver.executeScript<Mark[]>('return window.marks')

/** Writes for a while, kills the browser in the middle, and gives what it had called stored by then. */
async function writeAndKill(
  { driver, kill }: Session,
  seed: number,
  round: number,
  forMs: number,
): Promise<readonly Mark[]> {
  await driver.executeScript(WRITE_ON, seed, round, templates, BATCH)
  const until = performance.now() + forMs
  let marks: readonly Mark[] = []
  while (performance.now() < until) marks = await marksOf(driver)
  await kill()
  return marks
}

it('loses nothing it called stored when the browser is killed in the middle of writing', async () => {
  const count = rounds(200, 3)
  const chance = seeded(20261126)
  let expected = new Expected()
  let home: string | undefined
  let stored = 0
  for (let round = 0; round <= count; round++) {
    // A new book now and then, so that the last rounds do not measure how a huge one opens.
    if (round % ROUNDS_A_BOOK === 0) {
      if (home) rmSync(home, { recursive: true, force: true, maxRetries: 5 })
      expected = new Expected()
      home = undefined
    }
    session = await openBrowser(home ? { home } : {})
    home = session.home
    await open(session.driver, inject('plain'))
    await untilSaved(session.driver)
    const seen = await readSeen(session.driver)
    expect(seen.unreadable).toBe(0)
    expect(expected.lost(seen), `round ${round}`).toEqual([])
    expect(halves(seen), `round ${round}`).toEqual([])
    if (round === count) break
    const marks = await writeAndKill(session, 7 + round, round, 20 + chance.below(900))
    expected.take(marks)
    stored += marks.length
  }
  note(
    'kills',
    `${count} kills over single writes, pairs, deletions, undo and imports of ${BATCH}: `
      + `${stored} writes called stored, 0 lost, 0 half`,
  )
}, 3_600_000)

it('upgrades whole, however often it is killed while it does', async () => {
  const each = rounds(10, 1)
  const chance = seeded(4)
  let records = 0
  const versions = rounds(4, 2) === 4 ? [1, 2, 3, 4, 10, 11] : [1, 11]
  for (const version of versions)
    for (let round = 0; round < each; round++) {
      session = await openBrowser()
      const { home } = session
      const file = JSON.parse(readFileSync(`tests/fixtures/backup-${version}.json`, 'utf8')) as {
        records: Record<string, { id: string }[]>
      }
      // A picture of the same origin: nothing of the app runs yet.
      await session.driver.get(`${inject('plain')}/favicon.svg`)
      await session.driver.executeAsyncScript(MAKE_OLD, version * 10, file.records)
      await session.driver.get(inject('plain')).catch(() => {})
      await wait(chance.below(400))
      await session.kill()
      session = await openBrowser({ home })
      await open(session.driver, inject('plain'))
      await untilSaved(session.driver)
      const { count, unreadable } = await session.driver.executeScript<Counted>(COUNT)
      expect(unreadable).toBe(0)
      // Up to 10 what stood in the line-up became a piece, and what is in hand says so.
      expect(count).toBe(Object.values(file.records).flat().length + (version <= 10 ? 1 : 0))
      records += count
      await session.quit()
      session = null
    }
  note(
    'upgrades',
    `${versions.length * each} kills during upgrades from versions ${versions.join(', ')}: `
      + `${records} records stored, 0 lost, 0 damaged`,
  )
}, 3_600_000)

interface Counted {
  readonly count: number
  readonly unreadable: number
}
const COUNT = `
  const book = ${BOOK}
  const count = Object.values(book.shelf).reduce((sum, rows) => sum + rows.size, 0)
  return { count, unreadable: book.unreadable.length }`

const MAKE_OLD = `
  const [version, records, done] = arguments
  const opening = indexedDB.open('lacy-spool', version)
  opening.onupgradeneeded = () => {
    for (const table of Object.keys(records)) opening.result.createObjectStore(table, { keyPath: 'id' })
  }
  opening.onsuccess = () => {
    const database = opening.result
    const change = database.transaction(Object.keys(records), 'readwrite')
    for (const [table, rows] of Object.entries(records))
      for (const row of rows) change.objectStore(table).put(row)
    change.oncomplete = () => { database.close(); done() }
  }`
