import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
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
  untilSaved,
  untilText,
  upload,
} from './browser'

const isCheckLine = ({ lengthMm }: { lengthMm: number }) => Math.abs(lengthMm - 50) < 0.02

describe('an edge, from an empty book', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('plain')}/edge`)
    await press(session.driver, 'button', 'My machine’s widest stitch is 7.0')
  })
  afterAll(() => session.quit())

  it('lands on the points of a square, and says what is thick', async () => {
    const { driver } = session
    await pick(driver, 'Form', 'Rectangle')
    await type(driver, 'Wide', '60')
    await type(driver, 'Height', '60')
    await type(driver, 'Bite', '6')
    await type(driver, 'Stitch length', '5')
    // Worked by hand: four sides of 60, twelve stitches each; four pairs of bites cross at the corners.
    await untilText(driver, /1\s*60\.0 mm\s*12 × 5\.0, turn/)
    await untilText(driver, /4 bulky points|crowd at 4 points/)
    await byRole(driver, 'radio', /^Best: one length setting/)
  })
  it('keeps the last good plan while what is typed cannot be sewn', async () => {
    const { driver } = session
    await type(driver, 'Wide', '5')
    await type(driver, 'Height', '5')
    await untilText(driver, 'The bite goes from 0.0 to 5.0 mm here.')
    await untilText(driver, /12 × 5\.0/)
    await type(driver, 'Wide', '60')
    await type(driver, 'Height', '60')
  })
  it('turns the points of satin as their angle offers, or as one likes, after a reload too', async () => {
    const { driver } = session
    await pick(driver, 'Along the edge', 'Satin: a closed zigzag')
    await untilText(driver, /4 points of 90°/)
    await untilText(driver, 'Sew up to the point, needle down outside')
    // A zigzag is counted drop by drop: 75 needle positions of 0.8.
    await untilText(driver, /60\.0 mm\s*150 × 0\.4, turn/)
    await pick(driver, '4 points of 90°', 'Mitre')
    await untilText(driver, 'Turn the width from 3.0 mm to nothing over the last 3.0 mm.')
    await untilSaved(driver)
    await driver.navigate().refresh()
    await untilText(driver, 'Turn the width from 3.0 mm to nothing over the last 3.0 mm.')
    await pick(driver, '4 points of 90°', 'Pivot and overlap (offered)')
    await untilText(driver, 'Sew up to the point, needle down outside')
    await pick(driver, 'Along the edge', 'Blanket: bites that show')
    await type(driver, 'Bite', '6')
    await type(driver, 'Stitch length', '5')
    await untilText(driver, /12 × 5\.0, turn/)
  })
  it('lets a side be settled by hand, and the start be moved by keys', async () => {
    const { driver } = session
    await press(driver, 'button', /^1 60\.0 mm/)
    // Eleven would need more than the dial’s 5.0 mm.
    expect(await (await byRole(driver, 'button', 'One fewer')).isEnabled()).toBe(false)
    await press(driver, 'button', 'One more')
    await untilText(driver, /1\s*60\.0 mm\s*(?!12 × 5\.0)\d+ × \d\.\d/)
    await press(driver, 'button', 'As planned')
    await untilText(driver, /1\s*60\.0 mm\s*12 × 5\.0/)
    const start = await byRole(driver, 'slider', 'Start of stretch 1')
    const before = await start.getAttribute('aria-valuenow')
    await driver.executeScript('arguments[0].focus()', start)
    await driver.actions().sendKeys(Key.ARROW_RIGHT).perform()
    const now = async () =>
      (await byRole(driver, 'slider', 'Start of stretch 1')).getAttribute('aria-valuenow')
    await driver.wait(async () => (await now()) !== before, PATIENCE_MS, 'the start did not move')
  })
  it('lets a length be dragged along the edge', async () => {
    const { driver } = session
    await press(driver, 'button', /^2 60\.0 mm/)
    const ring = await byRole(driver, 'slider', 'Stitches of the chosen side')
    expect(await ring.getAttribute('aria-valuenow')).toBe('12')
    // The second side runs up on the right: half-way back towards its beginning, stitches are half as long.
    const sidePx = await driver.executeScript<number>(
      `return arguments[0].closest('svg').querySelector('path[fill-rule]').getBoundingClientRect().height`,
      ring,
    )
    const down = Math.round(sidePx / 4)
    const drawingTop = () =>
      driver.executeScript<number>('return arguments[0].closest("svg").getBoundingClientRect().top', ring)
    // Coming to the ring may scroll: where it stands counts from then on.
    await driver.actions().move({ origin: ring }).perform()
    const before = await drawingTop()
    await driver.actions().press().move({ origin: 'pointer', x: 0, y: down }).perform()
    await driver.actions().move({ origin: 'pointer', x: 2, y: 0 }).release().perform()
    await untilText(driver, /2\s*60\.0 mm\s*(2[345]) × 2\.[456]/)
    expect(await drawingTop(), 'the drawing moves from under the pointer').toBeCloseTo(before, 0)
    await press(driver, 'button', 'As planned')
    await untilText(driver, /2\s*60\.0 mm\s*12 × 5\.0/)
  })
  it('is clicked point after point on the cloth, or laid by keys', async () => {
    const { driver } = session
    await press(driver, 'button', 'Draw a shape')
    const svg = await byRole(driver, 'application', /to scale/)
    const click = (x: number, y: number) => driver.actions().move({ origin: svg, x, y }).click().perform()
    await click(-120, -90)
    await click(-60, -90)
    await untilText(driver, '2 laid, a shape has at least three')
    await click(-60, -30)
    await click(-120, -90)
    await untilText(driver, /Drawn shape, \d+\.\d mm/)
    await press(driver, 'button', 'Draw a shape')
    const keys = (...all: string[]) =>
      driver
        .actions()
        .sendKeys(...all)
        .perform()
    const go = (key: string, times: number) => keys(...Array<string>(times).fill(key))
    await byRole(driver, 'button', /^Cross at .*, 0 points laid/)
    await keys(Key.ENTER)
    await go(Key.ARROW_RIGHT, 20)
    await keys(Key.ENTER)
    await go(Key.ARROW_UP, 20)
    await keys(Key.ENTER, Key.BACK_SPACE, Key.ENTER)
    await go(Key.ARROW_LEFT, 20)
    await go(Key.ARROW_DOWN, 20)
    await byRole(driver, 'button', /3 points laid\. Arrows move it, Enter closes the shape/)
    await keys(Key.ENTER)
    // A right angle of 20 mm: its sides, and the root of 800.
    await untilText(driver, /Drawn shape, 28\.3 mm/)
    for (const one of ['Drawn shape', 'Drawn shape']) await press(driver, 'button', `Take ${one} out`)
  })
  it('is measured with a string where there is no drawing', async () => {
    const { driver } = session
    await pick(driver, 'Shape', 'Measured with a string')
    await type(driver, 'Side 1, point to point', '43')
    await untilText(driver, /1\s*43\.0 mm/)
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Strips to lay along, like a string')
    const [strip] = await measurePdf(await downloaded(session, /-strips\.pdf$/))
    expect(strip!.lines.filter(isCheckLine)).toHaveLength(1)
    // The strip is as long as its sides together: 43 + 86.
    expect(strip!.lines.some(({ lengthMm }) => Math.abs(lengthMm - 129) < 0.1)).toBe(true)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })
  it('is drawn by keyboard: points walk, become round, and come back by undo', async () => {
    const { driver } = session
    await pick(driver, 'Shape', 'Drawn point by point')
    const first = await byRole(driver, 'button', /^Shape, point 1 of 4, sharp, -?−?30\.0 mm right/)
    await driver.executeScript('arguments[0].focus()', first)
    await driver.actions().sendKeys(Key.ARROW_RIGHT, Key.ENTER).perform()
    await byRole(driver, 'button', /^Shape, point 1 of 4, round, −29\.0 mm right/)
    await driver.actions().sendKeys(Key.INSERT).perform()
    await byRole(driver, 'button', /^Shape, point 5 of 5/)
    for (let i = 0; i < 3; i++) await press(driver, 'button', 'Undo the last point')
    await byRole(driver, 'button', /^Shape, point 1 of 4, sharp, −30\.0 mm right/)
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('letters, from typing to the sheet', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/edge`)
    await byRole(session.driver, 'button', /^Machine: /)
  })
  afterAll(() => session.quit())

  it('says which letter the font does not have, and keeps what was there', async () => {
    const { driver } = session
    await pick(driver, 'Shape', 'Letters')
    await type(driver, 'Letters', 'HI')
    await untilText(driver, /“HI”/)
    await untilText(driver, /12\s*\d+\.\d mm/)
    await type(driver, 'Letters', 'Hж')
    await untilText(driver, 'This font has no “ж”')
    await type(driver, 'Letters', 'HI')
  })
  it('prints each letter at true size, mirrored for fusible, with its stitches', async () => {
    const { driver } = session
    await type(driver, 'Capital height', '80')
    await untilText(driver, '80.0 mm')
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'To cut, mirrored for fusible')
    const [page] = await measurePdf(await downloaded(session, /-fusible\.pdf$/))
    expect(page!.lines.filter(isCheckLine)).toHaveLength(1)
    // The stems of the H are as tall as its capitals.
    expect(page!.lines.some(({ lengthMm }) => Math.abs(lengthMm - 80) < 0.05)).toBe(true)
    await press(driver, 'button', 'Order of work')
    const [order] = await measurePdf(await downloaded(session, /-order\.pdf$/))
    expect(order!.texts.join(' ')).toMatch(/1\. “HI”: .*× .*turn/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a shape from a file, to the bench card', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/edge`)
    await byRole(session.driver, 'button', /^Machine: /)
  })
  afterAll(() => session.quit())
  const written = (name: string, body: string) => {
    const path = join(session.home, name)
    const head = '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" viewBox="0 0 60 60">'
    writeFileSync(path, `${head}${body}</svg>`)
    return path
  }

  it('refuses a script and an open line, reads holes, and is scaled by a length one knows', async () => {
    const { driver } = session
    await pick(driver, 'Shape', 'From an SVG')
    const about = 'The outlines from an SVG, holes and all'
    await upload(driver, about, written('bad.svg', '<script>1</script><path d="M0 0H60V60Z"/>'))
    await untilText(driver, 'holds a script')
    await upload(driver, about, written('open.svg', '<path d="M0 0H60V60"/>'))
    await untilText(driver, 'open line')
    await upload(driver, about, written('frame.svg', '<path d="M0 0H60V60H0ZM20 20H40V40H20Z"/>'))
    await untilText(driver, /8\s*20\.0 mm/)
    await type(driver, 'All of it is wide', '120')
    await untilText(driver, /8\s*40\.0 mm/)
  })
  it('has a name, and its counts on the card', async () => {
    const { driver } = session
    await type(driver, 'Name of the piece', 'Frame')
    await byRole(driver, 'button', /^Piece: Frame Blanket edge/)
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Bench card')
    const [card] = await measurePdf(await downloaded(session, 'frame-card.pdf'))
    expect(card!.texts.join(' ')).toMatch(/Shape from a file: \d+ × \d\.\d/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', 'Save the marks as CSV')
    const csv = (await downloaded(session, 'frame.csv')).toString()
    expect(csv).toMatch(/^stretch,side,along_mm,x_mm,y_mm,bite_x_mm,bite_y_mm,point\r\n1,1,0,/)
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a plume', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/lines?piece=demo-piece-plume`)
    await byRole(session.driver, 'button', /^Machine: /)
  })
  afterAll(() => session.quit())

  it('is sewn in one start with some lines twice, or every line once', async () => {
    const { driver } = session
    await untilText(driver, 'One start, 2 tails')
    await press(driver, 'button', 'No line twice')
    // Six tips, foot and top, and six places fronds leave from: 14 odd places, seven starts.
    await untilText(driver, '7 starts, 14 tails')
    await press(driver, 'button', 'One start')
    await untilText(driver, 'Nothing shorter exists')
  })
  it('is followed step by step', async () => {
    const { driver } = session
    await press(driver, 'button', 'One step on')
    await untilText(driver, /Step 1 of 19/)
    await press(driver, 'button', 'One step on')
    await untilText(driver, /Step 2 of 19/)
    await press(driver, 'button', 'One step back')
    await untilText(driver, /Step 1 of 19/)
    await press(driver, 'button', 'Follow the way')
    await untilText(driver, /Step (?!1 )\d+ of 19|Sewing/)
    await press(driver, 'button', 'Pause')
  })
  it('changes with its fronds, and is printed with every stitch', async () => {
    const { driver } = session
    for (let i = 0; i < 5; i++) await press(driver, 'button', 'Take frond 1 out')
    // A stem and one frond: four lines' ends, one of the three lines twice.
    await untilText(driver, /All 3 steps|All 4 steps/)
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Lines with every stitch, true size')
    const [page] = await measurePdf(await downloaded(session, /-lines\.pdf$/))
    expect(page!.lines.filter(isCheckLine)).toHaveLength(1)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    expect(await severeLogs(driver)).toEqual([])
  })
  it('is drawn on the cloth instead, where a new line meets the old ones', async () => {
    const { driver } = session
    await pick(driver, 'The drawing', 'Drawn point by point')
    await untilText(driver, /All 4 steps|All 3 steps/)
    await press(driver, 'button', 'Begin a new line')
    await byRole(driver, 'button', /^Line 4, point 2 of 2/)
    await press(driver, 'button', 'Undo the last point')
    await driver.wait(
      async () =>
        !(await driver.executeScript<string>('return document.body.innerHTML')).includes('Line 4, point'),
      PATIENCE_MS,
      'the new line stayed',
    )
  })
})
