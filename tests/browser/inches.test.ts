import { afterAll, beforeAll, expect, inject, it } from 'vitest'
import { ALL_VIEWS } from '../../app/stations'
import { open, openBrowser, press, type Session, untilSaved } from './browser'

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
/** A machine’s own width dial reads millimetres, and that is said beside the inches. */
const ON_THE_DIAL = /[\d.]+ mm on the dial/g

it.each(ALL_VIEWS.map(({ path }) => path))('%s speaks of no millimetre and no metre', async path => {
  await open(session.driver, inject('demo') + path)
  const lines = await session.driver.executeScript<string[]>(WORDS)
  const stray = lines.filter(line => /\d\s?(mm|m)\b|\bmetres\b/.test(line.replace(ON_THE_DIAL, '')))
  expect(stray).toEqual([])
})
