import { fileURLToPath } from 'node:url'
import { By, error, Key, type WebElement } from 'selenium-webdriver'
import { afterEach, describe, expect, inject, it } from 'vitest'
import { rowsToRead } from '#core/simulated'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  open,
  openBrowser,
  press,
  type Session,
  severeLogs,
  untilSaved,
  untilText,
  upload,
} from './browser'

let session: Session
afterEach(() => session.quit())
const advice = async () => (await byRole(session.driver, 'status', 'Next number')).getText()
const picker = () => byRole(session.driver, 'group', /Which thread shows where|How does the cloth lie/)
/** The same number may be advised once more: then the drawings of the next row stand there again. */
async function untilNoted(before: string): Promise<void> {
  const asked = { role: 'group', name: /Which thread shows where/ }
  const isNoted = async () =>
    (await advice()) !== before || (await allByRole(session.driver, asked)).length > 0
  await session.driver.wait(isNoted, PATIENCE_MS, 'the row was not noted')
}
const held = (reading: number) => Math.max(-3, Math.min(3, Math.round(reading)))
/** A machine whose metallic line reads its goal, −1, at 3.4. */
const readAt = (mark: number) => held(1.4 * (mark - 3.4) - 1)

/** What each practice row truly reads. */
async function practiceTruths(): Promise<number[]> {
  const seed = await session.driver.executeScript<number>(
    `return JSON.parse(sessionStorage.getItem('lacy-spool-draft-read-swatches')).typed.seed`,
  )
  return rowsToRead(20, seed).map(({ truth }) => truth)
}

describe('by keys alone', () => {
  const send = (...keys: string[]) =>
    session.driver
      .actions()
      .sendKeys(...keys)
      .perform()
  const focused = () => session.driver.switchTo().activeElement()
  /** What had the focus was drawn anew while it was asked. */
  const isGone = (problem: unknown): null => {
    if (problem instanceof error.StaleElementReferenceError) return null
    throw problem
  }
  /** Goes on with Tab until something is there. */
  async function tabTo(isThere: (element: WebElement) => Promise<boolean>, what: string): Promise<void> {
    for (let i = 0; i < 90; i++) {
      const isHere = await isThere(await focused()).catch(isGone)
      if (isHere === true) return
      if (isHere === false) await send(Key.TAB)
    }
    throw new Error(`Tab never comes to ${what}`)
  }
  const tabToTiles = () => tabTo(async one => (await one.getAttribute('role')) === 'radio', 'the drawings')
  const tabToPress = (name: RegExp) => tabTo(async one => name.test(await one.getText()), String(name))

  it('goes from practice to the strip, and from there into the swatch book', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/practice?reading=show`)
    await untilText(driver, '1 of 20')
    await tabToTiles()
    await send('4')
    await untilText(driver, '2 of 20')
    const truths = await practiceTruths()
    for (const [i, truth] of truths.entries()) {
      if (i === 0) continue
      await send(String(held(truth) + 4))
      await untilText(driver, i === 19 ? /\d+ of 20 within half a step/ : `${i + 2} of 20`)
    }
    await tabToPress(/^Keep how I read$/)
    await send(Key.ENTER)
    await untilText(driver, 'The strip counts on it.')
    await untilSaved(driver)

    await open(driver, `${inject('demo')}/trial`)
    await press(driver, 'button', 'New strip')
    await untilText(driver, 'Sew the first row')
    await tabToTiles()
    for (let row = 0; row < 12; row++) {
      const now = await advice()
      if (!/Sew (the|it)/.test(now)) break
      const at = Number(/[\d.]+/.exec(now)![0])
      await send(String(readAt(at) + 4))
      await byRole(driver, 'group', /How does the cloth lie/)
      await send('4')
      // Both are read: what notes the row has the focus.
      await driver.wait(async () => (await (await focused()).getText()) === 'Note the row', PATIENCE_MS)
      await send(Key.ENTER)
      await untilNoted(now)
    }
    expect(await advice()).toMatch(/Found: sure/)
    await press(driver, 'button', 'Why, and how sure')
    await untilText(driver, /You read within half a step[^.]*\(\d+ readings/)
    await tabToPress(/^Keep as a swatch$/)
    await send(Key.ENTER)
    await tabToPress(/^Keep$/)
    await send(Key.ENTER)
    await untilText(driver, 'Kept in the swatch book')
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/swatches`)
    await untilText(driver, '32 of 32 swatches')
    expect(await severeLogs(driver)).toEqual([])
  })

  it('takes a Backspace, a wrong key and half a number without losing what was read', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/trial`)
    await tabToTiles()
    await send('b', '3', '9', Key.BACK_SPACE, '4')
    await byRole(driver, 'button', /^Thread balance −½, between hair below and locked inside/)
    const at = await byRole(driver, 'textbox', 'Sewn at')
    await at.click()
    await send(Key.END, Key.BACK_SPACE, Key.BACK_SPACE, Key.BACK_SPACE)
    await send('2', '.')
    await byRole(driver, 'button', /^Thread balance −½, between hair below and locked inside/)
    await send('5')
    await press(driver, 'button', 'Note the row')
    await untilText(driver, /2\.5[\s\S]*−½[\s\S]*between hair below and locked inside/)
  })
})

describe('a photo of the row', () => {
  it('stands beside the drawings, turned and enlarged, and goes with the row', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/trial`)
    const icon = fileURLToPath(new URL('../../public/icon-512.png', import.meta.url))
    await upload(driver, 'Photo beside the drawings of this row', icon)
    const shown = async () => {
      const [photo] = await driver.findElements(By.css('img[alt="The row as it was sewn"]'))
      return photo?.getAttribute('style') ?? null
    }
    await driver.wait(async () => (await shown()) !== null, PATIENCE_MS, 'no photo')
    await press(driver, 'button', 'Turn the photo')
    await press(driver, 'button', 'Make the photo larger')
    expect(await shown()).toMatch(/width: 150%;.*rotate\(90deg\)/)
    await press(driver, 'radio', /^−1, hair below/)
    await press(driver, 'button', 'Note the row')
    await driver.wait(
      async () => (await driver.findElements(By.css('img[alt="row 2, right side"]'))).length === 1,
      PATIENCE_MS,
      'the photo did not go with its row',
    )
    // The next row begins without one.
    expect(await shown()).toBeNull()
  })
})

