import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { ALL_VIEWS } from '../../app/stations'
import { PATIENCE_MS, byRole, open, openBrowser, press, type Session, untilText } from './browser'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
/** The bench card has no frame, and a test of its own. */
const framed = ALL_VIEWS.filter(({ axe }) => axe).map(({ path }) => path)

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await session.driver.manage().setTimeouts({ script: 120_000 })
})
afterAll(() => session.quit())

/**
 * All faults, however small, and text whose contrast stays undecided. What lies half under something else is
 * looked at again in the middle of the screen. Text in a drawing, which axe cannot judge, is held by us
 * against its card and against every shape under it (WCAG 2.2, 1.4.3: relative luminance, 4.5 to 1).
 */
const FIND_FAULTS = `
  const done = arguments[arguments.length - 1]
  const words = ({ id, nodes }) =>
    nodes.map(({ target, failureSummary }) => [id, ...target, failureSummary.slice(0, 200)].join(' '))
  const keyOf = node => node.any[0]?.data?.messageKey
  /** Not text, or too little to be told from a picture. */
  const NO_TEXT = ['shortTextContent', 'nonBmp']

  const pen = document.createElement('canvas').getContext('2d', { willReadFrequently: true })
  const rgba = colour => {
    pen.clearRect(0, 0, 1, 1)
    pen.fillStyle = colour
    pen.fillRect(0, 0, 1, 1)
    const [r, g, b, a] = pen.getImageData(0, 0, 1, 1).data
    return { rgb: [r, g, b], a: a / 255 }
  }
  const over = ({ rgb, a }, below) => rgb.map((part, i) => a * part + (1 - a) * below[i])
  const light = rgb => {
    const [r, g, b] = rgb.map(part => part / 255).map(c => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
    return 0.2126 * r + 0.7152 * g + 0.0722 * b
  }
  const contrast = (a, b) => {
    const [dark, bright] = [light(a), light(b)].sort((one, other) => one - other)
    return (bright + 0.05) / (dark + 0.05)
  }
  const cardOf = element => {
    for (let at = element.closest('svg').parentElement; at; at = at.parentElement) {
      const { rgb, a } = rgba(getComputedStyle(at).backgroundColor)
      if (a === 1) return rgb
    }
    return [255, 255, 255]
  }
  const holds = (a, b) => a.left <= b.left && b.right <= a.right && a.top <= b.top && b.bottom <= a.bottom
  const overlap = (a, b) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom
  const inDrawing = text => {
    const card = cardOf(text)
    const box = text.getBoundingClientRect()
    const isBelow = shape => shape.compareDocumentPosition(text) & Node.DOCUMENT_POSITION_FOLLOWING
    const grounds = [card]
    for (const shape of text.closest('svg').querySelectorAll('rect, circle, path, polygon, ellipse')) {
      const { fill, fillOpacity, opacity } = getComputedStyle(shape)
      if (shape.closest('defs') || fill === 'none' || !isBelow(shape) || !overlap(shape.getBoundingClientRect(), box)) continue
      if (fill.startsWith('url')) return 'lies on a pattern'
      const { rgb, a } = rgba(fill)
      const opaque = a * fillOpacity * opacity
      // A whole label under the words hides what lies under it.
      if (shape.localName === 'rect' && opaque === 1 && holds(shape.getBoundingClientRect(), box)) grounds.length = 0
      grounds.push(over({ rgb, a: opaque }, card))
    }
    const ink = over(rgba(getComputedStyle(text).fill), card)
    const least = Math.min(...grounds.map(ground => contrast(ink, ground)))
    return least >= 4.5 ? null : 'has contrast ' + least.toFixed(2)
  }
  const decide = async node => {
    if (NO_TEXT.includes(keyOf(node))) return []
    const element = document.querySelector(node.target.at(-1))
    if (element.closest('svg')) {
      const fault = inDrawing(element)
      return fault ? [node.target + ' “' + element.textContent.trim() + '” ' + fault] : []
    }
    element.scrollIntoView({ block: 'center', inline: 'center' })
    const { violations, incomplete } = await axe.run(element, { runOnly: ['color-contrast'] })
    return [...violations, ...incomplete].flatMap(({ id, nodes }) =>
      words({ id, nodes: nodes.filter(one => !NO_TEXT.includes(keyOf(one))) }))
  }
  const [rules] = arguments
  const asked = { resultTypes: ['violations', 'incomplete'], ...(rules && { runOnly: rules }) }
  axe.run(document, asked).then(async ({ violations, incomplete }) => {
    const found = violations.flatMap(words)
    for (const { id, nodes } of incomplete)
      if (id === 'color-contrast') for (const node of nodes) found.push(...(await decide(node)))
    done(found)
  })`
