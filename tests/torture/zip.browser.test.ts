import { randomBytes } from 'node:crypto'
import { rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { zipSync } from 'fflate'
import type { WebDriver } from 'selenium-webdriver'
import { afterEach, expect, inject, it } from 'vitest'
import { emptyTables } from '#shared/records'
import { writeBackup } from '#shared/backup'
import { demoBackup } from '#shared/demo'
import {
  byRole,
  open,
  openBrowser,
  press,
  type Session,
  untilSaved,
  untilText,
  upload,
} from '../browser/browser'
import { BOOK } from './page'
import { note, rounds, seeded } from './rounds'

let session: Session | null = null
afterEach(() => session?.quit())

const PHOTOS = 62
const PHOTO_BYTES = 120_000
const LATEST_KILL_MS = 3000

/** Swatches of one's own, each with a photo of noise, which does not pack. */
function zipOfSwatches(): Uint8Array {
  const swatches = Array.from({ length: PHOTOS }, (_, i) => ({
    ...demoBackup.records.swatches[0]!,
    id: `own-${i}`,
    name: `Own ${i}`,
    photos: { front: `photo-${i}`, back: null },
  }))
  const tables = { ...emptyTables(), swatches: new Map(swatches.map(swatch => [swatch.id, swatch])) }
  const photo = () => Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), randomBytes(PHOTO_BYTES)])
  return zipSync(
    {
      'book.json': Buffer.from(JSON.stringify(writeBackup(tables, '2026-11-30T10:00:00Z'))),
      ...Object.fromEntries(swatches.map((_, i) => [`photos/photo-${i}.jpg`, photo()])),
    },
    { level: 0 },
  )
}

interface Found {
  readonly swatches: number
  /** Photos that records point at and that are not there. */
  readonly missing: number
}
const FOUND = `
  const done = arguments[0]
  const records = [...${BOOK}.shelf.swatches.values()]
  const opening = indexedDB.open('lacy-spool')
  opening.onsuccess = () => {
    const reading = opening.result.transaction('photos').objectStore('photos').getAllKeys()
    reading.onsuccess = () => {
      opening.result.close()
      const there = new Set(reading.result)
      done({
        swatches: records.length,
        missing: records.filter(({ photos }) => !there.has(photos.front)).length,
      })
    }
  }`

async function chooseZip(driver: WebDriver, home: string): Promise<void> {
  const path = join(home, 'own.zip')
  writeFileSync(path, zipOfSwatches())
  await upload(driver, 'A file exported by Lacy Spool', path)
  await byRole(driver, 'button', `Import ${PHOTOS} records`)
}

it('takes a zip in whole or not at all, whenever the browser is killed', async () => {
  const count = rounds(24, 2)
  const chance = seeded(62)
  let whole = 0
  for (let round = 0; round < count; round++) {
    session = await openBrowser()
    const { home } = session
    await open(session.driver, `${inject('plain')}/files`)
    await untilSaved(session.driver)
    await chooseZip(session.driver, home)
    await press(session.driver, 'button', `Import ${PHOTOS} records`)
    await wait(chance.below(LATEST_KILL_MS))
    await session.kill()
    session = await openBrowser({ home })
    await open(session.driver, `${inject('plain')}/files`)
    await untilSaved(session.driver)
    const { swatches, missing } = await session.driver.executeAsyncScript<Found>(FOUND)
    expect([0, PHOTOS], `round ${round}`).toContain(swatches)
    expect(missing, `round ${round}`).toBe(0)
    if (swatches === PHOTOS) whole += 1
    await session.quit()
    rmSync(home, { recursive: true, force: true, maxRetries: 5 })
    session = null
  }
  note(
    'zip',
    `${count} kills while ${PHOTOS} records with photos were taken in: ${whole} whole, `
      + `${count - whole} not at all, 0 records without their photo`,
  )
}, 600_000)

it('takes nothing in where the photos find no room, says so, and goes on when there is some', async () => {
  session = await openBrowser()
  const { driver } = session
  await open(driver, `${inject('plain')}/files`)
  await untilSaved(driver)
  await chooseZip(driver, session.home)
  const { origin } = new URL(inject('plain'))
  await session.tell('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1000 })
  await press(driver, 'button', `Import ${PHOTOS} records`)
  await untilText(driver, 'Nothing was imported: the photos found no room')
  expect(await driver.executeScript(`return ${BOOK}.shelf.swatches.size`)).toBe(0)
  await session.tell('Storage.overrideQuotaForOrigin', { origin })
  await press(driver, 'button', 'Try again')
  await untilText(driver, `${PHOTOS} records and ${PHOTOS} photos imported`)
  expect(await driver.executeAsyncScript<Found>(FOUND)).toEqual({ swatches: PHOTOS, missing: 0 })
}, 120_000)
