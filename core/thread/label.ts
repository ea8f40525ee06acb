import { CoreError } from '#core/errors'
import { type CountSystem, isNominal, texOf } from './count'
import type { ThreadKind } from './kinds'
import { hasThousands, labelParts, plainLabel, withDecimalPoints } from './labelWords'

/** Where a thread's tex comes from. `weighed` is measured; `nominal` labels differ from maker to maker. */
export type TexBasis = 'weighed' | 'label' | 'nominal'

/** One way to understand a thread label. */
export interface ThreadCount {
  readonly tex: number
  readonly system: CountSystem | 'pearl'
  readonly value: number
  readonly plies: number
  readonly basis: Exclude<TexBasis, 'weighed'>
  /** What the words on the label say it is made of; null when they do not. */
  readonly kind: ThreadKind | null
  readonly said: string
}

export type ThreadReading =
  | { readonly ok: true; readonly count: ThreadCount }
  | {
      readonly ok: false
      readonly code: 'ambiguous'
      readonly message: string
      readonly readings: readonly ThreadCount[]
    }
  | {
      readonly ok: false
      readonly code: 'empty' | 'unknown-word' | 'bad-number' | 'two-counts' | 'out-of-range'
      readonly message: string
    }
  /** No number: what it is made of may be said all the same. */
  | {
      readonly ok: false
      readonly code: 'no-count'
      readonly message: string
      readonly kind: ThreadKind | null
    }

const FORMS = 'Write 40 wt, 50/2 Ne, 120/2 den, Tex 27, Nm 80/2, ticket 120, pearl No. 12.'

/** Pearl numbers by the mass of a common ball, in tex. From memory: nominal, weigh your own. */
const PEARL_TEX: Readonly<Record<number, number>> = { 3: 330, 5: 210, 8: 125, 12: 83 }

const SYSTEM_NAMES: Readonly<Record<CountSystem, string>> = {
  tex: 'Tex',
  dtex: 'dtex',
  denier: 'denier',
  nm: 'Nm',
  ne: 'Ne',
  wt: 'wt',
  ticket: 'ticket',
}
const USUAL_WEIGHTS = new Set([12, 28, 30, 35, 40, 50, 60, 70, 80, 100])
/** From here on a bare pair like 120/2 is more likely denier than a yarn count. */
const DENIER_FROM = 110
/** Above this a bare number is no thread's tex. */
const MOST_TEX_BARE = 100
const MOST_PLIES = 24
/** What “all-purpose” polyester usually weighs, in tex. From memory: weigh your own. */
const ALL_PURPOSE_TEX = 27

/**
 * Reads a thread label the way spools print it: `120/2 den`, `50/2 Ne`, `40 wt`, `pearl No. 12`, `Tex 27`,
 * `Nm 80/2`; plies may stand first (`2/8 Ne`) or after the system (`110 dtex x 3`).
 *
 * What can be understood in more than one way is not guessed: the readings come back, the likely one first.
 *
 * @param text - as typed; case, a decimal comma and fullwidth signs are fine.
 * @returns The count with the sentence to say back; or the code, the part not understood and the forms.
 *
 * Source of the forms and of which reading is likely: common practice.
 *
 * @example
 * parseThreadLabel('50/2 Ne') // 23.62 tex: Ne 50, 2 plies
 */
export function parseThreadLabel(text: string): ThreadReading {
  const plain = plainLabel(text)
  if (/^[\s;:()]*$/.test(plain)) return refuse('empty', `Type the label from the spool. ${FORMS}`)
  if (!hasThousands(plain)) return read(withDecimalPoints(plain))
  // `5,000` is five thousand here and five there.
  return either(read(plain.replaceAll(',', '')), read(withDecimalPoints(plain)))
}

/** Two ways to read a label: what both come to, or that it can mean either. */
function either(first: ThreadReading, second: ThreadReading): ThreadReading {
  const readings = [first, second].flatMap(reading => {
    if (reading.ok) return [reading.count]
    return reading.code === 'ambiguous' ? reading.readings : []
  })
  if (readings.length === 0) return first
  return oneOf('The number', readings)
}

