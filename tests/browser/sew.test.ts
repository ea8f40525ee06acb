import { By, Key } from 'selenium-webdriver'
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
  untilSaved,
  untilText,
} from './browser'

const isCheckLine = ({ lengthMm }: { lengthMm: number }) => Math.abs(lengthMm - 50) < 0.02

describe('pintucks, from an empty book to the sheet', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('plain')}/pintucks`)
  })
  afterAll(() => session.quit())

  it('asks for machine and needle in place, and gives a range first', async () => {
    const { driver } = session
    await press(driver, 'button', 'My machine’s widest stitch is 7.0')
    const label = await type(driver, 'Needle label from the packet', '2.0/80')
    await label.sendKeys(Key.ENTER)
    await type(driver, 'Tucks', '6')
    await type(driver, 'Tuck to tuck', '6')
    await press(driver, 'checkbox', 'In groups')
    await type(driver, 'Tucks each', '3')
    await type(driver, 'Between groups', '14')
    await type(driver, 'Finished', '60')
    // Worked by hand: 60 + 20 and 60 + 6 × 2 + 20.
    await untilText(driver, '80.0 to 92.0 mm')
  })
  it('becomes one number once a swatch is measured, and says so of bad ones', async () => {
    const { driver } = session
    await press(driver, 'checkbox', 'I measured a swatch')
    // Nothing stands there that looks measured.
    await untilText(driver, 'All of it, and it counts as measured.')
    await type(driver, 'Tucks on it', '10')
    await type(driver, 'Wide before', '100')
    await type(driver, 'Wide after', '100')
    await untilText(driver, 'A swatch gets narrower by its tucks')
    await type(driver, 'Wide after', '88')
    await untilText(driver, '87.2 mm')
    await untilText(driver, 'between 86.6 and 87.8 mm')
    await untilText(driver, /4 mark\s+37\.0\s+51\.2/)
    await type(driver, 'Tuck to tuck', '1')
    await untilText(driver, 'Tuck to tuck goes from 2.0')
    await untilText(driver, '87.2 mm')
    await type(driver, 'Tuck to tuck', '6')
  })
  it('moves its lines by keys', async () => {
    const { driver } = session
    const spacing = await byRole(driver, 'slider', 'Spacing of the tucks')
    await driver.executeScript('arguments[0].focus()', spacing)
    await driver.actions().sendKeys(Key.ARROW_RIGHT).perform()
    await driver.wait(
      async () => (await (await byRole(driver, 'textbox', 'Tuck to tuck')).getAttribute('value')) === '6.1',
      PATIENCE_MS,
    )
    await type(driver, 'Tuck to tuck', '6')
  })
  it('is printed at true size, on a sheet and as a strip', async () => {
    const { driver } = session
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Marking sheet, true size')
    const pages = await measurePdf(await downloaded(session, 'pintucks-marks.pdf'))
    expect(pages.every(({ lines }) => lines.filter(isCheckLine).length === 1)).toBe(true)
    // The blank is a frame of 87.2 by 400 mm; six lines of 400 mm are marked on each of its pages.
    expect(
      pages[0]!.frames.some(
        ({ wideMm, tallMm }) => Math.abs(wideMm - 87.2) < 0.1 && Math.abs(tallMm - 400) < 0.1,
      ),
    ).toBe(true)
    expect(pages[0]!.lines.filter(({ lengthMm }) => Math.abs(lengthMm - 400) < 0.1)).toHaveLength(6)
    await press(driver, 'button', 'Marking strip')
    const [strip] = await measurePdf(await downloaded(session, 'pintucks-strip.pdf'))
    // A pencil marks half a millimetre; the file says it to the micrometre.
    expect(strip!.texts).toEqual(expect.arrayContaining(['1: 21.5 mm', '6: 65.5 mm']))
    await press(driver, 'button', 'Bench card')
    const [card] = await measurePdf(await downloaded(session, 'pintucks-card.pdf'))
    expect(card!.texts.join(' ')).toContain('Cut 87.2 mm, finished 60.0 mm.')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', 'Save the marks as CSV')
    const csv = (await downloaded(session, 'pintucks.csv')).toString()
    expect(csv.split('\r\n').slice(0, 3)).toEqual(['n,finished_mm,flat_mm', '1,11,21.6', '2,17,28.8'])
  })
  it('is kept from its first change, named, duplicated and opened again', async () => {
    const { driver } = session
    await byRole(driver, 'button', /^Piece: Pintucks of \d/)
    await type(driver, 'Name of the piece', 'Yoke')
    await byRole(driver, 'button', /^Piece: Yoke Pintucks/)
    await press(driver, 'link', 'All pieces')
    await press(driver, 'button', 'Duplicate Yoke')
    await press(driver, 'button', 'Duplicate')
    await press(driver, 'button', /^Yoke \(copy\)/)
    await untilText(driver, '87.2 mm')
    await press(driver, 'link', 'All pieces')
    await press(driver, 'button', 'Delete Yoke (copy)')
    await untilText(driver, '1 of 1 piece')
    await untilSaved(driver)
    await driver.navigate().refresh()
    await press(driver, 'button', /^Yoke/)
    await untilText(driver, '87.2 mm')
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a piece without a name', () => {
  it('is in the list as it was left, after another was opened', async () => {
    const session = await openBrowser()
    const { driver } = session
    try {
      await open(driver, `${inject('demo')}/pintucks`)
      await byRole(driver, 'button', /^Piece: A new piece/)
      await type(driver, 'Tucks', '17')
      await press(driver, 'link', 'All pieces')
      await type(driver, 'Search pieces', 'officer')
      await press(driver, 'button', /^First officer/)
      await untilText(driver, '366.4 mm')
      await press(driver, 'link', 'All pieces')
      await press(driver, 'button', /^Pintucks of \d/)
      const tucks = async () => (await byRole(driver, 'textbox', 'Tucks')).getAttribute('value')
      await driver.wait(async () => (await tucks()) === '17', PATIENCE_MS, 'the piece is gone')
      // Each change is a step of undo, and the first of them begins it.
      await press(driver, 'button', /^Undo: Change the plan/)
      await byRole(driver, 'button', /^Piece: A new piece/)
    } finally {
      await session.quit()
    }
  })
})

describe('topstitching, from the demo', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/topstitch`)
    await byRole(session.driver, 'button', /^Machine: /)
  })
  afterAll(() => session.quit())

  it('lands on every corner of a rectangle, and names the foot that guides it', async () => {
    const { driver } = session
    await pick(driver, 'Finished edge', 'Rectangle')
    await type(driver, 'Row 1', '6.35')
    // Worked by hand: 120 − 2 × 6.35 and 140 − 2 × 6.35.
    await untilText(driver, /Side 1\s*107\.3 mm/)
    await untilText(driver, /Side 2\s*127\.3 mm/)
    await press(driver, 'button', /^Side 1/)
    await untilText(driver, /taken/)
  })
  it('says that a row vanishes, and keeps what was drawn of an edge that cannot be', async () => {
    const { driver } = session
    await type(driver, 'Row 1', '70')
    await untilText(driver, 'So far in there is no row')
    await type(driver, 'Row 1', '6.35')
    await pick(driver, 'Finished edge', 'Sides typed as measured')
    await type(driver, 'Side 1', '400')
    await untilText(driver, 'measure a side or a turn again')
    await untilText(driver, /Side 2\s*127\.3 mm/)
    await type(driver, 'Side 1', '120')
  })
  it('gives sheet, strips, CSV and the counts of every leg on its card', async () => {
    const { driver } = session
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Edge and rows, true size')
    const pages = await measurePdf(await downloaded(session, 'topstitching-marks.pdf'))
    expect(pages[0]!.lines.filter(isCheckLine)).toHaveLength(1)
    expect(pages[0]!.lines.some(({ lengthMm }) => Math.abs(lengthMm - 107.3) < 0.1)).toBe(true)
    await press(driver, 'button', 'Bench card')
    const [card] = await measurePdf(await downloaded(session, 'topstitching-card.pdf'))
    expect(card!.texts.join(' ')).toMatch(/side 1: \d+ × \d\.\d.*, then turn/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', 'Save the marks as CSV')
    const csv = (await downloaded(session, 'topstitching.csv')).toString()
    expect(csv).toMatch(/^leg,from_mm,to_mm,stitches,length_mm\r\n1,0,107\.3,\d+,/)
    expect(await severeLogs(driver)).toEqual([])
  })
  it('is worked by keyboard alone', async () => {
    const { driver } = session
    await driver.actions().sendKeys('6').perform()
    await driver.executeScript('document.activeElement.blur()')
    await driver.actions().sendKeys('6').perform()
    await byRole(driver, 'heading', 'Topstitching')
    const grip = await driver.findElement(By.css('[aria-label="Row 1 from the edge"]'))
    for (let i = 0; i < 120; i++) {
      await driver.actions().sendKeys(Key.TAB).perform()
      const label = await driver.switchTo().activeElement().getAttribute('aria-label')
      if (label === 'Row 1 from the edge') break
    }
    const before = Number(await grip.getAttribute('aria-valuenow'))
    await driver.actions().sendKeys(Key.ARROW_UP).perform()
    await driver.wait(
      async () => Number(await grip.getAttribute('aria-valuenow')) > before,
      PATIENCE_MS,
      'the row did not move',
    )
  })
})
