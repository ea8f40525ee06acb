import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { By, Key, type WebDriver, type WebElement } from 'selenium-webdriver'
import { rightSide } from '#core/sewn'
import { sewnScene, withCard } from '#core/simulated'
import { findStitch } from '#core/stitch'
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
  upload,
} from './browser'
import { footBesideCard, movingPng, pngOf, renderedPhoto, turnedJpeg } from './rendered'

const folder = mkdtempSync(join(tmpdir(), 'lacy-spool-measure-'))
function fileOf(name: string, bytes: Buffer | string): string {
  const path = join(folder, name)
  writeFileSync(path, bytes)
  return path
}
const OPENING_MM = 7.4
const foot = footBesideCard(OPENING_MM)
const { shot } = foot
const CORNERS = [
  ['first corner', 0, 0],
  ['second corner', 85.6, 0],
  ['third corner', 85.6, 53.98],
  ['fourth corner', 0, 53.98],
] as const

/** Drags a mark to where the camera sees a place of the table, a pixel or so beside it. */
async function dragTo(driver: WebDriver, name: string, see: typeof foot.see, x: number, y: number) {
  const mark = await byRole(driver, 'button', new RegExp(`^${name}, at`))
  const place = see({ x, y })
  const [from, to] = await driver.executeScript<[[number, number], [number, number]]>(
    `const [mark, px, wide] = arguments
     const box = mark.getBoundingClientRect()
     mark.ownerSVGElement.scrollIntoView({ block: 'center' })
     const now = mark.getBoundingClientRect(), frame = mark.ownerSVGElement.getBoundingClientRect()
     const scale = frame.width / wide
     return [[now.x + now.width / 2, now.y + now.height / 2], [frame.x + px.x * scale, frame.y + px.y * scale]]`,
    mark,
    place,
    shot.width,
  )
  const round = ([a, b]: [number, number]) => ({ x: Math.round(a), y: Math.round(b) })
  await driver
    .actions({ async: true })
    .move(round(from))
    .press()
    .move({ ...round(to), duration: 60 })
    .release()
    .perform()
}
const placeOf = async (mark: WebElement) =>
  ((await mark.getAttribute('aria-label')) ?? '')
    .match(/at (\d+) and (\d+)/)!
    .slice(1)
    .map(Number)

