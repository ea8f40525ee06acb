import type { ChildProcess } from 'node:child_process'
import ICAL from 'ical.js'
import { By, Key } from 'selenium-webdriver'
import { afterEach, describe, expect, inject, it } from 'vitest'
import { findPort, startServer } from '../../scripts/steps.mjs'
import { measurePdf } from '../unit/pdf'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  downloaded,
  open,
  openBrowser,
  pick,
  press,
  type Session,
  severeLogs,
  type,
  untilSaved,
  untilText,
} from './browser'

let session: Session
afterEach(() => session.quit())
const said = async () => (await byRole(session.driver, 'region', 'This step')).getText()
/** What is done before the step in hand is folded away: it is looked up first. */
async function isTicked(name: RegExp): Promise<boolean> {
  const { driver } = session
  const [folded] = await allByRole(driver, { role: 'button', name: /^\d+ done$/ })
  if (folded && (await folded.getAttribute('aria-expanded')) === 'false')
    await press(driver, 'button', /^\d+ done$/)
  return (await (await byRole(driver, 'checkbox', name)).getAttribute('aria-checked')) === 'true'
}

/** Presses on to the end; what each step said, in order. */
async function walkThrough(): Promise<string[]> {
  const { driver } = session
  const seen: string[] = []
  for (;;) {
    const now = await said()
    const [, number, of] = /Step (\d+) of (\d+)/.exec(now)!
    seen.push(now)
    if (!now.includes('To the bench card')) await press(driver, 'button', /^(Done, n|N)ext$/)
    if (number === of) return seen
    await driver.wait(
      async () => (await said()).startsWith(`Step ${Number(number) + 1} of`),
      PATIENCE_MS,
      `stuck at step ${number}`,
    )
  }
}

describe('the threading walk', () => {
  it('leads through a machine with a divider, from twin mode to hand-walk, and is logged', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/walk`)
    expect(await said()).toContain('Right thread, Gold metallic')
    await press(driver, 'button', 'Start over')
    await driver.wait(async () => (await said()).startsWith('Step 1 of'), PATIENCE_MS)
    const seen = await walkThrough()
    const at = (words: RegExp) => seen.findIndex(text => words.test(text))
    expect(at(/Twin mode: on/)).toBeLessThan(at(/flat to the back/))
    expect(at(/Presser foot up/)).toBeLessThan(at(/Left thread, Slate rayon 40: down/))
    expect(seen[at(/Left thread, Slate rayon 40: down/)]).toMatch(/left of the divider/)
    expect(seen[at(/Right thread, Gold metallic: down/)]).toMatch(/right of the divider/)
    expect(at(/one thread each side/)).toBeGreaterThan(at(/take-up lever/))
    expect(seen.at(-1)).toMatch(/manual first/)
    await untilText(driver, /Ready to sew\s/)
    await untilText(driver, /Finished and logged/)
    await byRole(driver, 'link', 'To the bench card')
    await press(driver, 'button', 'Whole list')
    await byRole(
      driver,
      'button',
      /^Attic seven · Honeycomb · Slate rayon 40 \/ Gold metallic: new piece like this/,
    )
    await untilSaved(driver)
    // The turning through by hand of station 1 is the same one.
    await press(driver, 'link', /^Width and swing/)
    await untilText(driver, /[Tt]urned through/)
    expect(await severeLogs(driver)).toEqual([])
  })

  it('leads through a machine without divider or threader, and names nothing it lacks', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/walk`)
    await press(driver, 'button', 'Whole list')
    await press(driver, 'button', 'Cuffs, narrow zigzag: new piece like this')
    await byRole(driver, 'button', /^Machine: Pantry five/)
    await press(driver, 'button', 'One step')
    await press(driver, 'button', 'Start over')
    await driver.wait(async () => (await said()).startsWith('Step 1 of'), PATIENCE_MS)
    const seen = await walkThrough()
    expect(seen.join('\n')).not.toMatch(/divider|[Tt]win mode:|second pin|Automatic cutter|Lock the machine/)
    const at = (words: RegExp) => seen.findIndex(text => words.test(text))
    // One at a time: the left one is at its eye before the right one begins.
    expect(at(/Left eye/)).toBeGreaterThan(0)
    expect(at(/Left eye/)).toBeLessThan(at(/Right thread, .*: down/))
    await untilText(driver, 'Ready to sew')
  })

  it('follows the school, says so, and re-opens what the other school does otherwise', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/walk`)
    expect(await isTicked(/^Automatic cutter off/)).toBe(true)
    await press(driver, 'button', 'Whole list')
    await untilText(driver, 'left of the divider')
    await press(driver, 'button', /^Sewists differ/)
    await press(driver, 'radio', /^Both together/)
    await press(driver, 'radio', /^Both in/)
    await press(driver, 'button', 'Close')
    const text = await untilText(driver, 'Both threads together')
    expect(text).not.toContain('one thread each side')
    expect(await isTicked(/^Twin mode: on/)).toBe(true)
  })

  it('says what is missing and gives what it can', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('plain')}/walk`)
    await untilText(driver, 'Not all of it yet:')
    await untilText(driver, /Step 1 of \d+/)
  })

  it('goes on by itself when hands are full, and waits at a caution', async () => {
    // Seconds pass twenty times as fast for the page.
    session = await openBrowser({
      script:
        'const slow = window.setInterval; window.setInterval = (run, ms, ...rest) => slow(run, ms '
        + '/ 20, ...rest)',
    })
    const { driver } = session
    await open(driver, `${inject('demo')}/walk`)
    await pick(driver, 'Hands-off timer', 'every 15 s')
    await untilText(driver, 'The timer waits for you here.')
    const text = await said()
    expect(text).toMatch(/by hand/)
    expect(text).toMatch(/Never the built-in threader/)
    expect(await isTicked(/^Right thread, Gold metallic: on the stand/)).toBe(true)
  })
})

