import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { expectNoFaultsByBothLamps, faults, LIT } from './axe'
import { byRole, open, openBrowser, press, type Session, untilText } from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await session.driver.manage().setTimeouts({ script: 120_000 })
})
afterAll(() => session.quit())

/** Behind what is open lies what is looked at by itself. */
const BEHIND = ['.lineup', 'nav', 'main']

describe('axe finds no fault', () => {
  it('on the bench card, by daylight and with the dim lamp', async () => {
    await open(session.driver, `${inject('demo')}/card`)
    await byRole(session.driver, 'region', 'Dial in')
    await expectNoFaultsByBothLamps(session.driver)
    await open(session.driver, inject('demo'))
  })

  it.each([
    ['/', /^Sewists differ/],
    ['/', /^Keys/],
    ['/', /^Search$/],
    ['/', /^Piece: /],
    ['/', /^Machine: /],
    ['/', /^Stitch: /],
    ['/', /^Spools: /],
    ['/', /^Tension: /],
    ['/', /^Needle: /],
    ['/', /^Foot and plate: /],
    ['/', /^Cloth: /],
    ['/', /^Bobbin: /],
    ['/', /length 2\.5/],
    ['/', /^Name this piece/],
    ['/swatches', /^Open .* large$/],
    ['/workbox', /^Add a needle/],
    ['/workbox', /^To buy/],
    ['/files', /^Empty/],
    ['/trial', /^Print/],
  ])('in what opens on %s by %s', async (path, button) => {
    const { driver } = session
    await open(driver, inject('demo') + path)
    await byRole(driver, 'link', /^(Clear|Check|Stop)/)
    await press(driver, 'button', button)
    await byRole(driver, 'dialog', /./)
    expect(await faults(driver, { without: BEHIND }), 'by daylight').toEqual([])
    // The lamp’s own button lies behind what is open.
    await driver.executeScript("document.documentElement.classList.add('dark')")
    expect(await faults(driver, { rules: LIT, without: BEHIND }), 'with the dim lamp').toEqual([])
  })
})

describe('the keyboard', () => {
  it('jumps between stations and opens the sheet of keys', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await driver.actions().sendKeys('f').perform()
    await untilText(driver, 'Export everything')
    await driver.actions().sendKeys('2').perform()
    await untilText(driver, 'Where to start')
    await driver.actions().sendKeys('0').perform()
    await untilText(driver, 'Add a needle')
    await driver.actions().sendKeys('1').perform()
    await untilText(driver, 'Over the plate')
    await driver.actions().sendKeys('?').perform()
    await untilText(driver, 'They work while you are not typing and no panel is open')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })

  it('comes from the skip link to the page in at most 12 stops; arrows go along the line-up', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await byRole(driver, 'slider', 'Stitch width')
    const focused = () => driver.switchTo().activeElement()
    const send = (key: string) => driver.actions().sendKeys(key).perform()
    const isInPage = () => driver.executeScript<boolean>('return !!document.activeElement.closest("main")')
    let stops = 0
    for (; stops <= 12 && !(await isInPage()); stops++) await send(Key.TAB)
    expect(stops - 1).toBeLessThanOrEqual(12)
    await driver.actions().keyDown(Key.SHIFT).sendKeys(Key.TAB).keyUp(Key.SHIFT).perform()
    expect(await (await focused()).getText()).toMatch(/4\.0 × 2\.5/)
    await send(Key.ARROW_RIGHT)
    expect(await (await focused()).getText()).toMatch(/Tension/)
    await send(Key.END)
    await send(Key.HOME)
    expect(await (await focused()).getText()).toMatch(/4\.0 × 2\.5/)
    await send(Key.ARROW_RIGHT)
    await send(Key.ENTER)
    await byRole(driver, 'dialog', 'Tension')
    await send(Key.ESCAPE)
  })

  it('reaches the verdict’s control by Tab alone', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await byRole(driver, 'slider', 'Stitch width')
    for (let i = 0; i < 60; i++) {
      await driver.actions().sendKeys(Key.TAB).perform()
      const at = await driver.switchTo().activeElement()
      if ((await at.getAttribute('type')) === 'range' && (await at.getAccessibleName()) === 'Stitch width')
        return
    }
    expect.unreachable('the slider was not reached')
  })
})
