import type { WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { ALL_VIEWS } from '../../app/stations'
import { type Chance, seeded } from '../torture/rounds'
import {
  type Field,
  fieldAt,
  follow,
  LISTEN,
  setUnit,
  SLIPS,
  type Surface,
  surfacesOf,
  TYPED,
  typeOver,
  wrongWith,
} from '../typing/fields'
import { open, openBrowser, type Session } from './browser'

/**
 * Every field of every view, typed into by real keys: emptied, half a number, slips, fractions, left, typed
 * again, reloaded. It finds the fields by itself. `npm run test:long` does all of it, with the demo and with
 * an empty book, in both units. Here each field has its turn once, in one book and unit by seeded turns.
 */
const isLong = process.env.TYPING === 'long'
const SURFACES = surfacesOf(ALL_VIEWS.map(({ path }) => path))
const SIX_NINES = '999999'
const ONE_IN_SHORT = 25
const HOURS_MS = 4 * 3_600_000

interface Round {
  readonly book: 'demo' | 'plain'
  readonly unit: 'mm' | 'inch'
}
const ALL_ROUNDS: readonly Round[] = [
  { book: 'demo', unit: 'mm' },
  { book: 'plain', unit: 'inch' },
  { book: 'demo', unit: 'inch' },
  { book: 'plain', unit: 'mm' },
]
const SHORT_ROUNDS = ALL_ROUNDS.slice(0, 2)

let session: Session
let driver: WebDriver
beforeAll(async () => {
  session = await openBrowser({ script: LISTEN })
  driver = session.driver
})
afterAll(() => session.quit())

const pathOf = ({ path }: Surface) => path.split('?')[0]!
/** A book keeps its unit: it is set once, and again when it is another's turn. */
const unitOf = new Map<string, string>()
async function load(surface: Surface, { book, unit }: Round): Promise<void> {
  await open(driver, inject(book) + surface.path)
  // The bench card has no frame, and with it no tools.
  if (surface.path !== '/card' && (unitOf.get(book) ?? 'mm') !== unit) {
    await setUnit(driver, unit)
    unitOf.set(book, unit)
  }
  await surface.show?.(driver)
}
/** As a link does where the same book is open already, else from the server. */
async function goTo(surface: Surface, round: Round): Promise<void> {
  const isHere = (await driver.getCurrentUrl()).startsWith(inject(round.book))
  const isSet = (unitOf.get(round.book) ?? 'mm') === round.unit
  if (isLong || surface.show !== null || !isHere || !isSet) return load(surface, round)
  await follow(driver, surface.path)
}

/** One field: all texts, each left and looked at; in short six nines, then one of them or a slip. */
async function tryField(field: Field, surface: Surface, chance: Chance): Promise<string | null> {
  // Every text is typed into an emptied field. Six nines pass every number of them on the way.
  const steps = isLong
    ? TYPED.map(text => [text])
    : [[SIX_NINES, chance.from([chance.from(TYPED), chance.from(SLIPS)])]]
  for (const texts of steps) {
    await driver.executeScript('arguments[0].focus()', field.element).catch(() => {})
    await typeOver(driver, texts)
    const wrong = await wrongWith(driver, field.element, pathOf(surface), texts.at(-1)!)
    if (wrong) return `after ${texts.map(text => `“${text}”`).join(', ')}: ${wrong}`
  }
  return null
}

async function trySurface(surface: Surface, round: Round, chance: Chance): Promise<string[]> {
  const wrong: string[] = []
  await goTo(surface, round)
  for (let place = 0; ; place++) {
    const field = await fieldAt(driver, place)
    if (!field) break
    if (surface.only && !surface.only.test(field.name)) continue
    const note = (words: string) =>
      wrong.push(`${surface.name}, ${round.book}, ${round.unit}, ${field.name}: ${words}`)
    const said = await tryField(field, surface, chance)
    if (said) note(said)
    const isReloaded = isLong || said !== null || chance.below(ONE_IN_SHORT) === 0
    if (!isReloaded) continue
    await load(surface, round)
    const again = await fieldAt(driver, place)
    const after = await wrongWith(driver, again?.element ?? null, pathOf(surface), '')
    if (after) note(`reloaded, ${after}`)
  }
  return wrong
}

const rounds = isLong ? ALL_ROUNDS : SHORT_ROUNDS
describe.each(rounds)('typing into every field, $book book, $unit', round => {
  const isTurn = (i: number) => isLong || rounds[seeded(i + 1).below(rounds.length)] === round
  const own = SURFACES.flatMap((surface, i) => (isTurn(i) ? [[surface.name, surface, i] as const] : []))
  it.each(own)(
    'leaves %s standing',
    // Never once more: an element that went stale is what is looked for.
    { timeout: isLong ? HOURS_MS : 120_000, retry: 0 },
    async (_, surface, i) => expect(await trySurface(surface, round, seeded(i + 100))).toEqual([]),
  )
})
