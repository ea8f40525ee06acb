import type { WebDriver } from 'selenium-webdriver'
import { afterEach, expect, inject, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { PATIENCE_MS, open, openBrowser, type Session, untilSaved } from '../browser/browser'
import { BOOK } from './page'
import { note, rounds } from './rounds'

let session: Session
afterEach(() => session?.quit())

/** What two tabs do to the same thing in the same instant. Each pair: the one, and the other. */
const LISTEN = `
  const [which] = arguments
  const book = ${BOOK}
  const change = (table, id, changed) => {
    const record = { ...book.shelf[table].get(id), ...changed(book.shelf[table].get(id)) }
    return book.commit('Torture', [{ table, id, record }])
  }
  const row = (trial, dial) => ({ rows: [...trial.rows, { ...window.row, dial }] })
  const pairs = [
    round => [
      () => change('pieces', 'both', ({ setup }) => ({ setup: { ...setup, layers: 1 + (round % 20) } })),
      () => change('pieces', 'both', ({ setup }) => ({ setup: { ...setup, tension: round % 9 } })),
    ],
    round => [
      () => change('machines', 'm' + round, () => ({ name: 'renamed' })),
      () => change('machines', 'm' + round, () => ({ maxWidthMm: 9 })),
    ],
    round => [
      () => change('trials', 't' + round, trial => row(trial, 1)),
      () => change('trials', 't' + round, trial => row(trial, 2)),
    ],
    round => [
      () => book.commit('Torture', [{ table: 'threads', id: 'th' + round, record: null }]),
      () => book.commit('Torture', [{ table: 'pieces', id: 'p' + round, record: window.planOf(round) }]),
    ],
    round => [0, 1].map(place => () =>
      change('projects', 'pr' + round, ({ items }) => ({
        items: items.map((item, i) => (i === place ? { ...item, doneAt: '2026-11-30T10:00:00Z' } : item)),
      })),
    ),
  ]
  window.answers = {}
  const act = async round => {
    window.answers[round] = await pairs[round % pairs.length](round)[which]()
  }
  const channel = new BroadcastChannel('torture')
  channel.addEventListener('message', ({ data }) => void act(data))
  window.begin = round => {
    channel.postMessage(round)
    void act(round)
  }`

const { machines, threads, trials, pieces, projects } = demoBackup.records
const [row] = trials[0]!.rows
const machine = { ...machines[0]!, maxWidthMm: 7 }
const nothing = {
  machineId: null,
  footId: null,
  plateId: null,
  needleId: null,
  bobbinId: null,
  clothId: null,
}
const bare = { ...pieces[0]!.setup, ...nothing, stabilizerId: null }
const setup = { ...bare, threadIds: { left: null, middle: null, right: null } }

const job = (id: string) => ({
  id,
  work: { kind: 'plain', step: 'press', words: 'Press', minutes: 5 },
  doneAt: null,
  sewnWith: null,
  tookMinutes: null,
})
const project = { ...projects[0]!, items: [job('one'), job('two')], before: [], doing: null }

const pieceOf = (id: string) => ({ ...pieces[0]!, id })

/** What is there before a round, so that both tabs begin from the same. */
const baseOf = (round: number) => [
  {
    table: 'pieces',
    id: 'both',
    record: { ...pieceOf('both'), setup: { ...setup, layers: 1, tension: null } },
  },
  { table: 'machines', id: `m${round}`, record: { ...machine, id: `m${round}` } },
  { table: 'trials', id: `t${round}`, record: { ...trials[0]!, id: `t${round}`, setup, rows: [] } },
  { table: 'threads', id: `th${round}`, record: { ...threads[0]!, id: `th${round}` } },
  { table: 'projects', id: `pr${round}`, record: { ...project, id: `pr${round}` } },
]

const planOf = (round: number) => ({
  ...pieceOf(`p${round}`),
  setup: { ...setup, threadIds: { ...setup.threadIds, left: `th${round}` } },
})

const STORED = `
  const [round, done] = arguments
  const opening = indexedDB.open('lacy-spool')
  opening.onsuccess = () => {
    const database = opening.result
    const reading = database.transaction(['machines', 'trials', 'threads', 'pieces', 'projects'])
    const found = {}
    const read = (table, id, name = table) => {
      reading.objectStore(table).get(id).onsuccess = ({ target }) => { found[name] = target.result ?? null }
    }
    read('pieces', 'both', 'both')
    read('machines', 'm' + round)
    read('trials', 't' + round)
    read('threads', 'th' + round)
    read('pieces', 'p' + round)
    read('projects', 'pr' + round)
    reading.oncomplete = () => { database.close(); done(found) }
  }`

interface Stored {
  readonly both: { readonly setup: { readonly layers: number; readonly tension: number | null } }
  readonly machines: { readonly name: string; readonly maxWidthMm: number }
  readonly trials: { readonly rows: readonly { readonly dial: number }[] }
  readonly threads: object | null
  readonly pieces: object | null
  readonly projects: { readonly items: readonly { readonly doneAt: string | null }[] }
}
/** Whether what both did is there; for a thread taken away and a plan that needs it: not the plan alone. */
function holds(
  round: number,
  { both, machines: its, trials: strip, threads: thread, pieces: piece, projects: project }: Stored,
) {
  switch (round % 5) {
    case 0:
      return both.setup.layers === 1 + (round % 20) && both.setup.tension === round % 9
    case 1:
      return its.name === 'renamed' && its.maxWidthMm === 9
    case 2:
      return (
        strip.rows
          .map(({ dial }) => dial)
          .sort()
          .join() === '1,2'
      )
    case 3:
      return piece === null || thread !== null
    default:
      return project.items.every(({ doneAt }) => doneAt !== null)
  }
}

it('keeps what two tabs do to the same record in the same instant', async () => {
  const count = rounds(60, 5)
  session = await openBrowser()
  const { driver } = session
  const tabs: string[] = []
  for (const which of [0, 1]) {
    if (which === 1) await driver.switchTo().newWindow('tab')
    tabs.push(await driver.getWindowHandle())
    await open(driver, inject('plain'))
    await untilSaved(driver)
    await driver.executeScript(LISTEN, which)
  }
  for (let round = 0; round < count; round++) {
    await inEach(driver, tabs, () =>
      driver.executeScript(
        'window.row = arguments[0]; const plan = arguments[1]; window.planOf = () => plan',
        row,
        planOf(round),
      ),
    )
    await driver.executeAsyncScript(
      `const [base, done] = arguments; ${BOOK}.commit("Base", base).then(done)`,
      baseOf(round),
    )
    // Both have heard of it before either begins.
    await inEach(driver, tabs, () =>
      driver.wait(
        () =>
          driver.executeScript<boolean>(
            `const { shelf } = ${BOOK}
            return shelf.threads.has(arguments[0]) && shelf.pieces.get('both').setup.layers === 1`,
            `th${round}`,
          ),
        PATIENCE_MS,
      ),
    )
    await driver.executeScript('window.begin(arguments[0])', round)
    const answers: string[] = []
    await inEach(driver, tabs, async () => {
      await driver.wait(
        () => driver.executeScript('return arguments[0] in window.answers', round),
        PATIENCE_MS,
      )
      answers.push(await driver.executeScript('return window.answers[arguments[0]]', round))
    })
    const stored = await driver.executeAsyncScript<Stored>(STORED, round)
    expect(holds(round, stored), `round ${round}: ${answers.join()} ${JSON.stringify(stored)}`).toBe(true)
  }
  note('tabs', `${count} rounds of two tabs in the same instant: 0 edits lost, 0 plans without their thread`)
}, 600_000)

async function inEach(
  driver: WebDriver,
  tabs: readonly string[],
  act: () => Promise<unknown>,
): Promise<void> {
  for (const tab of tabs) {
    await driver.switchTo().window(tab)
    await act()
  }
}