describe('when something goes wrong in the middle', () => {
  it('resumes at the same step after the browser was killed', async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/walk`)
    for (const next of ['Presser foot up', 'Left thread, Slate rayon 40: down']) {
      await press(session.driver, 'button', 'Done, next')
      await session.driver.wait(async () => (await said()).includes(next), PATIENCE_MS)
    }
    const before = await said()
    await untilSaved(session.driver)
    const { home } = session
    await session.kill()
    session = await openBrowser({ home })
    await open(session.driver, `${inject('demo')}/walk`)
    expect(await said()).toBe(before)
    expect(await isTicked(/^Presser foot up/)).toBe(true)
  })

  it('shows a tick of one tab in the other', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/walk`)
    const first = await driver.getWindowHandle()
    await driver.switchTo().newWindow('tab')
    await open(driver, `${inject('demo')}/walk`)
    expect(await isTicked(/^Paper away/)).toBe(false)
    await press(driver, 'checkbox', /^Paper away/)
    await untilSaved(driver)
    await driver.switchTo().window(first)
    await driver.wait(() => isTicked(/^Paper away/), PATIENCE_MS, 'the tick did not arrive')
  })

  it('works on with the server stopped, after a reload too', async () => {
    const { address, child } = (await startServer({ port: await findPort(4360), demo: true })) as {
      address: string
      child: ChildProcess
    }
    session = await openBrowser({ keepsOffline: true })
    const { driver } = session
    try {
      await open(driver, address)
      await driver.manage().setTimeouts({ script: 60_000 })
      await driver.executeAsyncScript(
        'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done())',
      )
    } finally {
      child.kill()
    }
    await driver.wait(
      async () =>
        fetch(address).then(
          () => false,
          () => true,
        ),
      PATIENCE_MS,
      'the server still answers',
    )
    await open(driver, `${address}/walk`)
    await press(driver, 'button', 'Done, next')
    await untilSaved(driver)
    await driver.navigate().refresh()
    await driver.wait(async () => (await said()).includes('Presser foot up'), PATIENCE_MS)
    for (const [path, words] of [
      ['/card', 'Not turned through yet'],
      ['/pairing', 'Where to start'],
      ['/', 'Over the plate'],
      ['/care', 'Needles in use'],
    ] as const) {
      await open(driver, address + path)
      await untilText(driver, words)
    }
    // What is made on the spot comes from the cache too.
    await open(driver, `${address}/card`)
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Card, A6 to cut out (PDF)')
    expect((await downloaded(session, 'bench-card.pdf')).subarray(0, 4).toString()).toBe('%PDF')
  })
})

