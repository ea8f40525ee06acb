import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import ICAL from 'ical.js'
import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
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

/** Pieces of the demo, their kinds after their names as the list has them. */
const PIECES = [
  'Sailor collar, leaf band, band',
  'Deckhand pockets, two rows, topstitching',
  'First officer’s shirt front, pintucks',
  'Lantern with a star, appliqué edge',
  'Night cape, plume, line drawing',
  'Cuffs with ribbon, band',
]

describe('a project of seven, from empty to sewn', () => {
  const home = mkdtempSync(join(tmpdir(), 'lacy-spool-project-'))
  let session: Session
  beforeAll(async () => {
    session = await openBrowser({ home })
    await open(session.driver, `${inject('demo')}/project`)
    await press(session.driver, 'button', 'New project')
  })
  afterAll(() => session.quit())

  it('takes pieces and work without a machine', async () => {
    const { driver } = session
    await untilText(driver, 'Nothing to do yet')
    await type(driver, 'What is made', 'Winter costume')
    for (const name of PIECES) await pick(driver, 'A piece', name)
    await press(driver, 'button', 'Work without a machine')
    await type(driver, 'Minutes', '0')
    await untilText(driver, 'Type a number from 0.1')
    await type(driver, 'Minutes', '30')
    await type(driver, 'In words', 'Cut out the costume')
    await press(driver, 'button', 'Add it')
    await untilText(driver, '7 Cut out the costume')
    // The edge is worked out in the worker.
    await untilText(driver, /4 Lantern with a star\s*appliqué edge, \d/)
  })
  it('suggests what comes before what, refuses a circle, and is put in the best order', async () => {
    const { driver } = session
    await press(driver, 'button', 'What comes before what')
    await press(driver, 'button', 'As usual: tuck, cut, fuse, edge, topstitch')
    await untilText(driver, 'after “Cut out the costume”: the order breaks this')
    await pick(driver, 'This first', '7 Cut out the costume')
    await pick(driver, 'then this', '3 First officer’s shirt front')
    await press(driver, 'button', 'Add the rule')
    await untilText(driver, 'take that rule back first')
    await press(driver, 'button', 'Find the best order')
    await untilText(driver, 'No order takes less.')
    await untilText(driver, /1 First officer’s shirt front/)
    expect(await driver.executeScript('return document.body.innerText')).not.toContain(
      'the order breaks this',
    )
  })
  it('says what it takes, what is short, and when it is done', async () => {
    const { driver } = session
    // 45 m are left of the white thread: both needles and the bobbin take more.
    await untilText(driver, /To buy[\s\S]*White cotton 50: \d+/)
    await untilText(driver, /Done \w+/)
    await press(driver, 'button', 'As a calendar file')
    const text = (await downloaded(session, /winter-costume\.ics$/)).toString('utf8')
    const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent')
    expect(events.length).toBeGreaterThan(0)
    expect(events[0]!.getFirstPropertyValue('description')).toContain('First officer’s shirt front')
  })
  it('is sewn through, one after the other, and goes on after a kill in the middle', async () => {
    let { driver } = session
    await press(driver, 'link', 'Sew it')
    const sewOne = async (n: number) => {
      await untilText(driver, `${n} of 7 done`)
      await press(driver, 'button', /^(Take it in hand and begin|Begin)$/)
      // Work without a machine has nothing to change.
      await untilText(driver, /Changed: sew|Sewn: next/)
      const words = await driver.executeScript<string>('return document.body.innerText')
      if (words.includes('Changed: sew')) await press(driver, 'button', 'Changed: sew')
      await byRole(driver, 'button', 'Sewn: next')
    }
    for (let n = 0; n < 3; n++) {
      await sewOne(n)
      await press(driver, 'button', 'Sewn: next')
    }
    await sewOne(3)
    await untilSaved(driver)
    await session.kill()
    session = await openBrowser({ home })
    driver = session.driver
    await open(driver, `${inject('demo')}/project-sew`)
    // The fourth is under way still.
    await untilText(driver, '3 of 7 done')
    await press(driver, 'button', 'Sewn: next')
    for (let n = 4; n < 7; n++) {
      await sewOne(n)
      await press(driver, 'button', 'Sewn: next')
    }
    await untilText(driver, 'Winter costume is sewn')
    await byRole(driver, 'link', 'Put back')
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('the project of the demo', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/project`)
  })
  afterAll(() => session.quit())

  it('is reordered by keys, and taken back', async () => {
    const { driver } = session
    const name = await byRole(driver, 'link', /^2 First officer’s shirt front/)
    await driver.executeScript('arguments[0].focus()', name)
    await driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_UP).keyUp(Key.ALT).perform()
    await byRole(driver, 'link', /^1 First officer’s shirt front/)
    await press(driver, 'button', /^Undo: /)
    await byRole(driver, 'link', /^2 First officer’s shirt front/)
  })
  it('narrows the list of pieces to its own', async () => {
    const { driver } = session
    await press(driver, 'link', 'Pieces')
    await untilText(driver, '24 of 24 pieces')
    await pick(driver, 'Project', 'Harbour pageant jacket')
    const [, few] = /(\d+) of 24 pieces/.exec(await untilText(driver, /\b\d of 24 pieces/))!
    expect(Number(few)).toBeGreaterThan(0)
    await byRole(driver, 'button', /^Deckhand pockets/)
    await press(driver, 'link', 'Order of work')
  })
  it('says that a due day is past, and what no longer fits', async () => {
    const { driver } = session
    await press(driver, 'button', 'Minutes to sew, each day')
    for (const day of ['Tue', 'Thu', 'Sat', 'Sun']) await type(driver, day, '0')
    await untilText(driver, /no longer fit before/)
    expect(await severeLogs(driver)).toEqual([])
  })
})