describe('by touch, on a phone', () => {
  /** The middle of an element in the window, once it has stood still for two frames. */
  const WHERE_IT_STAYS = `
    const [element, done] = arguments
    window.taps = 0
    // A tap that something else got, because the page moved under the finger, is none.
    addEventListener('click', ({ target }) => { window.taps += element.contains(target) ? 1 : 0 }, true)
    const place = () => {
      const { left, top, width, height } = element.getBoundingClientRect()
      return [left + width / 2, top + height / 2]
    }
    const look = before => requestAnimationFrame(() => {
      const now = place()
      if (now[0] === before[0] && now[1] === before[1]) done(now)
      else look(now)
    })
    requestAnimationFrame(() => look(place()))`
  /** Looked for anew with each tap: meanwhile another drawing may stand in its place, or elsewhere. */
  async function tap(find: () => Promise<WebElement>): Promise<void> {
    for (let times = 0; times < 3; times++) {
      const element = await find()
      await session.driver.executeScript(
        `const { top, bottom } = arguments[0].getBoundingClientRect()
         if (top < 190 || bottom > innerHeight - 70) arguments[0].scrollIntoView({ block: 'center' })`,
        element,
      )
      const [x, y] = await session.driver.executeAsyncScript<[number, number]>(WHERE_IT_STAYS, element)
      await session.tell('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] })
      await session.tell('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
      if (await session.driver.executeAsyncScript<boolean>(WAS_TAPPED)) return
    }
    throw new Error('three taps, and no click')
  }
  /**
   * Whether the tap became a click. On a busy host more than half a second may pass between finger down and
   * finger up: that is a long press, which a person follows with another tap.
   */
  const WAS_TAPPED = `
    const [done] = arguments
    const begun = performance.now()
    const look = () => {
      if (window.taps > 0 || performance.now() - begun > 1000) done(window.taps > 0)
      else requestAnimationFrame(look)
    }
    look()`
  const tapOn = (role: string, name: string | RegExp) => tap(() => byRole(session.driver, role, name))
  const tile = (reading: number) =>
    tapOn('radio', new RegExp(`^${['−3', '−2', '−1', '0', '\\+1', '\\+2', '\\+3'][reading + 3]}, `))
  /** Whether all drawings stand between the line-up and the bar at the foot, with nothing scrolled. */
  const isInView = async () =>
    session.driver.executeScript<boolean>(
      `const tiles = [...arguments[0].querySelectorAll('[role="radio"]')].map(one => one.getBoundingClientRect())
       return scrollY === 0 && tiles.every(({ top, bottom }) => top > 0 && bottom <= innerHeight - 60)`,
      await picker(),
    )
  const untilInView = () => session.driver.wait(isInView, PATIENCE_MS, 'a drawing is out of view')

  it('asks both readings without scrolling, the goal’s first, and ends in the swatch book', async () => {
    session = await openBrowser({ width: 390, height: 844 })
    const { driver } = session
    await open(driver, `${inject('demo')}/practice?reading=show`)
    await untilText(driver, '1 of 20')
    await untilInView()
    for (let i = 0; i < 12; i++) {
      await tile(0)
      await untilText(driver, `${i + 2} of 20`)
    }
    await tapOn('button', 'Keep these 12')
    await untilText(driver, 'The strip counts on it.')
    await untilSaved(driver)

    await open(driver, `${inject('demo')}/trial`)
    await untilText(driver, 'Which thread shows where?')
    await untilInView()
    for (let row = 0; row < 9; row++) {
      const now = await advice()
      if (!/Sew (the|it)/.test(now)) break
      await tile(readAt(Number(/[\d.]+/.exec(now)![0])))
      await byRole(driver, 'group', /How does the cloth lie/)
      if (row === 0) await untilInView()
      await tile(0)
      // The drawings are gone by then, and the button stands where it stays.
      await driver.wait(
        async () => (await (await driver.switchTo().activeElement()).getText()) === 'Note the row',
        PATIENCE_MS,
      )
      await tapOn('button', 'Note the row')
      await untilNoted(now)
    }
    // Whoever says 0 of everything is no steady reader: nothing is sure, and the row to keep is chosen.
    expect(await advice()).not.toMatch(/: sure/)
    await tapOn('button', 'Keep as a swatch')
    const form = await byRole(driver, 'form', 'Keep as a swatch')
    await tap(() => byRole(driver, 'button', 'Keep', form))
    await untilText(driver, 'Kept in the swatch book')
    expect(await allByRole(driver, { role: 'alert', name: /./ })).toEqual([])
  })
})