describe('what is not measured', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/measure`)
  })
  afterAll(() => session.quit())

  it('stands in a list, what decides a verdict first, and leads to its ways', async () => {
    const { driver } = session
    await untilText(driver, 'Not measured, most useful first')
    await press(driver, 'link', 'wedge gauge: Foot opening, Zigzag')
    await untilText(driver, 'Slide it in until it stops')
    expect(await (await byRole(driver, 'combobox', 'Of which foot')).getText()).toContain('Zigzag')
  })
  it('is measured with the printed gauge, corrected by its line and rounded down', async () => {
    const { driver } = session
    await type(driver, /Number it stops at/, '8.3')
    await type(driver, /Its check line measures/, '49.6')
    await untilText(driver, /8\.2 mm ± 0\.\d/)
    await untilText(driver, '0.992 times as large')
    await type(driver, /Number it stops at/, '9.5')
    await untilText(driver, 'Wedge 2 goes from 6 to 9: take the one that fits.')
    await type(driver, /Number it stops at/, '8.3')
    await press(driver, 'button', 'Keep it')
    await untilText(driver, 'Foot opening of Zigzag: 8.2 mm')
    await open(driver, `${inject('demo')}/measure`)
    const log = await byRole(driver, 'region', 'Measured')
    expect(await log.getText()).toMatch(/Foot opening, Zigzag\s+8\.2 mm ± 0\.\d/)
    expect(await allByRole(driver, { role: 'link', name: 'wedge gauge: Foot opening, Zigzag' })).toEqual([])
  })
  it('prints a gauge whose lines measure what they say', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/measure-gauge`)
    await press(driver, 'button', 'Print the gauge')
    await press(driver, 'button', 'Wedge gauge as PDF')
    const [page] = await measurePdf(await downloaded(session, /wedge-gauge\.pdf$/))
    for (const mm of [3.5, 7.5, 11.5, 50])
      expect(page!.lines.some(({ lengthMm }) => Math.abs(lengthMm - mm) < 0.02)).toBe(true)
  })
  it('is counted: feed, and a number that is none stands at its field', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/measure-count?what=feed&of=demo-cloth-batiste`)
    await type(driver, /They measure/, '57')
    await untilText(driver, '0.950 of the dial')
    await type(driver, /^Stitches/, '0')
    await untilText(driver, 'Type a whole number from 1 to 1000.')
    await type(driver, /^Stitches/, '20')
    await press(driver, 'button', 'Keep it')
    await untilText(driver, 'Stitch length as sewn of Batiste')
    await untilSaved(driver)
  })
  it('is refused where no cloth can be so, and nothing is kept', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/measure-count?what=width-factor&of=demo-cloth-batiste`)
    await type(driver, /It measures across/, '60')
    await untilText(driver, 'Stitch width as sewn must be a number from 0.5 to 2')
    expect(await (await byRole(driver, 'button', 'Keep it')).isEnabled()).toBe(false)
    await type(driver, /It measures across/, '4.8')
    await untilText(driver, '0.960 of the dial')
    expect(await (await byRole(driver, 'button', 'Keep it')).isEnabled()).toBe(true)
  })
  it('is measured on the glass once a card gave the scale, by keys too', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/measure-screen?what=ribbon`)
    await untilText(driver, 'Set the scale first')
    const line = await byRole(driver, 'slider', 'Right edge of the card')
    await line.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT)
    expect(await line.getAttribute('aria-valuenow')).toBe('325')
    await press(driver, 'button', 'The card fits')
    // By hand: 325 px over 85.6 mm; 60 px are 15.8 mm.
    await untilText(driver, /15\.8 mm ±/)
    await type(driver, 'What it is', 'Velvet ribbon')
    await press(driver, 'button', 'Keep it')
    await untilText(driver, 'Ribbon or strip of Velvet ribbon: 15.8 mm')
    expect(await severeLogs(driver)).toEqual([])
  })
})

describe('a photo', () => {
  let session: Session
  const page = () => `${inject('demo')}/measure-photo?what=foot-opening&of=demo-foot-zigzag`
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, page())
  })
  afterAll(() => session.quit())

  it.each([
    ['words', () => fileOf('notes.png', 'no picture at all'), 'is no picture this browser can read'],
    ['one pixel', () => fileOf('dot.png', pngOf(1, 1, [0])), 'is smaller than 64 px'],
    ['60 MB', () => fileOf('huge.jpg', Buffer.alloc(60_000_000)), 'has more than 30 MB'],
    ['a moving picture', () => fileOf('moving.png', movingPng(80)), 'is a moving picture'],
    ['thousands of millions of pixels', () => fileOf('wide.png', hugePng()), 'more than 120 million pixels'],
  ])('is refused that is %s, and nothing is lost', async (_, path, words) => {
    const { driver } = session
    await upload(driver, /Photo/, path())
    await untilText(driver, words)
    await untilText(driver, 'Nothing was changed.')
  })
  it('stands upright however the camera was held', async () => {
    const { driver } = session
    const jpeg = await driver.executeScript<string>(
      `const canvas = Object.assign(document.createElement('canvas'), { width: 300, height: 200 })
       canvas.getContext('2d').fillRect(0, 0, 150, 200)
       return canvas.toDataURL('image/jpeg').split(',')[1]`,
    )
    await upload(driver, /Photo/, fileOf('turned.jpg', turnedJpeg(Buffer.from(jpeg, 'base64'))))
    const canvas = await byRole(driver, 'img', 'The photo')
    expect([await canvas.getAttribute('width'), await canvas.getAttribute('height')]).toEqual(['200', '300'])
  })
  it('turns a foot’s opening from “by rule” into “measured”', async () => {
    const { driver } = session
    await open(driver, page())
    await upload(driver, /Photo/, fileOf('foot.png', foot.png))
    await byRole(driver, 'button', /^first corner/)
    for (const [name, x, y] of CORNERS) await dragTo(driver, name, foot.see, x, y)
    await dragTo(driver, 'one end', foot.see, 30.2, 67)
    await dragTo(driver, 'other end', foot.see, 37.3, 69)
    await press(driver, 'button', 'Draw the corners to the edges')
    await byRole(driver, 'button', 'Corners lie on the edges')
    await press(driver, 'button', 'Draw the ends to the edges')
    await byRole(driver, 'button', 'Ends lie on the edges')
    const said = await untilText(driver, /Between the ends: (\d\.\d+) mm ± 0\.\d+/)
    const mm = Number(said.match(/Between the ends: (\d\.\d+) mm/)![1])
    expect(Math.abs(mm - OPENING_MM)).toBeLessThan(0.1)
    await press(driver, 'button', 'Keep it')
    await untilText(driver, /Foot opening of Zigzag: 7\.\d+ mm ± 0\.\d+/)
    await untilSaved(driver)
  })
  it('shows it with its spread wherever the foot is, and keeps the photo', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/workbox?table=feet`)
    await untilText(driver, /7\.\d+ mm ± 0\.\d+/)
    await open(driver, `${inject('demo')}/measure`)
    await press(driver, 'button', 'Photo of Foot opening, Zigzag')
    const picture = await driver.wait(
      async () => (await driver.findElements(By.css('img[alt="Photo: Foot opening, Zigzag"]')))[0],
      PATIENCE_MS,
      'no photo',
    )
    await driver.wait(
      async () => Number(await picture!.getAttribute('naturalWidth')) > 100,
      PATIENCE_MS,
      'empty',
    )
    // Put on the machine, the verdict says how well it is known.
    await open(driver, `${inject('demo')}/`)
    await press(driver, 'button', /^Foot and plate/)
    await press(driver, 'button', /^Zigzag.*sole/s)
    await press(driver, 'button', 'measured: why, verdict')
    await untilText(driver, /Measured: foot ± 0\.\d+ mm and plate ± 0\.12 mm/)
  })
  it('is walked over with keys, and says what does not lie right', async () => {
    const { driver } = session
    await open(driver, page())
    await upload(driver, /Photo/, fileOf('again.png', foot.png))
    const corner = await byRole(driver, 'button', /^second corner/)
    const [x, y] = await placeOf(corner)
    await corner.sendKeys(Key.ARROW_RIGHT, Key.ARROW_DOWN, Key.chord(Key.SHIFT, Key.ARROW_LEFT))
    expect(await placeOf(await byRole(driver, 'button', /^second corner/))).toEqual([x! - 9, y! + 1])
    // The fourth corner onto the first: no rectangle looks like that.
    const first = await placeOf(await byRole(driver, 'button', /^first corner/))
    const fourth = await byRole(driver, 'button', /^fourth corner/)
    const steps = Math.ceil(((await placeOf(fourth))[1]! - first[1]!) / 10)
    await fourth.sendKeys(...Array.from({ length: steps }, () => Key.chord(Key.SHIFT, Key.ARROW_UP)))
    await untilText(driver, /The corners (lie in a line|cross)/)
  })
})

