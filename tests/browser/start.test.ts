import { existsSync, readdirSync } from 'node:fs'
import { By } from 'selenium-webdriver'
import { afterEach, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  byRole,
  open,
  openBrowser,
  press,
  type Session,
  type,
  untilSaved,
  untilText,
} from './browser'

let session: Session
afterEach(() => session.quit())

describe('a first start without data', () => {
  it('asks for a machine, refuses a bad width by name, and gives a verdict from two answers', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, inject('plain'))
    await press(driver, 'button', 'Another width')
    await type(driver, /^Widest stitch/, '99')
    await untilText(driver, 'Type a length from 3.0 to 12.0 mm')
    await press(driver, 'button', 'Save')
    await untilText(driver, 'Not saved yet: mend what is marked.')
    await press(driver, 'button', '6.0')
    await type(driver, 'Name', 'Kitchen six')
    await press(driver, 'button', 'Save')
    await byRole(driver, 'button', /^Machine: Kitchen six/)
    const field = await type(driver, 'Needle label from the packet', '4.0/90')
    await field.submit()
    await untilText(driver, 'Clear for a straight seam.')
    await untilText(driver, '6.0 widest − 4.0 gap − 0.5 margin = 1.5')
    await untilSaved(driver)
    await driver.navigate().refresh()
    await byRole(driver, 'button', /^Machine: Kitchen six/)
  })

  it('works on a phone: verdict on top, nothing wider than the screen', async () => {
    session = await openBrowser({ width: 390, height: 844 })
    const { driver } = session
    await open(driver, inject('demo'))
    const verdict = await byRole(driver, 'link', /to spare/)
    expect((await verdict.getRect()).y).toBeLessThan(60)
    expect(await driver.executeScript('return document.documentElement.scrollWidth')).toBe(390)
  })
})

describe('when the browser refuses to store', () => {
  it('says so, keeps working and still exports', async () => {
    session = await openBrowser({
      script: 'IDBFactory.prototype.open = () => { throw new DOMException("full", "QuotaExceededError") }',
    })
    const { driver, downloads } = session
    await open(driver, inject('demo'))
    await untilText(driver, 'Not saved')
    // The demo never lies over a book that could not be read, unless somebody asks for it.
    await press(driver, 'button', /demo/)
    await untilText(driver, 'Clear: up to 4.5 mm is safe.')
    await press(driver, 'button', /Twin, gap 4\.0, size 90/)
    await untilText(driver, 'Set the width to 2.5 mm or less.')
    await press(driver, 'link', 'Go to Files to export')
    await press(driver, 'button', 'Export everything')
    await driver.wait(
      () => existsSync(downloads) && readdirSync(downloads).some(name => name.endsWith('.json')),
      PATIENCE_MS,
      'nothing exported',
    )
  })
})

describe('a damaged record in the database', () => {
  it('is left aside and offered as it is', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, inject('demo'))
    await untilSaved(driver)
    await driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1]
      const opening = indexedDB.open('lacy-spool')
      opening.onsuccess = () => {
        const change = opening.result.transaction('feet', 'readwrite')
        change.objectStore('feet').put({ id: 'broken', name: 'Half a foot', kind: 'velvet' })
        change.oncomplete = () => done()
      }`)
    await driver.navigate().refresh()
    await untilText(driver, '1 stored record is damaged and left aside')
    await open(driver, `${inject('demo')}/files`)
    await byRole(driver, 'button', 'Download 1 damaged')
    expect(await driver.findElements(By.css('main h1'))).toHaveLength(1)
  })
})

describe('when a page cannot be drawn', () => {
  it('says so on that page, and the rest works', async () => {
    session = await openBrowser({
      script: `
      const real = Math.exp
      Math.exp = x => {
        if (location.pathname === '/trial') throw new Error('no such number')
        return real(x)
      }`,
    })
    const { driver } = session
    await open(driver, inject('demo'))
    await press(driver, 'link', /^Trial strip/)
    await untilText(driver, 'This page could not be drawn')
    await untilText(driver, 'What went wrong: no such number')
    await press(driver, 'link', 'Go to Files')
    await untilText(driver, 'Everything is saved, in this browser.')
    await press(driver, 'link', /^Width and swing/)
    await byRole(driver, 'heading', 'Over the plate')
  })
})
