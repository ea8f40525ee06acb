import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { byRole, open, openBrowser, press, type Session, severeLogs, type, untilText } from './browser'

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
    const home = await type(driver, 'Home, its normal mark', '4')
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
