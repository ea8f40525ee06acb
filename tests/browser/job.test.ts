import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  byRole,
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
beforeAll(async () => {
  session = await openBrowser()
  await open(session.driver, inject('demo'))
})
afterAll(() => session.quit())

const text = async (role: string, name: string | RegExp) =>
  (await byRole(session.driver, role, name)).getText()
/** The one verdict, as the line-up says it on whatever page. */
const lineUpVerdict = () => text('link', /^(Clear|Check|Stop|No verdict)/)

describe('a job', () => {
  it('of a piece with a name is asked about, says what it set, and every station follows', async () => {
    const { driver } = session
    await press(driver, 'button', /^Piece: .*Decorative row/)
    await press(driver, 'button', /^Pintucks/)
    // It has a name: it is not changed unasked.
    await press(driver, 'button', 'Change this piece')
    const said = await untilText(driver, 'Pintucks: this was set.')
    for (const [from, to] of [
      ['Decorative row', 'Pintucks'],
      ['balanced', 'raised'],
      ['Honeycomb', 'Straight'],
      ['Open toe', 'Five-groove'],
      ['Harbour tear-away', 'none'],
      ['2.5 mm', '2.2 mm'],
    ])
      expect(said).toContain(`${from} → ${to}`)
    await press(driver, 'button', 'rule: why, Foot')
    await untilText(driver, /rows ride in the grooves/i)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await byRole(driver, 'button', /^Piece: Sailor collar.*Pintucks/)

    await open(driver, `${inject('demo')}/trial`)
    await untilText(driver, 'Job: Pintucks')
    await untilText(driver, 'the tuck stands up by itself')
    await open(driver, `${inject('demo')}/card`)
    await untilText(driver, 'Five-groove')
    await open(driver, `${inject('demo')}/pairing`)
    await press(driver, 'button', 'rule: why, Foot')
    await untilText(driver, /rows ride in the grooves/i)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })

  it('begins with one number in line-up, pairing, strip and card', async () => {
    const { driver } = session
    const start = await text('region', 'Start settings')
    const tension = /Tension\s+([\d.]+)/.exec(start)![1]!
    await press(driver, 'button', 'Dial in')
    await byRole(driver, 'button', new RegExp(`^Tension: Tension ${tension}`))
    await open(driver, `${inject('demo')}/trial`)
    await press(driver, 'button', 'Why start there')
    await untilText(driver, new RegExp(`Expected at ${tension}(\\.0)? ±`))
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/card`)
    expect(await text('region', 'Dial in')).toMatch(new RegExp(`Tension\\s+${tension}`))
  })

  it('is taken back in one press', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await press(driver, 'button', /^Piece: .*Pintucks/)
    await press(driver, 'button', /^Satin/)
    await press(driver, 'button', 'Begin a new piece')
    await untilText(driver, 'Satin: this was set.')
    await byRole(driver, 'button', /^Piece: Satin of \d/)
    await press(driver, 'button', 'Take it all back')
    await press(driver, 'link', 'All pieces')
    await type(driver, 'Search pieces', 'collar honeycomb')
    await press(driver, 'button', /^Sailor collar, honeycomb band/)
    await byRole(driver, 'button', /^Piece: Sailor collar.*Pintucks/)
    await byRole(driver, 'button', /^Foot and plate: Five-groove/)
    await untilText(driver, 'A clear space of 2.0 mm between the rows.')
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a tension', () => {
  it('is a guess on another machine, says from where, and is settled with a press', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await press(driver, 'button', /^Piece: .*Pintucks/)
    await press(driver, 'button', /^Decorative row/)
    await press(driver, 'button', 'Change this piece')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    // What a rule set is set anew without a word; what was typed is held.
    await press(driver, 'button', /^Tension: /)
    await type(driver, 'On this machine’s dial', '3')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await byRole(driver, 'button', /^Tension: Tension 3 normal/)
    await press(driver, 'button', /^Machine: Attic seven/)
    await press(driver, 'button', /^Ferry six/)
    await byRole(driver, 'button', /^Tension: Tension [\d.]+ carried over/)
    expect(await lineUpVerdict()).toMatch(/^(Check|Stop)/)
    await untilText(driver, /Tension [\d.]+ is carried over \(set to [\d.]+ on Attic seven\)/)
    await press(driver, 'button', /^Tension \d/)
    await byRole(driver, 'button', /^Tension: Tension [\d.]+ normal is 4\.5/)
  })
  it('that a rule set is set anew for another thread, without a word', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await press(driver, 'button', /^Piece: /)
    await press(driver, 'button', 'New piece')
    await press(driver, 'button', /^Seam/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await byRole(driver, 'button', /^Tension: Tension [\d.]+ normal/)
    await press(driver, 'link', /^Thread and needle/)
    const before = await (await byRole(driver, 'button', /^Tension: /)).getText()
    for (const side of ['Left thread', 'Right thread']) await pick(driver, side, 'White cotton 50')
    await driver.wait(
      async () => (await (await byRole(driver, 'button', /^Tension: /)).getText()) !== before,
      PATIENCE_MS,
      'the tension stayed',
    )
    expect(await (await byRole(driver, 'button', /^Tension: /)).getText()).not.toContain('carried over')
  })
})

describe('a thread its needle refuses', () => {
  it('turns the line-up red on every page', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/pairing`)
    await pick(driver, 'Left thread', 'Rope pearl 8')
    for (const path of ['', 'pairing', 'walk', 'trial', 'swatches', 'workbox', 'files']) {
      await untilSaved(driver)
      await open(driver, `${inject('demo')}/${path}`)
      expect(await lineUpVerdict(), path).toMatch(/^Stop/)
    }
    expect(await severeLogs(driver)).toEqual([])
  })
})
