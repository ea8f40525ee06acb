import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { byRole, open, openBrowser, type Session } from './browser'

/** Words a view may hold before anything is unfolded, counted on the demo. They only fall. */
const { views } = JSON.parse(readFileSync('scripts/words/limits.json', 'utf8')) as {
  views: Record<string, number>
}
/** A view that holds so many fewer than it may has its limit taken down. */
const SLACK = 20

describe('the words of a view', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
  })
  afterAll(() => session.quit())

  it.each(Object.entries(views))('%s holds %i at most', async (path, most) => {
    const { driver } = session
    await open(driver, inject('demo') + path)
    await byRole(driver, 'button', /^Machine: /)
    const words = await driver.wait(
      () =>
        // Settled: two frames show as many words. Numbers are none.
        driver.executeAsyncScript<number>(
          `const done = arguments[0]
          const wordsOf = element => (element.innerText ?? '')
            .split(/\\s+/).filter(word => /[A-Za-z]/.test(word)).length
          // What stands ready out of sight, or is only heard, is not read.
          const UNSEEN = '[aria-hidden="true"], .sr-only'
          const away = main => [...main.querySelectorAll(UNSEEN)]
            .filter(element => !element.parentElement.closest(UNSEEN))
          const count = () => {
            const main = document.querySelector('main')
            return away(main).reduce((sum, element) => sum - wordsOf(element), wordsOf(main))
          }
          const before = count()
          setTimeout(() => done(count() === before ? before : 0), 600)`,
        ),
      20_000,
    )
    expect(words).toBeLessThanOrEqual(most)
    expect(words).toBeGreaterThan(most - SLACK)
  })
})
