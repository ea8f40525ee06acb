import { randomBytes } from 'node:crypto'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import type { WebDriver } from 'selenium-webdriver'
import { afterEach, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  byRole,
  downloaded,
  open,
  openBrowser,
  press,
  type Session,
  severeLogs,
  type,
  untilSaved,
  untilText,
  upload,
} from './browser'
import { BOOK } from '../torture/page'

let session: Session
afterEach(() => session?.quit())

async function choose(content: string | Uint8Array, name: string): Promise<void> {
  const path = join(session.home, name)
  writeFileSync(path, content)
  await upload(session.driver, 'A file exported by Lacy Spool', path)
}
async function emptyTheBook(driver: WebDriver): Promise<void> {
  await press(driver, 'button', 'Empty the book')
  await press(driver, 'button', 'Empty it')
  await untilText(driver, /0\s+machines/)
}
const today = () => new Date().toISOString().slice(0, 10)

describe('a zip of more than 160 kB', () => {
  it('goes out and in under the strict content policy, and a photo that was damaged stays out', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, inject('demo'))
    await untilSaved(driver)
    // A picture of noise, which does not pack: 400 kB and a little more.
    const photo = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), randomBytes(400_000)])
    await driver.executeAsyncScript(
      `const [base64, done] = arguments
      const bytes = Uint8Array.from(atob(base64), letter => letter.charCodeAt(0))
      const opening = indexedDB.open('lacy-spool')
      opening.onsuccess = () => {
        const database = opening.result
        const change = database.transaction(['photos', 'swatches'], 'readwrite')
        change.objectStore('photos').put({ id: 'noise', blob: new Blob([bytes], { type: 'image/jpeg' }) })
        const swatches = change.objectStore('swatches')
        swatches.get('demo-swatch-2').onsuccess = ({ target }) =>
          swatches.put({ ...target.result, photos: { front: 'noise', back: null } })
        change.oncomplete = () => { database.close(); done() }
      }`,
      photo.toString('base64'),
    )
    await open(driver, `${inject('demo')}/files`)
    await press(driver, 'button', 'With 1 photo (zip)')
    const zip = await downloaded(session, `lacy-spool-${today()}.zip`)
    expect(Buffer.from(unzipSync(zip)['photos/noise.jpg']!)).toEqual(photo)
    await emptyTheBook(driver)
    const damaged = Buffer.from(zip)
    damaged[damaged.indexOf(photo) + 200_000]! ^= 1
    await choose(damaged, 'damaged.zip')
    await untilText(driver, '1 damaged photo left out.')
    await choose(zip, 'whole.zip')
    await untilText(driver, '1 photo beside them.')
    await press(driver, 'button', /^Import \d+ records/)
    await untilText(driver, /31\s+swatches/)
    await byRole(driver, 'button', 'With 1 photo (zip)')
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a piece in two tabs', () => {
  const PIECE = 'demo-piece-pocket'
  const elsewhere = (change: string) =>
    `const [done] = arguments
    const book = ${BOOK}
    const piece = book.shelf.pieces.get('${PIECE}')
    book.commit('Elsewhere', [{ table: 'pieces', id: piece.id, record: { ...piece, ${change} } }])
      .then(done)`
  const valueOf = async (driver: WebDriver, label: string) =>
    (await byRole(driver, 'textbox', label)).getAttribute('value')

  it('shows the book as it is now, and overwrites nothing of what the other changed', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/topstitch?piece=${PIECE}`)
    const first = await driver.getWindowHandle()
    await driver.switchTo().newWindow('tab')
    await open(driver, `${inject('demo')}/files`)
    await untilSaved(driver)
    const second = await driver.getWindowHandle()
    await driver.executeAsyncScript(elsewhere(`name: 'Renamed elsewhere'`))
    await driver.switchTo().window(first)
    const isRenamed = async () => (await valueOf(driver, 'Name of the piece')) === 'Renamed elsewhere'
    await driver.wait(isRenamed, PATIENCE_MS)
    await type(driver, 'Copies', '7')
    await driver.switchTo().window(second)
    await driver.executeAsyncScript(elsewhere(`note: 'Written elsewhere'`))
    await driver.switchTo().window(first)
    await driver.wait(async () => (await valueOf(driver, 'Note')) === 'Written elsewhere', PATIENCE_MS)
    await untilSaved(driver)
    // The piece in hand is this tab's own, through a reload.
    await driver.navigate().refresh()
    await driver.wait(async () => (await valueOf(driver, 'Copies')) === '7', PATIENCE_MS)
    const kept = await driver.executeScript<{ name: string; note: string; copies: number }>(
      `return JSON.parse(JSON.stringify(${BOOK}.shelf.pieces.get('${PIECE}')))`,
    )
    expect(kept).toMatchObject({ name: 'Renamed elsewhere', note: 'Written elsewhere', copies: 7 })
  })
})

describe('backups into a folder', () => {
  it('are written by themselves, dated, and restore the whole book', async () => {
    session = await openBrowser({
      // A folder of the browser's own stands for one of the user's: it is the same kind of handle.
      script: `window.showDirectoryPicker = async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('backups', { create: true })`,
    })
    const { driver } = session
    await open(driver, `${inject('demo')}/files`)
    await untilText(driver, /31\s+swatches/)
    await press(driver, 'button', 'Choose a folder')
    await untilText(driver, /Written into “backups”/)
    await untilText(driver, /Last backup: .*, today/)
    // The folder is known again after a reload.
    await driver.navigate().refresh()
    await untilText(driver, 'The next one goes into “backups”.')
    const [name, text] = await driver.executeAsyncScript<[string, string]>(`
      const done = arguments[0]
      navigator.storage.getDirectory()
        .then(root => root.getDirectoryHandle('backups'))
        .then(async folder => {
          for await (const [name, file] of folder.entries()) done([name, await (await file.getFile()).text()])
        })`)
    expect(name).toBe(`lacy-spool-${today()}.json`)
    await emptyTheBook(driver)
    await choose(text, name)
    await press(driver, 'button', /^Import \d+ records/)
    await untilText(driver, /31\s+swatches/)
    await untilText(driver, /4\s+machines/)
  })
})

describe('site data', () => {
  it('blocked: every station works in memory, and the page says so', async () => {
    session = await openBrowser({ preferences: { 'profile.default_content_setting_values.cookies': 2 } })
    const { driver } = session
    await open(driver, `${inject('demo')}/files`)
    await untilText(driver, 'Not saved')
    await press(driver, 'button', 'Load the demo')
    await untilText(driver, /31\s+swatches/)
    await press(driver, 'link', /^Threading walk/)
    await untilText(driver, /Step \d+ of \d+/)
    await press(driver, 'link', /^Swatch book/)
    await untilText(driver, /31 of 31 swatches/)
    await press(driver, 'link', /^Trial strip/)
    await byRole(driver, 'status', 'Next number')
    await press(driver, 'button', /Dim lamp/)
    await byRole(driver, 'status', 'Storage')
  })

  it('cleared while the app is open: it is said, and all of it can be stored again', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, inject('demo'))
    await untilSaved(driver)
    await session.tell('Storage.clearDataForOrigin', {
      origin: new URL(inject('demo')).origin,
      storageTypes: 'indexeddb',
    })
    await untilText(driver, 'What was stored is gone')
    await press(driver, 'button', 'Store it all again')
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/files`)
    await untilText(driver, /31\s+swatches/)
  })
})

describe('a form', () => {
  it('has what was typed when the tab was reloaded in the middle', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/workbox`)
    await press(driver, 'button', /^Cloths/)
    await press(driver, 'button', 'Add a cloth')
    await (await byRole(driver, 'textbox', 'Name')).sendKeys('Half a word')
    await driver.navigate().refresh()
    await press(driver, 'button', /^Cloths/)
    await press(driver, 'button', 'Add a cloth')
    await untilText(driver, 'What you had typed is back.')
    expect(await (await byRole(driver, 'textbox', 'Name')).getAttribute('value')).toBe('Half a word')
  })
})