function read(text: string): ThreadReading {
  const { counts, systems, plies, kind, numbered, isResultant, isAllPurpose, unknown } = labelParts(text)
  if (unknown !== null) return refuse('unknown-word', `“${unknown.slice(0, 40)}” is not understood. ${FORMS}`)
  const [number, extra] = counts
  if (number === undefined) {
    if (isAllPurpose) return { ok: true, count: allPurpose(kind) }
    return { ok: false, code: 'no-count', message: `No number found. ${FORMS}`, kind }
  }
  if (counts.length === 2 && systems.length === 2) return twoCounts(counts, systems, kind)
  if (extra !== undefined)
    return refuse(
      'two-counts',
      `“${number.slice(0, 20)}” and “${extra.slice(0, 20)}” both stand there: type one count. ${FORMS}`,
    )
  const count = countParts(number, plies)
  if (!count) return badNumber(number)
  return resolve({ ...count, number, systems, kind, numbered, isResultant })
}

const badNumber = (number: string) =>
  refuse(
    'bad-number',
    `“${number.slice(0, 20)}” is not a count. Write a number above 0, and 1 to `
      + `${MOST_PLIES} plies after the slash. ${FORMS}`,
  )

interface Count {
  readonly value: number
  readonly plies: number
  readonly plied: boolean
}

/** The smaller of a pair stands for the plies, on whichever side it stands: nobody twists 8 plies of Ne 2. */
function countParts(number: string, plyWord: number | null): Count | null {
  const [first, second] = number.split('/').map(Number)
  if (!(first! > 0) || (second !== undefined && !(second > 0))) return null
  const [value, plies] = second === undefined ? [first!, plyWord ?? 1] : ordered(first!, second)
  const isCount = Number.isInteger(plies) && plies >= 1 && plies <= MOST_PLIES
  return isCount ? { value, plies, plied: second !== undefined || plyWord !== null } : null
}
function ordered(first: number, second: number): readonly [number, number] {
  const isPliesFirst = first < second && first <= MOST_PLIES && Number.isInteger(first)
  return isPliesFirst ? [second, first] : [first, second]
}

/** `40 wt 27 tex`: both are said, and they seldom agree. */
function twoCounts(
  counts: readonly string[],
  systems: readonly CountSystem[],
  kind: ThreadKind | null,
): ThreadReading {
  const readings = counts.flatMap((number, i) => {
    const count = countParts(number, null)
    return (count && countOf(systems[i]!, count.value, count.plies, kind)) ?? []
  })
  return readings.length === 0 ? outOfRange() : oneOf('This label', readings)
}

function allPurpose(kind: ThreadKind | null): ThreadCount {
  return {
    tex: ALL_PURPOSE_TEX,
    system: 'tex',
    value: ALL_PURPOSE_TEX,
    plies: 1,
    basis: 'nominal',
    kind: kind ?? 'polyester',
    said: `all-purpose: about ${ALL_PURPOSE_TEX} tex, nominal`,
  }
}

/** One reading is the answer; several are asked about. */
function oneOf(what: string, readings: readonly ThreadCount[]): ThreadReading {
  const [first, ...others] = readings
  if (others.length === 0) return { ok: true, count: first! }
  return {
    ok: false,
    code: 'ambiguous',
    message: `${what} can mean ${readings.map(({ said }) => said).join('; or ')}. Which is it?`,
    readings,
  }
}

/**
 * What a count is taken for when its label names no fibre: Ne is the cotton count, everything else is most
 * often polyester. Common practice.
 *
 * @example
 * usualKindOf({ kind: null, system: 'ne' }) // 'cotton'
 */
export function usualKindOf({ kind, system }: Pick<ThreadCount, 'kind' | 'system'>): ThreadKind {
  return kind ?? (system === 'ne' ? 'cotton' : 'polyester')
}

interface Parts extends Count {
  /** As typed. */
  readonly number: string
  readonly systems: readonly CountSystem[]
  readonly kind: ThreadKind | null
  readonly numbered: boolean
  readonly isResultant: boolean
}

