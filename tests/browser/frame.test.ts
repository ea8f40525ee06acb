import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { STATIONS } from '../../app/stations'
import { PATIENCE_MS, byRole, open, openBrowser, pick, press, type Session, type, untilText } from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
})
afterAll(() => session.quit())
const keys = (...pressed: string[]) =>
  session.driver
    .actions()
    .sendKeys(...pressed)
    .perform()
const resize = (width: number, height: number) =>
  session.tell('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: width < 600,
  })
const heading = () =>
  session.driver.executeScript<string>('return document.querySelector("main h1")?.innerText')

describe('the line-up', () => {
  it.each([390, 700, 1024, 1151, 1280])('stays within a screen %d wide, whatever is in hand', async width => {
    const { driver } = session
    await resize(width, 800)
    await open(driver, inject('demo'))
    await byRole(driver, 'navigation', 'How far this piece is')
    const wider = await driver.executeAsyncScript<string[]>(
      `const done = arguments[arguments.length - 1]
       const { $pinia } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
       const ids = [...$pinia._s.get('book').shelf.pieces.keys()]
       const wider = []
       const next = () => {
         const id = ids.pop()
         if (id === undefined) return done(wider)
         $pinia._s.get('inHand').take(id)
         requestAnimationFrame(() => requestAnimationFrame(() => {
           const { scrollWidth, clientWidth } = document.documentElement
           if (scrollWidth > clientWidth) wider.push(id)
           next()
         }))
       }
       next()`,
    )
    expect(wider).toEqual([])
  })
})

describe('the rail', () => {
  it.each([
    [1280, 800],
    [1024, 768],
  ])('shows every station and nothing to scroll at %d × %d', async (width, height) => {
    await resize(width, height)
    await open(session.driver, inject('demo'))
    for (const { name } of STATIONS) await byRole(session.driver, 'link', new RegExp(`^${name}`))
    const [tall, seen] = await session.driver.executeScript<[number, number]>(
      `const { scrollHeight, clientHeight } = document.querySelector('nav[aria-label="Stations"]')
       return [scrollHeight, clientHeight]`,
    )
    expect(tall).toBeLessThanOrEqual(seen)
  })
  it('has a tab a group on a phone, and the tools in one', async () => {
    const { driver } = session
    await resize(390, 844)
    await open(driver, inject('demo'))
    await press(driver, 'button', 'Keep')
    await press(driver, 'link', 'Files')
    await byRole(driver, 'heading', 'Files')
    await press(driver, 'button', 'Tools')
    await press(driver, 'button', 'Units: millimetres')
    await press(driver, 'button', 'Tools')
    await press(driver, 'button', 'Units: inches')
  })
  it('lies over nothing on a low screen', async () => {
    await resize(320, 256)
    await open(session.driver, inject('demo'))
    const stuck = await session.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('header, nav')]
        .filter(e => ['sticky', 'fixed'].includes(getComputedStyle(e).position))
        .map(e => e.getAttribute('aria-label'))`,
    )
    expect(stuck).toEqual([])
    await resize(1280, 800)
  })
})

describe('searching everything', () => {
  it.each([
    ['lantern corners', /^Lantern line, corners/, /\?swatch=/],
    ['holes along', /^Holes along the seam/, /\/signs\?sign=holes/],
    ['night cape serp', /^Night cape, serpentine scrolls/, /:\d+\/$/],
  ])('finds “%s” and leads there', async (words, entry, address) => {
    const { driver } = session
    await open(driver, inject('demo'))
    await byRole(driver, 'button', /^Machine: /)
    await keys('/')
    await type(driver, 'Search everything', words)
    await press(driver, 'option', entry)
    await driver.wait(async () => address.test(await driver.getCurrentUrl()), PATIENCE_MS, 'not led there')
  })
  it('does things too: a job, a needle, a stitch', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await byRole(driver, 'button', /^Machine: /)
    await session.driver.actions().keyDown(Key.CONTROL).sendKeys('k').keyUp(Key.CONTROL).perform()
    await type(driver, 'Search everything', 'job hidden edge')
    await press(driver, 'option', /^Job: Hidden edge/)
    // The demo's piece has a name: another is begun.
    await byRole(driver, 'button', /^Piece: Hidden edge of \d/)
  })
})

describe('keys', () => {
  it('do nothing in a select, in a panel, or once they are switched off', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/pairing`)
    await byRole(driver, 'link', /to spare/)
    await (await byRole(driver, 'combobox', 'Layers')).sendKeys('4')
    expect(await heading()).toBe('Thread and needle')
    await press(driver, 'button', /^Cloth: /)
    // The panel's code comes with its first opening; keys are its own once it stands.
    await byRole(driver, 'dialog', /./)
    await keys('4')
    expect(await heading()).toBe('Thread and needle')
    await keys(Key.ESCAPE)
    await press(driver, 'button', 'Keys')
    await press(driver, 'switch', /^Single keys/)
    await press(driver, 'button', 'Close')
    await keys('4')
    expect(await heading()).toBe('Thread and needle')
    await press(driver, 'button', 'Keys')
    await press(driver, 'switch', /^Single keys/)
    await press(driver, 'button', 'Close')
    await driver.executeScript('document.activeElement.blur()')
    await keys('4')
    await byRole(driver, 'heading', 'Trial strip')
  })
})

describe('the address', () => {
  it('brings filters, order and the opened swatch back after a reload, and by back', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/swatches`)
    await pick(driver, 'Goal', 'Metallic line')
    await pick(driver, 'Order', 'By name')
    await untilText(driver, /^(?!31)\d+ of 31 swatches/m)
    await driver.navigate().refresh()
    await byRole(driver, 'heading', 'Swatch book')
    await untilText(driver, /9 of 31 swatches/)
    await press(driver, 'button', 'Open Cape scrolls large')
    await byRole(driver, 'dialog', 'Cape scrolls')
    await driver.navigate().back()
    await driver.wait(
      async () => (await driver.findElements(By.css('[role="dialog"]'))).length === 0,
      PATIENCE_MS,
    )
    await untilText(driver, /9 of 31 swatches/)
  })
})
