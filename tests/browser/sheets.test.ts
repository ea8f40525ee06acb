import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { CHECK_LINES, PAPERS } from '#core/paper'
import { measurePdf } from '../unit/pdf'
import { downloaded, open, openBrowser, pick, press, type Session, untilText } from './browser'

/** Every sheet the app prints, from the demo, and what opens its panel. */
const SHEETS: readonly (readonly [path: string, opens: string, sheets: readonly string[]])[] = [
  ['/pintucks?piece=demo-piece-front', 'Print', ['Marking sheet, true size', 'Marking strip', 'Bench card']],
  [
    '/topstitch?piece=demo-piece-pocket',
    'Print',
    ['Edge and rows, true size', 'Strips to lay along each side', 'Bench card'],
  ],
  [
    '/edge?piece=demo-piece-lantern',
    'Print',
    [
      'Shape with every stitch, true size',
      'To cut, mirrored for fusible',
      'Where each shape lies',
      'Strips to lay along, like a string',
      'Order of work',
      'Bench card',
    ],
  ],
  ['/lines?piece=demo-piece-plume', 'Print', ['Lines with every stitch, true size', 'Bench card']],
  ['/band?piece=demo-piece-collarband', 'Print', ['Band with every pattern, true size', 'Bench card']],
  ['/project', 'Print', ['Order, settings and counts']],
  ['/card', 'Print', ['Card, A6 to cut out (PDF)', 'Labels (PDF)']],
  ['/trial', 'Print strip', ['Strip (PDF)']],
  ['/measure-gauge', 'Print the gauge', ['Wedge gauge as PDF']],
]
/** Most printers leave no more than this white at an edge, in mm. Common practice. */
const UNPRINTED_MM = 5
const LEAST_PT = 7

let session: Session
beforeAll(async () => {
  session = await openBrowser()
})
afterAll(() => session.quit())

/** What a press saves, measured. */
async function printed(name: string) {
  rmSync(session.downloads, { recursive: true, force: true })
  await press(session.driver, 'button', name)
  const bytes = await downloaded(session, /\.pdf$/)
  keepForEyes(name, bytes)
  return measurePdf(bytes)
}
/** Where one wants to look at the sheets: a folder. */
function keepForEyes(name: string, bytes: Buffer): void {
  const folder = process.env.KEEP_SHEETS
  if (!folder) return
  mkdirSync(folder, { recursive: true })
  const { length } = readdirSync(folder)
  writeFileSync(join(folder, `${length + 1}-${name.replaceAll(/[^a-z0-9]+/gi, '-')}.pdf`), bytes)
}

function holds(pages: Awaited<ReturnType<typeof printed>>, paper: keyof typeof PAPERS): void {
  expect(pages.length).toBeGreaterThan(0)
  for (const { wideMm, tallMm, lines, ink, written } of pages) {
    expect(wideMm).toBeCloseTo(PAPERS[paper].wideMm, 1)
    expect(tallMm).toBeCloseTo(PAPERS[paper].tallMm, 1)
    const { longMm } = CHECK_LINES[paper]
    expect(lines.some(({ lengthMm }) => Math.abs(lengthMm - longMm) <= 0.05)).toBe(true)
    expect(Math.min(ink.left, ink.bottom)).toBeGreaterThanOrEqual(UNPRINTED_MM)
    expect(wideMm - ink.right).toBeGreaterThanOrEqual(UNPRINTED_MM)
    expect(tallMm - ink.top).toBeGreaterThanOrEqual(UNPRINTED_MM)
    expect(written.filter(({ sizePt }) => sizePt < LEAST_PT - 0.01)).toEqual([])
    // On one page nothing is cut; where a drawing goes on, the neighbouring page has the rest.
    if (pages.length === 1) expect(written.filter(({ isCut }) => isCut)).toEqual([])
  }
}

const BOTH_PAPERS = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const

describe('on both papers', () => {
  it.each(SHEETS)(
    '%s prints within what a printer reaches, in letters one reads',
    async (path, opens, sheets) => {
      const { driver } = session
      await open(driver, inject('demo') + path)
      await press(driver, 'button', opens)
      for (const [paper, words] of BOTH_PAPERS) {
        await pick(driver, 'Paper', words)
        for (const sheet of sheets) holds(await printed(sheet), paper)
      }
    },
  )
  it('labels of swatches too, on the paper chosen last', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/swatches`)
    await untilText(driver, /Labels/)
    holds(await printed('Labels'), 'letter')
  })
})