function resolve(parts: Parts): ThreadReading {
  const { value, plies, plied, systems, kind, numbered, isResultant } = parts
  const number = `“${parts.number}”`
  if (isResultant) {
    const count = resultant(value, plies, kind)
    return count ? { ok: true, count } : outOfRange()
  }
  if (kind === 'pearl-cotton' && systems.length === 0) return pearl(value)
  if (systems.length > 0) {
    const readings = systems.flatMap(system => readingsIn(system, parts))
    return readings.length === 0 ? outOfRange() : oneOf(number, readings)
  }
  const isPearlNumber = !plied && PEARL_TEX[value] !== undefined && (kind === null || kind === 'cotton')
  const likely = numbered ? NUMBERED : likelySystems(value, plied)
  const readings = [
    ...(isPearlNumber ? [pearlCount(value)] : []),
    ...likely.flatMap(system => countOf(system, value, plies, kind) ?? []),
  ]
  if (readings.length === 0) return outOfRange()
  // A number alone is never a count, even where one system only makes a thread of it.
  return readings.length === 1 ? alone(number, readings) : oneOf(number, readings)
}

const alone = (number: string, readings: readonly ThreadCount[]): ThreadReading => ({
  ok: false,
  code: 'ambiguous',
  message: `${number} can mean ${readings[0]!.said}. Which is it?`,
  readings,
})

/** `No. 12` may be a pearl ball, a cotton count or a ticket: who prints it knows. */
const NUMBERED: readonly CountSystem[] = ['ne', 'ticket']

/** Tex with plies is printed of one ply and of the whole thread alike. */
function readingsIn(system: CountSystem, { value, plies, kind }: Parts): readonly ThreadCount[] {
  const each = countOf(system, value, plies, kind)
  const inAll = system === 'tex' && plies > 1 ? resultant(value, plies, kind) : null
  return [inAll, each].filter(count => count !== null)
}

/** Tex of the whole thread; null: no thread has it. */
function resultant(value: number, plies: number, kind: ThreadKind | null): ThreadCount | null {
  const whole = countOf('tex', value, 1, kind)
  const said = `Tex ${value} in all, ${plies} plies: ${round(value)} tex`
  return whole && plies > 1 ? { ...whole, plies, said } : whole
}

function pearl(value: number): ThreadReading {
  if (PEARL_TEX[value] !== undefined) return { ok: true, count: pearlCount(value) }
  return refuse(
    'bad-number',
    `Pearl cotton comes as No. ${Object.keys(PEARL_TEX).join(', ')}: “${value}” is none of them. `
      + 'Weigh a length instead.',
  )
}

/** What a number without a system may mean, the likely first. Common practice. */
function likelySystems(value: number, plied: boolean): readonly CountSystem[] {
  if (plied) return value >= DENIER_FROM ? ['denier', 'dtex', 'nm', 'ne'] : ['ne', 'nm', 'denier']
  if (USUAL_WEIGHTS.has(value)) return ['wt', 'tex', 'ticket']
  return value > MOST_TEX_BARE ? ['ticket', 'denier', 'dtex'] : ['tex', 'wt']
}

function countOf(
  system: CountSystem,
  value: number,
  plies: number,
  kind: ThreadKind | null,
): ThreadCount | null {
  try {
    const tex = texOf(system, value, plies)
    const nominal = isNominal(system)
    const count =
      system === 'wt'
        ? `${value} wt`
        : `${SYSTEM_NAMES[system]} ${value}${plies > 1 ? `, ${plies} plies` : ''}`
    return {
      tex,
      system,
      value,
      plies,
      basis: nominal ? 'nominal' : 'label',
      kind,
      said: `${count}: ${round(tex)} tex${nominal ? ', nominal' : ''}`,
    }
  } catch (error) {
    if (error instanceof CoreError) return null
    throw error
  }
}

function pearlCount(value: number): ThreadCount {
  const tex = PEARL_TEX[value]!
  return {
    tex,
    system: 'pearl',
    value,
    plies: 1,
    basis: 'nominal',
    kind: 'pearl-cotton',
    said: `pearl cotton No. ${value}: about ${tex} tex, nominal`,
  }
}

const round = (tex: number) => String(Math.round(tex * 100) / 100)
const outOfRange = () =>
  refuse('out-of-range', `That would be no thread: counts come to 0.5 to 5000 tex. ${FORMS}`)

function refuse(
  code: Exclude<Extract<ThreadReading, { ok: false }>['code'], 'ambiguous' | 'no-count'>,
  message: string,
): ThreadReading {
  return { ok: false, code, message }
}