describe('the bench card', () => {
  it(
    'shows the piece in hand in figures to read from a metre, and keeps the screen awake or says '
      + 'it may not',
    async () => {
      session = await openBrowser()
      const { driver } = session
      await open(driver, `${inject('demo')}/card`)
      const dials = await byRole(driver, 'region', 'Dial in')
      expect((await dials.getText()).split(/\s*\n\s*/)).toEqual([
        'Width',
        '4.0',
        'safe up to 4.5',
        'measured',
        'Length',
        '2.5',
        'Honeycomb',
        'Tension',
        '2.8',
        'normal is 4',
        'sewn',
      ])
      const numbers = await dials.findElements(By.css('b'))
      for (const number of numbers) expect((await number.getRect()).height).toBeGreaterThan(150)
      await untilText(driver, /The screen (stays on|may go dark)/)
      await press(driver, 'button', 'Smaller')
      expect((await numbers[0]!.getRect()).height).toBeLessThan(150)
      await pick(driver, 'Speed', 'medium')
      await press(driver, 'link', 'Back')
      await byRole(driver, 'region', 'This step')
    },
  )

  it('comes out on paper at true size, as card and as labels', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/card`)
    await press(driver, 'button', 'Print')
    await type(driver, /^Labels to pin/, '0')
    await untilText(driver, 'Type a whole number from 1 to 200.')
    await type(driver, /^Labels to pin/, '8')
    await press(driver, 'button', 'Labels (PDF)')
    const [labels] = await measurePdf(await downloaded(session, 'labels.pdf'))
    expect([labels!.wideMm, labels!.tallMm].map(Math.round)).toEqual([210, 297])
    expect(labels!.frames).toHaveLength(8)
    expect(labels!.texts.filter(text => text.startsWith('T 2.8'))).toHaveLength(8)
    await pick(driver, 'Paper', 'Letter')
    await press(driver, 'button', 'Card, A6 to cut out (PDF)')
    const [card] = await measurePdf(await downloaded(session, 'bench-card.pdf'))
    expect(card!.wideMm / 25.4).toBeCloseTo(8.5, 2)
    // On letter paper the line is 2 inches long.
    for (const [page, longMm] of [
      [labels!, 50],
      [card!, 50.8],
    ] as const)
      expect(page.lines.filter(({ lengthMm }) => Math.abs(lengthMm - longMm) < 0.02)).toHaveLength(1)
    expect(card!.texts).toEqual(
      expect.arrayContaining(['4.0', '2.5', '2.8', 'Slate rayon 40', 'Gold metallic']),
    )
  })
})

describe('what the walk misses', () => {
  it('is a press that opens where it is chosen, on a phone too', async () => {
    session = await openBrowser({ width: 390, height: 844 })
    const { driver } = session
    await open(driver, `${inject('plain')}/walk`)
    await press(driver, 'button', 'Choose the foot.')
    await byRole(driver, 'dialog', 'Foot and plate')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', 'Choose the bobbin thread.')
    await byRole(driver, 'dialog', 'Bobbin')
    expect(await severeLogs(driver)).toEqual([])
  })
  it('and a row of the whole list is read by pressing it, ticked by its box', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/walk`)
    await press(driver, 'button', 'Whole list')
    // Its box has the same name: the words themselves are pressed.
    const words = By.xpath('//li//button[not(@role)][normalize-space(.)="Presser foot up"]')
    await driver.wait(async () => (await driver.findElements(words)).length === 1, PATIENCE_MS)
    await driver.findElement(words).click()
    await untilText(driver, /Step \d+ of \d+\s+Presser foot up/)
  })
})

describe('putting back', () => {
  it('stands in the line-up until it is ticked, and knows what switching off forgets', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, inject('demo'))
    await press(driver, 'link', /^3 put back/)
    await press(driver, 'button', 'It was switched off')
    await untilText(driver, /Forgotten: twin mode/)
    await byRole(driver, 'link', /^2 put back/)
    await press(driver, 'link', 'Walk')
    expect(await isTicked(/^Twin mode: on/)).toBe(false)
    await press(driver, 'link', 'Put back')
    await press(driver, 'checkbox', /^Twin out/)
    await byRole(driver, 'link', /^1 put back/)
    await press(driver, 'checkbox', /^Everyday foot on/)
    await untilText(driver, 'Nothing is noted to put back')
    expect(await allByRole(driver, { role: 'link', name: /^To put back/ })).toEqual([])
  })
})

describe('care', () => {
  it('counts the time sewn, never less than none when the clock is set back', async () => {
    session = await openBrowser({
      script: `
      const Real = Date
      let shift = 0
      window.moveClock = minutes => { shift += minutes * 60000 }
      window.Date = class extends Real {
        constructor(...given) { given.length ? super(...given) : super(Real.now() + shift) }
        static now() { return Real.now() + shift }
      }`,
    })
    const { driver } = session
    await open(driver, `${inject('demo')}/care`)
    const needles = async () => (await byRole(driver, 'region', 'Needles in use')).getText()
    expect(await needles()).toMatch(/twin 2\.0\/80 metallic in this piece\s+1\.8 of about 4 hours/)
    await press(driver, 'button', 'Start sewing')
    await driver.executeScript('moveClock(90)')
    await press(driver, 'button', 'Stop')
    await press(driver, 'button', 'Add')
    await driver.wait(async () => /3\.3 of about 4 hours/.test(await needles()), PATIENCE_MS, 'not counted')
    expect(await needles()).toMatch(/Soon/)
    await press(driver, 'button', 'Start sewing')
    await driver.executeScript('moveClock(-120)')
    await press(driver, 'button', 'Stop')
    await untilText(driver, 'The clock was set back meanwhile')
    await type(driver, 'Minutes sewn', '60')
    await press(driver, 'button', 'Add')
    await driver.wait(async () => /4\.3 of about 4 hours/.test(await needles()), PATIENCE_MS, 'not counted')
    await press(driver, 'button', /^Needle changed for Twin, gap 2\.0/)
    await press(driver, 'button', 'Close its count')
    await untilText(driver, 'Needles closed: 2')
    expect(await needles()).not.toMatch(/4\.3 of/)
  })

  it('gives a calendar file', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/care`)
    await pick(driver, 'Of what', 'Look at the needle')
    await pick(driver, 'How often', 'weekly')
    await press(driver, 'button', 'Calendar file')
    const text = (await downloaded(session, 'lacy-spool-reminder.ics')).toString()
    const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0])
    const event = new ICAL.Event(calendar.getFirstSubcomponent('vevent')!)
    expect(event.summary).toBe('Look at the needle in use')
    expect(event.isRecurring()).toBe(true)
  })
})
