import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest'
import { byRole, open, openBrowser, pick, press, type Session, severeLogs, type, untilText } from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await open(session.driver, inject('plain'))
})
afterAll(() => session.quit())

const isInView = async (selector: By) => {
  const element = await session.driver.findElement(selector)
  const { y, height } = await element.getRect()
  const seen = await session.driver.executeScript<number>('return window.innerHeight')
  return y >= 0 && y + Math.min(height, 60) <= seen
}

describe('the first minutes, from an empty book', () => {
  // “Mine does 7 mm, I have a 2.5/80 twin, may I sew a zigzag 4 wide?”
  it('answer in four actions, without scrolling', async () => {
    const { driver } = session
    await press(driver, 'button', 'My machine’s widest stitch is 7.0')
    const label = await type(driver, 'Needle label from the packet', '2.5/80')
    await label.sendKeys(Key.ENTER)
    await press(driver, 'button', 'Zigzag')
    const width = await type(driver, 'Stitch width', '4')
    await width.sendKeys(Key.TAB)
    // 7 − 2.5 − 0.5 = 4.0: it may, and not a tenth more.
    await untilText(driver, 'Clear: up to 4.0 mm is safe.')
    expect(await isInView(By.css('[aria-label="Verdict"]'))).toBe(true)
    expect(await driver.executeScript<number>('return window.scrollY')).toBe(0)
    await byRole(driver, 'button', /^Machine: My machine/)
    expect(await untilText(driver, 'My machine')).not.toMatch(/Choose a machine|Add a machine/)
  })

  it('keep the first tension in at most nine more, asking for what is missing in place', async () => {
    const { driver } = session
    await press(driver, 'link', /^Trial strip/)
    const home = await type(driver, 'Normal tension', '4')
    await home.sendKeys(Key.ENTER)
    await press(driver, 'radio', /locked inside/)
    await press(driver, 'button', 'Note the row')
    await press(driver, 'button', 'Keep as a swatch')
    await press(driver, 'button', 'Keep')
    await press(driver, 'button', 'Open it')
    await byRole(driver, 'dialog', /Balanced topstitch, Zigzag/)
    expect(await driver.getCurrentUrl()).toMatch(/\/swatches\?swatch=/)
    expect(await severeLogs(driver)).toEqual([])
  })

  it('measure the foot that is on, added on the way, and the verdict counts its narrow end', async () => {
    const other = await openBrowser()
    const { driver } = other
    try {
      await open(driver, inject('plain'))
      await press(driver, 'button', 'My machine’s widest stitch is 7.0')
      const label = await type(driver, 'Needle label from the packet', '2.5/80')
      await label.sendKeys(Key.ENTER)
      await press(driver, 'button', 'Zigzag')
      await press(driver, 'link', /^Measure it/)
      await press(driver, 'link', /^wedge gauge: Foot opening/)
      await press(driver, 'button', 'Add a foot')
      await type(driver, 'Name', 'Old zigzag foot')
      await press(driver, 'button', 'Save')
      await type(driver, /Number it stops at/, '7.4')
      await press(driver, 'button', 'Keep it')
      // It is not kept twice.
      expect(await (await byRole(driver, 'button', 'Kept')).isEnabled()).toBe(false)
      await press(driver, 'link', 'What else is not measured')
      await untilText(driver, 'Opening of the machine’s plate')
      await open(driver, inject('plain'))
      // 7.4 ± 0.3: 7.1 − 2.5 − 0.8 − 2 × 0.25 = 3.3.
      await untilText(driver, 'Clear: up to 3.3 mm is safe.')
      await untilText(driver, 'The plate is not measured.')
      expect(await severeLogs(driver)).toEqual([])
    } finally {
      await other.quit()
    }
  })

  it('lead back from an address where nothing stands', async () => {
    const other = await openBrowser()
    try {
      await other.driver.get(`${inject('plain')}/nowhere`)
      await untilText(other.driver, 'There is no such page')
      await press(other.driver, 'button', 'To Width and swing')
      await byRole(other.driver, 'button', 'My machine’s widest stitch is 7.0')
    } finally {
      await other.quit()
    }
  })

  it.each(['compare', 'putback', 'care', 'twins', 'trial'])(
    'name the machine that is missing on /%s and offer it there',
    async path => {
      const other = await openBrowser()
      try {
        await open(other.driver, `${inject('plain')}/${path}`)
        await untilText(other.driver, 'Which machine?')
        await press(other.driver, 'button', 'My machine’s widest stitch is 7.0')
        await byRole(other.driver, 'button', /^Machine: My machine/)
      } finally {
        await other.quit()
      }
    },
  )
})

describe('counted from an empty book', () => {
  let own: Session
  let count = 0
  beforeEach(async () => {
    own = await openBrowser()
    count = 0
    await open(own.driver, inject('plain'))
  })
  afterEach(() => own.quit())
  /** One thing a hand does. */
  const act = async (doing: Promise<unknown>) => {
    await doing
    count += 1
  }
  /** A value typed and taken with Enter. */
  const enter = async (label: string, text: string) =>
    (await type(own.driver, label, text)).sendKeys(Key.ENTER)
  const machine = () => press(own.driver, 'button', 'My machine’s widest stitch is 7.0')
  const needle = (label: string) => enter('Needle label from the packet', label)

  it('a verdict of a twin’s zigzag takes three', async () => {
    await act(machine())
    await act(needle('2.0/80'))
    await act(press(own.driver, 'button', 'Zigzag'))
    await untilText(own.driver, 'Clear: up to 4.5 mm is safe.')
    expect(count).toBeLessThanOrEqual(3)
  })
  it('a pintuck panel takes four', async () => {
    await act(press(own.driver, 'link', /^Pintucks/))
    await act(machine())
    await act(needle('2.0/80'))
    const tucks = await type(own.driver, 'Tucks', '12')
    await act(tucks.sendKeys(Key.TAB))
    await untilText(own.driver, /12 tucks/)
    await byRole(own.driver, 'button', /^Piece: Pintucks/)
    expect(count).toBeLessThanOrEqual(4)
  })
  it('an edge from one’s own drawing takes five', async () => {
    await act(press(own.driver, 'link', /^Appliqué edges/))
    await act(machine())
    await act(needle('80/12'))
    await act(pick(own.driver, 'Shape', 'From an SVG'))
    const file = join(own.home, 'leaf.svg')
    const path = 'M0 0 H60 V40 H0 Z'
    writeFileSync(
      file,
      `<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40"><path d="${path}"/></svg>`,
    )
    const [input] = await own.driver.findElements(By.css('input[type="file"]'))
    await act(input!.sendKeys(file))
    await untilText(own.driver, /200\.0 mm|60\.0 mm/)
    expect(count).toBeLessThanOrEqual(5)
  })
  it('the first swatch takes nine at most', async () => {
    await act(machine())
    await act(needle('80/12'))
    await act(press(own.driver, 'link', /^Trial strip/))
    await act(enter('Normal tension', '4'))
    await act(press(own.driver, 'radio', /locked inside/))
    await act(press(own.driver, 'button', 'Note the row'))
    await act(press(own.driver, 'button', 'Keep as a swatch'))
    await act(press(own.driver, 'button', 'Keep'))
    await untilText(own.driver, 'Kept in the swatch book')
    expect(count).toBeLessThanOrEqual(9)
  })
})
