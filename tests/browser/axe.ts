import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { WebDriver } from 'selenium-webdriver'
import { expect } from 'vitest'
import { PATIENCE_MS, press } from './browser'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

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
  const [rules, left] = arguments
  const asked = { resultTypes: ['violations', 'incomplete'], ...(rules && { runOnly: rules }) }
  axe.run({ include: [document], exclude: left.map(css => [css]) }, asked).then(async ({ violations, incomplete }) => {
    const found = violations.flatMap(words)
    for (const { id, nodes } of incomplete)
      if (id === 'color-contrast') for (const node of nodes) found.push(...(await decide(node)))
    done(found)
  })`
interface Asked {
  /** Of all rules, or of those a lamp can break. */
  readonly rules?: readonly string[] | null
  /** What was looked at before, by selector. */
  readonly without?: readonly string[]
}
export async function faults(
  driver: WebDriver,
  { rules = null, without = [] }: Asked = {},
): Promise<string[]> {
  // What is still fading in has less contrast than it will have.
  await driver.wait(
    () =>
      driver.executeScript<boolean>(
        'return document.getAnimations().every(({ playState }) => playState !== "running")',
      ),
    PATIENCE_MS,
    'still moving',
  )
  if (!(await driver.executeScript<boolean>('return "axe" in window'))) await driver.executeScript(axe)
  return driver.executeAsyncScript<string[]>(FIND_FAULTS, rules, without)
}

/** A lamp changes colours, not names or roles. */
export const LIT = ['color-contrast']

export async function expectNoFaultsByBothLamps(
  driver: WebDriver,
  without: readonly string[] = [],
): Promise<void> {
  expect(await faults(driver, { without }), 'by daylight').toEqual([])
  await press(driver, 'button', 'Dim lamp')
  await driver.wait(
    () => driver.executeScript<boolean>('return document.documentElement.classList.contains("dark")'),
    PATIENCE_MS,
  )
  expect(await faults(driver, { rules: LIT, without }), 'with the dim lamp').toEqual([])
  await press(driver, 'button', 'Dim lamp')
}
