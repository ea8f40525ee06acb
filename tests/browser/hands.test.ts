import { By, Key } from 'selenium-webdriver'
import { afterAll, afterEach, beforeAll, describe, expect, inject, it } from 'vitest'
import { STATIONS } from '../../app/stations'
import { PATIENCE_MS, allByRole, byRole, open, openBrowser, press, type Session, untilText } from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
})
afterAll(() => session.quit())

const emulate = (of: { media?: string; features?: { name: string; value: string }[] }) =>
  session.tell('Emulation.setEmulatedMedia', { media: '', features: [], ...of })
const js = <T>(script: string, ...given: unknown[]) => session.driver.executeScript<T>(script, ...given)
const address = () => session.driver.getCurrentUrl()
/** The page is there with all that the demo holds. */
async function openDemo(path: string) {
  await open(session.driver, inject('demo') + path)
  await byRole(session.driver, 'button', /^Machine: /)
}
afterEach(() => emulate({}))

const PANELS = [
  'Piece',
  'Stitch',
  'Machine',
  'Spools',
  'Tension',
  'Needle',
  'Foot and plate',
  'Cloth',
  'Bobbin',
]

describe('a panel', () => {
  it.each(PANELS)('of %s gives the focus back to its button', async name => {
    await openDemo('/')
    await press(session.driver, 'button', new RegExp(`^${name}: `))
    await byRole(session.driver, 'dialog', name)
    await session.driver.actions().sendKeys(Key.ESCAPE).perform()
    await untilFocusIsOn(new RegExp(`^${name}: `))
  })
  it.each(['Sewists differ: your choices', 'Keys', 'Search'])('of the tool %s too', async name => {
    await openDemo('/')
    await press(session.driver, 'button', name)
    await session.driver.wait(
      async () => (await allByRole(session.driver, { role: 'dialog', name: /./ })).length > 0,
    )
    await session.driver.actions().sendKeys(Key.ESCAPE).perform()
    await untilFocusIsOn(new RegExp(`^${name}`))
  })
  async function untilFocusIsOn(name: RegExp) {
    const named = async () => (await session.driver.switchTo().activeElement().getAccessibleName()).trim()
    await session.driver.wait(
      async () => name.test(await named()),
      PATIENCE_MS,
      `the focus is not on ${name}`,
    )
  }
})

describe('with reduced motion', () => {
  it('the handwheel still goes through every drop', async () => {
    await emulate({ features: [{ name: 'prefers-reduced-motion', value: 'reduce' }] })
    await openDemo('/')
    await press(session.driver, 'button', 'Whole pattern')
    for (const drop of [2, 3]) await untilText(session.driver, new RegExp(`Needle position ${drop} of \\d+`))
  })
})

describe('in forced colours', () => {
  /** What sets it apart from its neighbours when colours are the system's. */
  const look = (css: string) =>
    js<string>(
      `const { borderTopColor, borderTopWidth, borderTopStyle, outlineStyle, outlineWidth, backgroundColor, fontWeight,
         textDecorationLine, color } = getComputedStyle(document.querySelector(arguments[0]))
       return [borderTopColor, borderTopWidth, borderTopStyle, outlineStyle, outlineWidth, backgroundColor, fontWeight,
         textDecorationLine, color].join(' ')`,
      css,
    )
  it.each([
    ['the current station', '/', 'nav a[aria-current=page]', 'nav a:not([aria-current=page])'],
    ['the chosen needle', '/', 'main button[aria-pressed=true]', 'main button[aria-pressed=false]'],
    [
      'the chosen construction',
      '/pairing',
      'main button[aria-pressed=true]',
      'main button[aria-pressed=false]',
    ],
  ])('%s is still told from the others', async (_, path, chosen, other) => {
    await openDemo(path)
    await emulate({ features: [{ name: 'forced-colors', value: 'active' }] })
    expect(await look(chosen)).not.toBe(await look(other))
  })
})

describe('a file dropped anywhere', () => {
  /** As the browser tells a page of a drop. */
  const tell = (kinds: string[], name: string, content: string) =>
    js(
      `const [kinds, name, content] = arguments
       const given = new DataTransfer()
       given.items.add(new File([content], name))
       const heading = document.querySelector('main h1')
       for (const kind of kinds)
         heading.dispatchEvent(new DragEvent(kind, { dataTransfer: given, bubbles: true, cancelable: true }))`,
      kinds,
      name,
      content,
    )
  async function drop(name: string, content: string) {
    // What listens comes a moment after the first view.
    await session.driver.wait(
      async () => {
        await tell(['dragenter', 'dragover'], name, content)
        return js<boolean>("return document.body.innerText.includes('Drop it: ')")
      },
      PATIENCE_MS,
      'nothing said that a file may be dropped',
    )
    await tell(['drop'], name, content)
  }
  it('opens where it is read, and writes nothing by itself', async () => {
    const { driver } = session
    await openDemo('/pairing')
    await drop('threads.csv', 'name,kind\nLoft white,cotton\n')
    await driver.wait(
      async () => (await address()).includes('/workbox'),
      PATIENCE_MS,
      'not led to the workbox',
    )
    await untilText(driver, /threads\.csv/)
    await openDemo('/pairing')
    await drop('book.json', '{"format":"other"}')
    await driver.wait(async () => (await address()).includes('/files'), PATIENCE_MS, 'not led to the files')
    await untilText(driver, /book\.json/)
  })
  it('says what can be dropped when it is none of these', async () => {
    await openDemo('/pairing')
    await drop('song.ogg', 'x')
    await untilText(session.driver, 'song.ogg cannot be read here')
  })
})

describe('what is half done', () => {
  it('is still there after a look at another page', async () => {
    const { driver } = session
    await openDemo('/trial')
    await press(driver, 'checkbox', 'Thread broke')
    const station = STATIONS.find(({ folder }) => folder === 'pairing')!
    await press(driver, 'link', new RegExp(`^${station.name}`))
    await byRole(driver, 'heading', station.name)
    await driver.navigate().back()
    const box = await byRole(driver, 'checkbox', 'Thread broke')
    expect(await box.getAttribute('aria-checked')).toBe('true')
  })
})

describe('a long table', () => {
  it('scrolls in itself, so that only rows in view exist', async () => {
    await openDemo('/workbox')
    await byRole(session.driver, 'checkbox', 'Select all shown')
    const [seen, whole] = await js<[number, number]>(
      `const { clientHeight, scrollHeight } = document.querySelector('main table').parentElement
       return [clientHeight, scrollHeight]`,
    )
    expect(seen).toBeLessThan(700)
    expect(whole).toBeGreaterThan(seen)
  })
})

describe('a table’s order', () => {
  it('lives in the address', async () => {
    const { driver } = session
    await openDemo('/swatches?view=table')
    await press(driver, 'button', 'Sort by name')
    await driver.wait(async () => (await address()).includes('sort=name'), PATIENCE_MS, 'not in the address')
    const first = () => driver.findElement(By.css('tbody tr')).getText()
    const sorted = await first()
    await driver.navigate().refresh()
    await byRole(driver, 'button', 'Sort by name: sorted upwards')
    expect(await first()).toBe(sorted)
    await press(driver, 'button', 'Sort by name: sorted upwards')
    await byRole(driver, 'button', 'Sort by name: sorted downwards')
    expect(await first()).not.toBe(sorted)
  })
})
