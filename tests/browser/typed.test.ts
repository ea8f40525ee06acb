import { By, Key, type WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  open,
  openBrowser,
  press,
  type Session,
  type,
  untilText,
} from './browser'

let session: Session
let driver: WebDriver
beforeAll(async () => {
  session = await openBrowser()
  driver = session.driver
})
afterAll(() => session.quit())

const path = async () => new URL(await driver.getCurrentUrl()).pathname
const keys = (...pressed: string[]) =>
  driver
    .actions()
    .sendKeys(...pressed)
    .perform()
const focused = () =>
  driver.executeScript<string>(
    `const { tagName, innerText, ariaLabel } = document.activeElement
     return tagName + ' ' + (ariaLabel ?? innerText)`,
  )
async function openDemo(at: string): Promise<void> {
  await open(driver, inject('demo') + at)
  await byRole(driver, 'button', /^Machine: /)
}
/** Two frames on: whoever keeps the focus has had its turn. */
const drawn = () =>
  driver.executeAsyncScript('requestAnimationFrame(() => requestAnimationFrame(() => arguments[0]()))')

describe('a key meant for a field', () => {
  it('empties it, and the page, its drawing and the station stay', async () => {
    await openDemo('/topstitch')
    const field = await byRole(driver, 'textbox', 'Stitch length')
    await field.click()
    await driver
      .actions()
      .keyDown(Key.CONTROL)
      .sendKeys('a')
      .keyUp(Key.CONTROL)
      .sendKeys(Key.BACK_SPACE)
      .perform()
    await untilText(driver, '3.5 stays until you type another.')
    await byRole(driver, 'region', 'Edge as sewn')
    await keys('4', Key.TAB)
    expect(await path()).toBe('/topstitch')
    // 108 mm on a cloth that is fed 0.97 of the dial.
    await untilText(driver, /21 × 4\.1 \(sews 3\.98\)/)
  })
  it('is understood as a fraction or a sum, and said back', async () => {
    await openDemo('/topstitch')
    await type(driver, 'Wide', '12 1/2 cm')
    await untilText(driver, '12 1/2 cm = 125.0 mm')
    await type(driver, 'Stitch length', '2*1.2')
    await untilText(driver, '2 × 1.2 = 2.4 mm')
  })
})

describe('a single key', () => {
  it('waits after a panel until Tab or a press', async () => {
    await openDemo('/evidence')
    await press(driver, 'button', /^Tension: /)
    await byRole(driver, 'dialog', 'Tension')
    await keys(Key.ESCAPE)
    await driver.wait(
      async () => (await driver.findElements(By.css('[role=dialog]'))).length === 0,
      PATIENCE_MS,
    )
    await keys('5')
    expect(await path()).toBe('/evidence')
    await (await driver.findElement(By.css('main h1'))).click()
    await keys('5')
    await byRole(driver, 'heading', 'Pintucks')
  })
  it('waits after a page that could not be drawn, which keeps the focus', async () => {
    await openDemo('/files')
    // A page that breaks while it is drawn, as a fault of ours would.
    await driver.executeScript(`
      const { $pinia } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
      const book = $pinia._s.get('book')
      book.shelf.feet.values = () => { throw new Error('a broken shelf') }`)
    await press(driver, 'link', /^Topstitching/)
    await untilText(driver, 'This page could not be drawn')
    expect(await focused()).toContain('This page could not be drawn')
    await keys('5')
    expect(await path()).toBe('/topstitch')
    await press(driver, 'link', /^Files/)
    await byRole(driver, 'heading', 'Files')
  })
})

describe('the focus', () => {
  it('stays beside a row that is taken out', async () => {
    await openDemo('/topstitch')
    await press(driver, 'button', 'Add a row')
    const out = await byRole(driver, 'button', 'Take row 2 out')
    await driver.executeScript('arguments[0].focus()', out)
    await keys(Key.ENTER)
    await drawn()
    expect(await focused()).not.toMatch(/^BODY/)
  })
  it('stays on the strip after a row was noted', async () => {
    await openDemo('/trial?piece=demo-plan-collar')
    await press(driver, 'checkbox', 'Thread broke')
    const note = await byRole(driver, 'button', 'Note the row')
    await driver.wait(() => note.isEnabled(), PATIENCE_MS)
    await driver.executeScript('arguments[0].focus()', note)
    await keys(Key.ENTER)
    await drawn()
    expect(await focused()).not.toMatch(/^BODY/)
  })
  it('stays after a shape was closed', async () => {
    await openDemo('/edge')
    await press(driver, 'button', /^Draw|Draw a shape|Click/)
    await byRole(driver, 'button', 'Give up')
    const give = await byRole(driver, 'button', 'Give up')
    await driver.executeScript('arguments[0].focus()', give)
    await keys(Key.ENTER)
    await drawn()
    expect(await focused()).not.toMatch(/^BODY/)
  })
  it('stays after a sheet whose button is gone', async () => {
    await openDemo('/evidence')
    await press(driver, 'button', 'Keys')
    await byRole(driver, 'dialog', /./)
    await keys(Key.ESCAPE)
    await driver.wait(
      async () => (await driver.findElements(By.css('[role=dialog]'))).length === 0,
      PATIENCE_MS,
    )
    await drawn()
    expect(await focused()).not.toMatch(/^BODY/)
  })
})

describe('undo', () => {
  it('on a planner takes the last change of the plan back, and says which before', async () => {
    await openDemo('/topstitch')
    await press(driver, 'button', 'Add a row')
    await byRole(driver, 'textbox', 'Row 2')
    await press(driver, 'button', /^Undo: Change the plan/)
    await driver.wait(
      async () => (await allByRole(driver, { role: 'textbox', name: 'Row 2' })).length === 0,
      PATIENCE_MS,
      'the row stayed',
    )
    await press(driver, 'button', /^Redo: Change the plan/)
    await byRole(driver, 'textbox', 'Row 2')
  })
  it('asks about what was done on another page', async () => {
    await openDemo('/workbox?table=cloths')
    await press(driver, 'button', /^Add a /)
    await type(driver, 'Name', 'Sail cloth')
    await press(driver, 'button', 'Save')
    await byRole(driver, 'button', /^Undo: /)
    await press(driver, 'link', /^Pintucks/)
    await byRole(driver, 'heading', 'Pintucks')
    await press(driver, 'button', /^Undo: Save changes/)
    await byRole(driver, 'dialog', /^Undo: Save changes/)
    await untilText(driver, 'It was done at Workbox')
    await press(driver, 'button', 'Leave it as it is')
    await openDemo('/workbox?table=cloths')
    await untilText(driver, 'Sail cloth')
  })
})

describe('what is pressed', () => {
  it('saves the field it was left for', async () => {
    await openDemo('/workbox?table=cloths')
    await press(driver, 'button', /^Add a /)
    await type(driver, 'Name', 'Tarpaulin')
    const thick = await byRole(driver, 'textbox', /^Thickness/)
    await thick.sendKeys('1/2')
    await press(driver, 'button', 'Save')
    await untilText(driver, /Tarpaulin[\s\S]*12\.7/)
  })
  it('saves nothing while a number is none, and goes to its field', async () => {
    await openDemo('/workbox?table=cloths')
    await press(driver, 'button', /^Add a /)
    await type(driver, 'Name', 'Half done')
    await type(driver, /^Thickness/, 'thick')
    await press(driver, 'button', 'Save')
    await untilText(driver, 'Not saved yet')
    expect(await focused()).toMatch(/^INPUT/)
    expect(await (await driver.switchTo().activeElement()).getAttribute('value')).toBe('thick')
  })
})
