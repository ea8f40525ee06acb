import { afterAll, beforeAll, expect, inject, it } from 'vitest'
import { ALL_VIEWS } from '../../app/stations'
import { byRole, goTo, open, openBrowser, press, type Session, type, untilSaved, untilText } from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await open(session.driver, inject('demo'))
  await press(session.driver, 'button', 'Units: millimetres')
  await untilSaved(session.driver)
})
afterAll(() => session.quit())

/** Everything one sees, hears or hovers over, line by line. */
const WORDS = `
  const spoken = [...document.querySelectorAll('svg text, [aria-label], [title], [placeholder]')].flatMap(e => [
    e.getAttribute('aria-label'), e.getAttribute('title'), e.getAttribute('placeholder'),
    e.localName === 'text' ? e.textContent : null,
  ])
  return [...document.body.innerText.split('\\n'), ...spoken].filter(Boolean)`

it.each(ALL_VIEWS.map(({ path }) => path))('%s has inches as on a ruler, and no metres', async path => {
  await goTo(session.driver, path)
  const lines = await session.driver.executeScript<string[]>(WORDS)
  expect(lines.filter(line => /\d\.\d+ in\b|\d\s?m\b|\bmetres\b/.test(line))).toEqual([])
})

it('leaves the machine its millimetres, and counts stitches per inch beside', async () => {
  const { driver } = session
  await open(driver, inject('demo'))
  await untilText(driver, /\d stitches per inch/)
  await untilText(driver, /Safe up to\s*\d\.\d+/)
  expect(await (await byRole(driver, 'textbox', 'Stitch width')).getAttribute('value')).toBe('4.0')
})

it('takes a fraction key by key, keeps it exact, and marks tucks on quarter inches', async () => {
  const { driver } = session
  await open(driver, `${inject('demo')}/pintucks?piece=demo-piece-front`)
  const field = await byRole(driver, 'textbox', 'Tuck to tuck')
  await type(driver, 'Tuck to tuck', '')
  for (const key of '1/4') await field.sendKeys(key)
  await field.sendKeys('\t')
  expect(await field.getAttribute('value')).toBe('1/4')
  await untilSaved(driver)
  await driver.navigate().refresh()
  await untilText(driver, /1\/4 in apart|Tuck to tuck/)
  expect(await (await byRole(driver, 'textbox', 'Tuck to tuck')).getAttribute('value')).toBe('1/4')
})
