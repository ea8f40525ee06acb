import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { measurePdf } from '../unit/pdf'
import {
  PATIENCE_MS,
  byRole,
  downloaded,
  open,
  openBrowser,
  pick,
  press,
  type Session,
  severeLogs,
  type,
  untilText,
} from './browser'

const isCheckLine = ({ lengthMm }: { lengthMm: number }) => Math.abs(lengthMm - 50) < 0.02

describe('a collar band, from empty to the sheet', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/band`)
    await byRole(session.driver, 'button', /^Machine: /)
    await press(session.driver, 'button', /^Needle: /)
    await press(session.driver, 'button', /^(Single )?80\/12/)
    // The first row comes as the piece before was set.
    await pick(session.driver, 'Stitch of row 1', 'Zigzag')
    await type(session.driver, 'Width', '3')
    await type(session.driver, 'Stitch length', '2')
  })
  afterAll(() => session.quit())

  it('is as wide as its rows, and each ends whole on the dial', async () => {
    const { driver } = session
    // Worked by hand: 3 + 4 + 3 with nothing shared. On this cloth stitches come out 0.97 of the dial:
    // nearest to 2.0 is 2.1, which sews 2.037, and 300 / (2 × 2.037) = 73.6.
    await untilText(driver, /10\.0 mm wide/)
    await untilText(driver, /74 patterns at 2\.1 \(sews 2\.04\)/)
    await press(driver, 'button', /^2 Honeycomb/)
    await type(driver, 'Width', '6')
    await untilText(driver, /12\.0 mm wide/)
  })
  it('has rows pulled over each other by keys, and moved', async () => {
    const { driver } = session
    const grip = await byRole(driver, 'slider', 'Overlap of rows 1 and 2')
    await driver.executeScript('arguments[0].focus()', grip)
    await driver.actions().sendKeys(Key.ARROW_LEFT, Key.ARROW_LEFT, Key.ARROW_LEFT).perform()
    await untilText(driver, /11\.7 mm wide/)
    await press(driver, 'button', 'Move row 2 left')
    await byRole(driver, 'button', /^1 Honeycomb/)
    await press(driver, 'button', 'Move row 1 right')
    await byRole(driver, 'button', /^2 Honeycomb/)
  })
  it('has rows dragged by their handle', async () => {
    const { driver } = session
    const [first, second] = await driver.executeScript<never[]>(
      `return [...document.querySelectorAll('[data-handle]')]`,
    )
    const drag = driver.actions().move({ origin: first }).press()
    await drag.move({ origin: second, y: 4 }).move({ origin: second, y: 14 }).release().perform()
    await byRole(driver, 'button', /^1 Honeycomb/)
    await press(driver, 'button', 'Move row 2 left')
    await byRole(driver, 'button', /^2 Honeycomb/)
  })
  it('goes round corners, farther in shorter, and refuses a leg its corners eat up', async () => {
    const { driver } = session
    await press(driver, 'button', 'Add a corner')
    await untilText(driver, /side 2:/)
    await type(driver, 'Side 2, along the outer edge', '4')
    await untilText(driver, /Side 2 of 4 mm is shorter than the band is wide|The band.*goes from/)
    await untilText(driver, /11\.7 mm wide/)
    await type(driver, 'Side 2, along the outer edge', '120')
    await press(driver, 'button', 'Take side 2 out')
  })
  it('notices what leans to one side, and mirrors it', async () => {
    const { driver } = session
    for (const row of [1, 3]) {
      await press(driver, 'button', new RegExp(`^${row} (Zigzag|Honeycomb|Blanket)`))
      await pick(driver, `Stitch of row ${row}`, 'Blanket')
    }
    await press(driver, 'button', 'Mirror row 3')
    await driver.wait(
      async () =>
        !(await driver.executeScript<string>('return document.body.innerText')).includes('leans to one side'),
      PATIENCE_MS,
      'it is still said',
    )
  })
  it('prints every row at true size, and its card', async () => {
    const { driver } = session
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Band with every pattern, true size')
    const pages = await measurePdf(await downloaded(session, /-band\.pdf$/))
    expect(pages[0]!.lines.filter(isCheckLine)).toHaveLength(1)
    await press(driver, 'button', 'Bench card')
    const [card] = await measurePdf(await downloaded(session, /-card\.pdf$/))
    expect(card!.texts.join(' ')).toMatch(/Row 2, Honeycomb 6\.0 wide: \d+ patterns? at 2\.6 \(sews 2\.52\)/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a ribbon, a width to fill, and bobbin work', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/band?piece=demo-piece-ribboncuff`)
    await byRole(session.driver, 'button', /^Machine: /)
  })
  afterAll(() => session.quit())

  it('says which of one’s twins holds both edges in one pass', async () => {
    const { driver } = session
    await untilText(driver, '1.0 mm on each side')
    // (8 − 6) / 2 = 1 inside; (8 − 4) / 2 = 2 inside.
    await press(driver, 'button', /6\.0\/100/)
    await untilText(driver, 'As it is now: both edges are held')
    await type(driver, 'How wide', '4')
    await untilText(driver, 'Both needles of row 1 miss the ribbon')
    await type(driver, 'How wide', '8')
  })
  it('fills a width with all symmetric stacks, and takes one', async () => {
    const { driver } = session
    await press(driver, 'button', 'Stitches to fit a width')
    await pick(driver, 'Another stitch one likes', 'Zigzag')
    await pick(driver, 'Another stitch one likes', 'Honeycomb')
    await type(driver, 'Band to fill', '10')
    await type(driver, 'Zigzag', '3')
    await type(driver, 'Honeycomb', '4')
    await type(driver, 'May be off by', '0')
    await press(driver, 'button', 'Zigzag, Honeycomb, Zigzag: just as wide')
    await untilText(driver, /10\.0 mm wide/)
  })
  it('shows the right side of what is sewn wrong side up', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/band?piece=demo-piece-border`)
    await untilText(driver, 'as seen on the right side')
    await untilText(driver, /Seen is what Lantern pearl 12 lays/)
    await untilText(driver, /bobbins? to wind/)
    expect(await severeLogs(driver)).toEqual([])
  })
})
