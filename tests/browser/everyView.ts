import { readFileSync } from 'node:fs'
import type { WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import type { View } from '../../app/stations'
import { expectNoFaultsByBothLamps } from './axe'
import { byRole, goTo, open, openBrowser, PATIENCE_MS, type Session } from './browser'

/** Words a view may hold before anything is unfolded, counted on the demo. They only fall. */
const { views: MOST_WORDS } = JSON.parse(readFileSync('scripts/words/limits.json', 'utf8')) as {
  views: Record<string, number>
}
/** A view that holds so many fewer than it may has its limit taken down. */
const SLACK = 20
/** Rail and line-up are the same on every view: they are looked at with the first. */
const FRAME = ['.lineup', 'nav']

/**
 * What cannot be hit 20 px from its middle: WCAG 2.5.5 asks for 44 by 44. A link within a sentence is left
 * out, as the criterion does.
 */
const SMALL_TARGETS = `
  const all = 'button, a[href], input, [role=switch], [role=checkbox], [role=radio], [role=combobox], [role=slider]'
  const isShown = e => e.checkVisibility({ visibilityProperty: true, opacityProperty: true })
  const inSentence = e => e.matches('p a, p button, li a')
  const hidden = e => e.closest('.sr-only') || e.matches('input[type=file], [aria-hidden=true], [tabindex="-1"][data-hidden]')
  const words = e => (e.ariaLabel ?? (e.innerText || e.outerHTML.slice(0, 90))).replace(/\\s+/g, ' ').slice(0, 40)
  const small = e => {
    e.scrollIntoView({ block: 'center', inline: 'center' })
    const { x, y, width, height } = e.getBoundingClientRect()
    if (width < 2 || height < 2) return null
    const at = [x + width / 2, y + height / 2]
    const owners = [e, ...(e.labels ?? [])]
    const hits = (dx, dy) => {
      const top = document.elementFromPoint(at[0] + dx, at[1] + dy)
      return !top || owners.some(owner => owner.contains(top))
    }
    const misses = [[0, -20], [0, 20], [-20, 0], [20, 0]].filter(([dx, dy]) => !hits(dx, dy))
    return misses.length > 0 ? words(e) + ' ' + Math.round(width) + '×' + Math.round(height) : null
  }
  return [...document.querySelectorAll(all)]
    .filter(e => isShown(e) && !inSentence(e) && !hidden(e) && !e.disabled)
    .map(small).filter(Boolean)`

/** Text that its box cuts off with the spacing of WCAG 1.4.12; a long name in the line-up may be cut. */
const CUT_TEXT = `
  const style = document.createElement('style')
  style.textContent = '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; '
    + 'word-spacing: 0.16em !important } p { margin-bottom: 2em !important }'
  document.head.append(style)
  const hides = e => [getComputedStyle(e).overflowX, getComputedStyle(e).overflowY].some(o => o === 'hidden' || o === 'clip')
  const holdsText = e => [...e.childNodes].some(n => n.nodeType === 3 && n.textContent.trim())
  const isCut = e => e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 1
  const found = [...document.querySelectorAll('body *')]
    .filter(e => !e.closest('.sr-only, svg, [aria-hidden=true], .name') && e.clientWidth > 2 && holdsText(e) && hides(e) && isCut(e))
    .map(e => e.tagName + '.' + e.className + ' ' + e.textContent.trim().slice(0, 40))
  style.remove()
  return found`

/**
 * How many words are read in the view, once two looks find as many and at least so many; 0: not yet, an
 * answer may still come. Numbers are none.
 */
const WORDS = `
  const [least, done] = arguments
  const wordsOf = element => (element.innerText ?? '').split(/\\s+/).filter(word => /[A-Za-z]/.test(word)).length
  // What stands ready out of sight, or is only heard, is not read.
  const UNSEEN = '[aria-hidden="true"], .sr-only'
  const away = main => [...main.querySelectorAll(UNSEEN)].filter(element => !element.parentElement.closest(UNSEEN))
  const count = () => {
    const main = document.querySelector('main')
    return away(main).reduce((sum, element) => sum - wordsOf(element), wordsOf(main))
  }
  const before = count()
  setTimeout(() => done(count() === before && before >= least ? before : 0), 400)`

/** Each of these views is gone to once, as one goes through the app, and looked at from all sides. */
export function lookAtEach(views: readonly View[]): void {
  let session: Session
  let driver: WebDriver
  const js = <T>(script: string) => driver.executeScript<T>(script)
  const emulate = (media: string) => session.tell('Emulation.setEmulatedMedia', { media, features: [] })
  beforeAll(async () => {
    session = await openBrowser()
    driver = session.driver
    await driver.manage().setTimeouts({ script: 120_000 })
    await open(driver, inject('demo'))
    await byRole(driver, 'button', /^Machine: /)
  })
  afterAll(() => session.quit())

  describe.each(views.map(({ path }) => path))('%s', path => {
    const most = MOST_WORDS[path] ?? Infinity
    const least = most === Infinity ? 1 : most - SLACK + 1
    let words = 0
    beforeAll(async () => {
      await goTo(driver, path)
      words = (await driver.wait(
        () => driver.executeAsyncScript<number>(WORDS, least),
        PATIENCE_MS,
        `never came to rest with ${least} words or more: take its limit down`,
      ))!
    })
    it.runIf(path in MOST_WORDS)('holds few words', () => expect(words).toBeLessThanOrEqual(most))
    it('has targets one can hit', async () => expect(await js<string[]>(SMALL_TARGETS)).toEqual([]))
    it('cuts no text with wide spacing', async () => expect(await js<string[]>(CUT_TEXT)).toEqual([]))
    it('prints without rail, line-up and buttons', async () => {
      await emulate('print')
      const shown = await js<string[]>(
        `return [...document.querySelectorAll('nav, .lineup, main button')]
        .filter(e => e.checkVisibility()).map(e => e.tagName + ' ' + e.innerText.slice(0, 30))`,
      )
      await emulate('')
      expect(shown).toEqual([])
    })
    it('has no fault that axe finds, by daylight and with the dim lamp', () =>
      expectNoFaultsByBothLamps(driver, path === views[0]!.path ? [] : FRAME))
  })
}