describe('a row in a photo', () => {
  const thread = { colours: [{ hex: '#2b4c7e', runMm: 1000 }], diameterMm: 0.3, look: 'sheen' as const }
  const stitches = sewnScene(
    rightSide({
      stitch: { ...findStitch('straight')!, widthMm: 0, lengthMm: 3, mirror: false, positionMm: 0 },
      maxWidthMm: 7,
      needle: { construction: 'twin', gapMm: 2.1, sizeNm: 80 },
      threads: [thread, thread],
      bobbin: thread,
      seamMm: 60,
      clothThicknessMm: 0,
    }),
    '#f0e6d2',
    0.04,
  )
  /** The row lies across the table, under the card: 15 stitches from 20 to 65 mm. */
  const row = renderedPhoto(
    withCard({ wideMm: 85.6, tallMm: 53.98, bright: 90, roundMm: 3.18 }, (x, y) => stitches(y - 68, x - 14)),
    { ...shot, shadow: 0.2 },
    8,
  )
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/measure-photo?what=needle-gap`)
  })
  afterAll(() => session.quit())

  it('is counted, ringed, and corrected by the one who looks; the gap of its needle is kept', async () => {
    const { driver } = session
    await upload(driver, /Photo/, fileOf('row.png', row.png))
    await byRole(driver, 'button', /^first corner/)
    for (const [name, x, y] of CORNERS) await dragTo(driver, name, row.see, x, y)
    await press(driver, 'button', 'Draw the corners to the edges')
    await byRole(driver, 'button', 'Corners lie on the edges')
    await dragTo(driver, 'one end', row.see, 20, 68)
    await dragTo(driver, 'other end', row.see, 65, 68)
    await press(driver, 'button', 'Read the stitches between the ends')
    await pick(driver, 'The row is', 'twin, both lines')
    await press(driver, 'button', 'Read the row')
    await untilText(driver, /15 stitches of (2\.9\d*|3\.0\d*) mm/)
    await press(driver, 'button', 'Take it over')
    await untilText(driver, /2\.(0[6-9]|1)\d* mm ± 0\.\d+/)
    await press(driver, 'button', 'Keep it')
    await untilText(driver, 'Gap between the needles of')
    expect(await severeLogs(driver)).toEqual([])
  })
  it('is left unread where it cannot be told', async () => {
    const { driver } = session
    await dragTo(driver, 'one end', row.see, 4, 62)
    await dragTo(driver, 'other end', row.see, 80, 62)
    await pick(driver, 'The row is', 'straight')
    await press(driver, 'button', 'Read the row')
    await untilText(driver, 'It cannot tell.')
  })
})

/** A PNG whose head says it is 60 000 × 60 000, and that holds nothing. */
function hugePng(): Buffer {
  const small = pngOf(1, 1, [0])
  small.writeUInt32BE(60_000, 16)
  small.writeUInt32BE(60_000, 20)
  return small
}
