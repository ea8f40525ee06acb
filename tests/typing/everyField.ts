import type { WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { ALL_VIEWS } from '../../app/stations'
import { open, openBrowser, type Session } from '../browser/browser'
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
} from './fields'

/**
 * Every field of every view, typed into by real keys: emptied, half a number, slips, fractions, left, typed
 * again, reloaded. It finds the fields by itself. `npm run test:long` does all of it, with the demo and with
 * an empty book, in both units. In short each field has its turn once, in one book and unit by seeded turns.
 * Each book has a test file of its own, so that two browsers type at the same time.
 */
const isLong = process.env.TYPING === 'long'
const SURFACES = surfacesOf(ALL_VIEWS.map(({ path }) => path))
const SIX_NINES = '999999'
const ONE_IN_SHORT = 25
const HOURS_MS = 4 * 3_600_000

type Book = 'demo' | 'plain'
type Unit = 'mm' | 'inch'
interface Round {
  readonly book: Book
  readonly unit: Unit
}
/** In short each book is typed into in the first of its units. */
const UNITS: Readonly<Record<Book, readonly [Unit, Unit]>> = { demo: ['mm', 'inch'], plain: ['inch', 'mm'] }
const BOOKS = Object.keys(UNITS) as Book[]

let driver: WebDriver

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

/** Six nines pass every number of them on the way: they break most. */
const textInShort = (chance: Chance) =>
  chance.from([SIX_NINES, SIX_NINES, chance.from(TYPED), chance.from(SLIPS)])

/** One field, emptied and typed into: all texts, each left and looked at; in short one of them. */
async function tryField(field: Field, surface: Surface, chance: Chance): Promise<string | null> {
  for (const text of isLong ? TYPED : [textInShort(chance)]) {
    await driver.executeScript('arguments[0].focus()', field.element).catch(() => {})
    await typeOver(driver, text)
    const wrong = await wrongWith(driver, field.element, pathOf(surface), text)
    if (wrong) return `after “${text}”: ${wrong}`
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

/** These turns part the surfaces into two files that take about as long. */
const EVEN_TURNS = 8
const isTurnOf = (book: Book, i: number) => BOOKS[seeded(i + EVEN_TURNS).below(BOOKS.length)] === book
const ownSurfaces = (book: Book) =>
  SURFACES.flatMap((surface, i) => (isLong || isTurnOf(book, i) ? [[surface.name, surface, i] as const] : []))

/** The tests of one book, for a file of their own. */
export function typeIntoEveryField(book: Book): void {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser({ script: LISTEN })
    driver = session.driver
  })
  afterAll(() => session.quit())

  const units = isLong ? UNITS[book] : [UNITS[book][0]]
  describe.each(units)(`typing into every field, ${book} book, %s`, unit => {
    it.each(ownSurfaces(book))(
      'leaves %s standing',
      // Never once more: an element that went stale is what is looked for.
      { timeout: isLong ? HOURS_MS : 120_000, retry: 0 },
      async (_, surface, i) => expect(await trySurface(surface, { book, unit }, seeded(i + 100))).toEqual([]),
    )
  })
}