/** Of all rules, or of those a lamp can break. */
async function faults(rules: readonly string[] | null = null): Promise<string[]> {
  // What is still fading in has less contrast than it will have.
  await session.driver.wait(
    () =>
      session.driver.executeScript<boolean>(
        'return document.getAnimations().every(({ playState }) => playState !== "running")',
      ),
    PATIENCE_MS,
    'still moving',
  )
  await session.driver.executeScript(axe)
  return session.driver.executeAsyncScript<string[]>(FIND_FAULTS, rules)
}

/** A lamp changes colours, not names or roles. */
const LIT = ['color-contrast']

async function expectNoFaultsByBothLamps(): Promise<void> {
  expect(await faults(), 'by daylight').toEqual([])
  await press(session.driver, 'button', 'Dim lamp')
  await session.driver.wait(
    () => session.driver.executeScript<boolean>('return document.documentElement.classList.contains("dark")'),
    PATIENCE_MS,
  )
  expect(await faults(LIT), 'with the dim lamp').toEqual([])
  await press(session.driver, 'button', 'Dim lamp')
}

describe('axe finds no fault', () => {
  it.each(framed)('on %s, by daylight and with the dim lamp', async path => {
    await open(session.driver, inject('demo') + path)
    await byRole(session.driver, 'link', /^(Clear|Check|Stop)/)
    await expectNoFaultsByBothLamps()
  })

  it('on the bench card, by daylight and with the dim lamp', async () => {
    await open(session.driver, `${inject('demo')}/card`)
    await byRole(session.driver, 'region', 'Dial in')
    await expectNoFaultsByBothLamps()
    await open(session.driver, inject('demo'))
  })

  it.each([
    ['/', /^Sewists differ/],
    ['/', /^Keys/],
    ['/', /^Search$/],
    ['/', /^Piece: /],
    ['/', /^Machine: /],
    ['/', /^Stitch: /],
    ['/', /^Spools: /],
    ['/', /^Tension: /],
    ['/', /^Needle: /],
    ['/', /^Foot and plate: /],
    ['/', /^Cloth: /],
    ['/', /^Bobbin: /],
    ['/', /length 2\.5/],
    ['/', /^Name this piece/],
    ['/swatches', /^Open .* large$/],
    ['/workbox', /^Add a needle/],
    ['/workbox', /^To buy/],
    ['/files', /^Empty/],
    ['/trial', /^Print/],
  ])('in what opens on %s by %s', async (path, button) => {
    const { driver } = session
    await open(driver, inject('demo') + path)
    await byRole(driver, 'link', /^(Clear|Check|Stop)/)
    await press(driver, 'button', button)
    await byRole(driver, 'dialog', /./)
    expect(await faults(), 'by daylight').toEqual([])
    // The lamp’s own button lies behind what is open.
    await driver.executeScript("document.documentElement.classList.add('dark')")
    expect(await faults(LIT), 'with the dim lamp').toEqual([])
  })
})

describe('the keyboard', () => {
  it('jumps between stations and opens the sheet of keys', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await driver.actions().sendKeys('f').perform()
    await untilText(driver, 'Export everything')
    await driver.actions().sendKeys('2').perform()
    await untilText(driver, 'Where to start')
    await driver.actions().sendKeys('0').perform()
    await untilText(driver, 'Add a needle')
    await driver.actions().sendKeys('1').perform()
    await untilText(driver, 'Over the plate')
    await driver.actions().sendKeys('?').perform()
    await untilText(driver, 'They work while you are not typing and no panel is open')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })

  it('comes from the skip link to the page in at most 12 stops; arrows go along the line-up', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await byRole(driver, 'slider', 'Stitch width')
    const focused = () => driver.switchTo().activeElement()
    const send = (key: string) => driver.actions().sendKeys(key).perform()
    const isInPage = () => driver.executeScript<boolean>('return !!document.activeElement.closest("main")')
    let stops = 0
    for (; stops <= 12 && !(await isInPage()); stops++) await send(Key.TAB)
    expect(stops - 1).toBeLessThanOrEqual(12)
    await driver.actions().keyDown(Key.SHIFT).sendKeys(Key.TAB).keyUp(Key.SHIFT).perform()
    expect(await (await focused()).getText()).toMatch(/4\.0 × 2\.5/)
    await send(Key.ARROW_RIGHT)
    expect(await (await focused()).getText()).toMatch(/Tension/)
    await send(Key.END)
    await send(Key.HOME)
    expect(await (await focused()).getText()).toMatch(/4\.0 × 2\.5/)
    await send(Key.ARROW_RIGHT)
    await send(Key.ENTER)
    await byRole(driver, 'dialog', 'Tension')
    await send(Key.ESCAPE)
  })

  it('reaches the verdict’s control by Tab alone', async () => {
    const { driver } = session
    await open(driver, inject('demo'))
    await byRole(driver, 'slider', 'Stitch width')
    for (let i = 0; i < 60; i++) {
      await driver.actions().sendKeys(Key.TAB).perform()
      const at = await driver.switchTo().activeElement()
      if ((await at.getAttribute('type')) === 'range' && (await at.getAccessibleName()) === 'Stitch width')
        return
    }
    expect.unreachable('the slider was not reached')
  })
})
