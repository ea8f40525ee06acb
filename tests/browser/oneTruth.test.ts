import type { WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
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

/**
 * Six jobs, each from the line-up through its planner, the strip, the walk, the card and a project: after
 * every step the numbers one dials, needle, threads, foot, bobbin and verdict agree wherever they are shown.
 */
let session: Session
let driver: WebDriver
beforeAll(async () => {
  session = await openBrowser()
  driver = session.driver
  await open(driver, inject('demo'))
})
afterAll(() => session.quit())

const STOPS = [
  'Stitch',
  'Tension',
  'Machine',
  'Spools',
  'Needle',
  'Foot and plate',
  'Cloth',
  'Bobbin',
] as const
type LineUp = Readonly<Record<(typeof STOPS)[number] | 'verdict', string>>
/** What the line-up says, stop by stop. */
async function lineUp(): Promise<LineUp> {
  const stops = await driver.executeScript<[string, string][]>(`
    const words = e => e.innerText.replace(/\\s+/g, ' ').trim()
    const said = [...document.querySelectorAll('header[aria-label^="Line-up"] button')].map(words)
    return ${JSON.stringify(STOPS)}.map(stop => [stop, said.find(text => text.startsWith(stop + ': '))])`)
  const [verdict] = await allByRole(driver, { role: 'link', name: /^(Clear|Check|Stop|No verdict)/ })
  return { ...Object.fromEntries(stops), verdict: await verdict!.getText() } as LineUp
}
const follow = async (link: RegExp, heading: string) => {
  await press(driver, 'link', link)
  await byRole(driver, 'heading', heading)
}
const numberIn = (text: string) => /\d+(\.\d+)?/.exec(text)?.[0] ?? ''
const lengthIn = ({ Stitch }: LineUp) => / × ([\d.]+)/.exec(Stitch)?.[1] ?? numberIn(Stitch)
const widthIn = ({ Stitch }: LineUp) => /([\d.]+) × /.exec(Stitch)?.[1] ?? null
const valueOf = async (label: string) => (await byRole(driver, 'textbox', label)).getAttribute('value')

interface Walked {
  readonly job: string
  readonly station: string
  /** The planner's own fields for length and width; null: it has none for it. */
  readonly length: string | null
  readonly width: string | null
}
const JOBS: readonly Walked[] = [
  { job: 'Pintucks', station: 'Pintucks', length: null, width: null },
  { job: 'Topstitching', station: 'Topstitching', length: 'Stitch length', width: null },
  { job: 'Hidden edge', station: 'Appliqué edges', length: 'Stitch length', width: 'Width' },
  { job: 'Blanket edge', station: 'Appliqué edges', length: 'Stitch length', width: 'Bite' },
  { job: 'Metallic line', station: 'Appliqué edges', length: 'Stitch length', width: null },
  { job: 'Decorative row', station: 'Bands and ribbon', length: 'Stitch length', width: 'Width' },
]

describe.each(JOBS)('$job', ({ job, station, length, width }) => {
  let set: LineUp
  it('begins a piece from the line-up, and its planner opens with those very numbers', async () => {
    await follow(/^Width and swing/, 'Width and swing')
    await press(driver, 'button', /^Piece: /)
    await press(driver, 'button', 'New piece')
    await press(driver, 'button', new RegExp(`^${job}`))
    await untilText(driver, new RegExp(`${job}:.*(this was set|stood right)`))
    const before = await lineUp()
    await press(driver, 'link', `Plan it: ${job}`)
    await byRole(driver, 'heading', station)
    set = await lineUp()
    // An edge moves its needle beside its edge by itself: all else is as the job has set it.
    const asSet = (all: LineUp) => ({ ...all, Stitch: lengthIn(all), Machine: '', verdict: '' })
    expect(asSet(set)).toEqual(asSet(before))
    if (length) expect(await valueOf(length)).toBe(lengthIn(set))
    if (width) expect(await valueOf(width)).toBe(widthIn(set) ?? '0.0')
  })
  it.runIf(length !== null)('changes in the line-up what is changed in its planner, and back', async () => {
    await type(driver, length!, '2.4')
    await byRole(driver, 'button', /^Stitch: .*2\.4/)
    await press(driver, 'button', /^Stitch: /)
    await byRole(driver, 'dialog', 'Stitch')
    const inPanel = await allByRole(driver, { role: 'textbox', name: 'Stitch length' })
    await inPanel.at(-1)!.clear()
    await inPanel.at(-1)!.sendKeys('2.8')
    await byRole(driver, 'button', /^Stitch: .*2\.8/)
    await press(driver, 'button', /^Stitch: /)
    await driver.wait(
      async () => (await valueOf(length!)) === '2.8',
      PATIENCE_MS,
      'the planner has another length',
    )
    set = await lineUp()
  })
  it('says the same on strip, walk, card and in a project', async () => {
    // It is begun, so that a project can take it.
    await type(driver, 'Name of the piece', `My ${job.toLowerCase()}`)
    await byRole(driver, 'button', new RegExp(`^Piece: My ${job.toLowerCase()}`))
    set = await lineUp()
    for (const [link, heading] of [
      [/^Trial strip/, 'Trial strip'],
      [/^Threading walk/, 'Threading walk'],
      [/^Thread and needle/, 'Thread and needle'],
      [/^Width and swing/, 'Width and swing'],
    ] as const) {
      await follow(link, heading)
      expect(await lineUp(), heading).toEqual(set)
    }
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/card`)
    await untilGone('being planned')
    const dials = (await (await byRole(driver, 'region', 'Dial in')).getText()).replace(/\s+/g, ' ')
    // Where its plan decides another number, what is set is called wanted.
    expect(dials).toContain(lengthIn(set))
    if (set.Tension.includes('Tension ')) expect(dials).toContain(numberIn(set.Tension))
    await open(driver, `${inject('demo')}/pieces`)
    const row = await byRole(driver, 'button', new RegExp(`^My ${job.toLowerCase()}`))
    const said = await row.getText()
    expect(said).toContain(`${lengthIn(set)} mm`)
    const word = set.verdict.split(/\s/)[0]!
    expect(await (await row.findElement({ xpath: './..' })).getText()).toContain(word)
    expect(await lineUp()).toEqual(set)
    // Rows of a band are each set otherwise: its plan has them.
    if (job !== 'Decorative row') await isSaidByProject(`My ${job.toLowerCase()}`, dials)
    expect(await severeLogs(driver)).toEqual([])
  })
  it('agrees backwards, from its planner to the line-up', async () => {
    await follow(new RegExp(`^${station}`), station)
    await leadTo(job)
    await press(driver, 'button', 'New piece')
    await byRole(driver, 'button', /^Piece: A new piece/)
    if (length) {
      await type(driver, length, '3.2')
      await byRole(driver, 'button', /^Stitch: .*3\.2/)
    }
    await type(driver, 'Name of the piece', `Back ${job.toLowerCase()}`)
    await byRole(driver, 'button', new RegExp(`^Piece: Back ${job.toLowerCase()}`))
    const planned = await lineUp()
    await follow(/^Trial strip/, 'Trial strip')
    await follow(/^Width and swing/, 'Width and swing')
    expect(await lineUp()).toEqual(planned)
    await follow(new RegExp(`^${station}`), station)
    await leadTo(job)
    await byRole(driver, 'button', new RegExp(`^Piece: Back ${job.toLowerCase()}`))
    expect(await lineUp()).toEqual(planned)
    await untilSaved(driver)
    expect(await severeLogs(driver)).toEqual([])
  })
})

const untilGone = (words: string) =>
  driver.wait(
    async () => !(await driver.executeScript<string>('return document.body.innerText')).includes(words),
    PATIENCE_MS,
    `still ${words}`,
  )

/** Line drawings are planned on a page of their own beside the edges. */
async function leadTo(job: string): Promise<void> {
  if (job === 'Metallic line') await press(driver, 'link', 'Lines')
}

/** A project that takes the piece says the numbers its card says. */
async function isSaidByProject(name: string, dials: string): Promise<void> {
  await open(driver, `${inject('demo')}/project`)
  await pick(driver, 'A piece', new RegExp(`^${name}`))
  const line = await byRole(driver, 'link', new RegExp(`^\\d+ ${name}`))
  await driver.wait(async () => / · /.test(await line.getText()), PATIENCE_MS, 'no numbers')
  const [, numbers] = (await line.getText()).split(' · ')
  const tension = /Tension ([\d.]+)/.exec(dials)?.[1]
  const length = /Length ([\d.]+)/.exec(dials)![1]!
  expect(numbers, dials).toContain(length)
  if (tension) expect(numbers).toContain(`tension ${tension}`)
}
