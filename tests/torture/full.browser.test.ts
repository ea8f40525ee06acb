import { afterEach, expect, inject, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { open, openBrowser, type Session, untilSaved, untilText } from '../browser/browser'
import { BOOK, readSeen } from './page'
import { note, rounds } from './rounds'

let session: Session
afterEach(() => session?.quit())

const swatch = { ...demoBackup.records.swatches[0]!, note: 'x'.repeat(500) }

it('stores all of what waited once a full disk has room again', async () => {
  const count = rounds(500, 40)
  session = await openBrowser()
  const { driver } = session
  await open(driver, inject('plain'))
  await untilSaved(driver)
  const { origin } = new URL(inject('plain'))
  await session.tell('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1000 })
  const kept = await driver.executeAsyncScript<string[]>(
    `const [swatch, count, done] = arguments
    const book = ${BOOK}
    const one = i => ({ ...swatch, id: 'full-' + i, name: 'full-' + i })
    const commits = Array.from({ length: count }, (_, i) => one(i))
      .map(record => book.commit('Torture', [{ table: 'swatches', id: record.id, record }]))
    Promise.all(commits).then(done)`,
    swatch,
    count,
  )
  expect(new Set(kept)).toEqual(new Set(['waiting']))
  await untilText(driver, 'The browser’s storage is full.')
  await session.tell('Storage.overrideQuotaForOrigin', { origin })
  // Nobody presses anything: it is tried again by itself.
  await untilSaved(driver)
  await driver.navigate().refresh()
  await untilSaved(driver)
  const { names } = await readSeen(driver)
  expect(Object.keys(names).filter(key => key.startsWith('swatches/full-'))).toHaveLength(count)
  note('full', `disk full and freed: all of the ${count} swatches that waited were stored by themselves`)
}, 120_000)
