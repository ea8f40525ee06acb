import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { ALL_VIEWS } from '../../app/stations'
import { byRole, open, openBrowser, press, type Session, untilText } from './browser'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
/** The bench card has no frame, and a test of its own. */
const framed = ALL_VIEWS.filter(({ axe }) => axe).map(({ path }) => path)

let session: Session
beforeAll(async () => {
  session = await openBrowser()
})
afterAll(() => session.quit())

/** Serious and critical faults, as rule and place. */
async function faults(): Promise<string[]> {
  // What is still fading in has less contrast than it will have.
  await session.driver.wait(
    () =>
      session.driver.executeScript<boolean>(
        'return document.getAnimations().every(({ playState }) => playState !== "running")',
      ),
    5000,
    'still moving',
  )
  await session.driver.executeScript(axe)
  return session.driver.executeAsyncScript<string[]>(`
    const done = arguments[arguments.length - 1]
    const grave = ({ impact }) => impact === 'serious' || impact === 'critical'
    const words = ({ id, nodes }) =>
      nodes.map(({ target, failureSummary }) => [id, ...target, failureSummary.slice(0, 200)].join(' '))
    axe.run(document, { resultTypes: ['violations'] })
      .then(({ violations }) => done(violations.filter(grave).flatMap(words)))`)
}

async function expectNoFaultsByBothLamps(): Promise<void> {
  expect(await faults(), 'by daylight').toEqual([])
  await press(session.driver, 'button', 'Dim lamp')
  await session.driver.wait(
    () => session.driver.executeScript<boolean>('return document.documentElement.classList.contains("dark")'),
    5000,
  )
  expect(await faults(), 'with the dim lamp').toEqual([])
  await press(session.driver, 'button', 'Dim lamp')
}

describe('axe finds no serious or critical fault', () => {
  it.each(framed)('on %s, by daylight and with the dim lamp', async path => {
    await open(session.driver, inject('demo') + path)
    await byRole(session.driver, 'link', /to spare/)
    await expectNoFaultsByBothLamps()
  })

  it('on the bench card, by daylight and with the dim lamp', async () => {
    await open(session.driver, `${inject('demo')}/card`)
    await byRole(session.driver, 'region', 'Dial in')
    await expectNoFaultsByBothLamps()
    await open(session.driver, inject('demo'))
  })

  it.each([
    ['Schools', 'Schools'],
    ['Keys', 'Keys'],
  ])('in the sheet %s', async (button, title) => {
    await press(session.driver, 'button', new RegExp(`^${button}`))
    await byRole(session.driver, 'dialog', title)
    expect(await faults()).toEqual([])
    await session.driver.actions().sendKeys(Key.ESCAPE).perform()
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
    await untilText(driver, 'They work while you are not typing and no panel is open.')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
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
