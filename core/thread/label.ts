import { CoreError } from '#core/errors'
import { type CountSystem, isNominal, texOf } from './count'
import type { ThreadKind } from './kinds'

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
      readonly code: 'empty' | 'unknown-word' | 'bad-number' | 'no-count' | 'two-counts' | 'out-of-range'
      readonly message: string
    }

const FORMS =
  'Forms that are understood: 40 wt, 50/2 Ne, 120/2 den, Tex 27, Nm 80/2, ticket 120, pearl No. 12.'

/** Pearl numbers by the mass of a common ball, in tex. From memory: nominal, weigh your own. */
export const PEARL_TEX: Readonly<Record<number, number>> = { 3: 330, 5: 210, 8: 125, 12: 83 }

const SYSTEM_WORDS: Readonly<Record<string, CountSystem>> = {
  tex: 'tex',
  dtex: 'dtex',
  decitex: 'dtex',
  den: 'denier',
  denier: 'denier',
  nm: 'nm',
  ne: 'ne',
  nec: 'ne',
  wt: 'wt',
  weight: 'wt',
  tkt: 'ticket',
  ticket: 'ticket',
}
const KIND_WORDS: Readonly<Record<string, ThreadKind>> = {
  cotton: 'cotton',
  rayon: 'rayon',
  viscose: 'rayon',
  polyester: 'polyester',
  poly: 'polyester',
  silk: 'silk',
  wool: 'wool',
  pearl: 'pearl-cotton',
  perle: 'pearl-cotton',
  metallic: 'metallic',
  film: 'film',
  tinsel: 'film',
  holographic: 'film',
  monofilament: 'monofilament',
  invisible: 'monofilament',
  nylon: 'monofilament',
}
/** `No. 12` names a pearl ball; `No. 50` is how some cottons print their Ne, so it is left to the numbers. */
const NUMBER_WORDS = new Set(['no', 'no.', 'nr', 'nr.', '#', 'size'])
const FILLER = new Set([
  'thread',
  'ply',
  'embroidery',
  'sewing',
  'topstitch',
  'machine',
  'of',
  'g/km',
  'spun',
  'fine',
])
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
/** Above this a bare number is no thread's tex. */
const MOST_TEX_BARE = 100
const DENIER_FROM = 110

/**
 * Reads a thread label the way spools print it: `120/2 den`, `50/2 Ne`, `40 wt`, `No. 12`, `Tex 27`, `Nm
 * 80/2`.
 *
 * A number that names no system is not guessed: the readings come back, the likely one first.
 *
 * @param text - as typed; case and a decimal comma are fine; `x` does for `/` between count and plies.
 * @returns The count with the sentence to say back; or the code, the part not understood and the forms.
 *
 * Source of the forms and of which reading is likely: common practice.
 *
 * @example
 * parseThreadLabel('50/2 Ne') // 23.62 tex: Ne 50, 2 plies
 */
export function parseThreadLabel(text: string): ThreadReading {
  const words = wordsOf(text)
  if (words.length === 0) return refuse('empty', `Type the label from the spool. ${FORMS}`)

  let system: CountSystem | null = null
  let kind: ThreadKind | null = null
  let numbered = false
  const numbers: string[] = []
  for (const word of words) {
    if (/^[\d.]+(\/[\d.]+)?$/.test(word)) numbers.push(word)
    else if (SYSTEM_WORDS[word]) system = SYSTEM_WORDS[word]
    else if (KIND_WORDS[word]) kind = KIND_WORDS[word]
    else if (NUMBER_WORDS.has(word)) numbered = true
    else if (!FILLER.has(word))
      return refuse('unknown-word', `“${word.slice(0, 40)}” is not understood. ${FORMS}`)
  }
  const [number, extra] = numbers
  if (number === undefined) return refuse('no-count', `No number found. ${FORMS}`)
  if (extra !== undefined)
    return refuse(
      'two-counts',
      `“${number.slice(0, 20)}” and “${extra.slice(0, 20)}” both stand there: type one count. ${FORMS}`,
    )
  const [value, plies = 1] = number.split('/').map(Number)
  if (!(value! > 0) || !Number.isInteger(plies) || !(plies >= 1 && plies <= 24)) {
    return refuse(
      'bad-number',
      `“${number.slice(0, 20)}” is not a count: it is a number above 0, and behind the slash 1 to `
        + `24 plies. ${FORMS}`,
    )
  }
  return resolve({ value: value!, plies, plied: number.includes('/'), system, kind, numbered })
}

function wordsOf(text: string): string[] {
  return (
    text
      .toLowerCase()
      .replace(/(\d),(\d)/g, '$1.$2')
      .replace(/\s*([/×])\s*/g, '/')
      .replace(/(\d)x(\d)/g, '$1/$2')
      // `40wt`, `tex27` and `#12` fall into word and number.
      .replace(/(\d)([a-z])/g, '$1 $2')
      .replace(/([a-z#.])(\d)/g, (match, before: string, digit: string) =>
        before === '.' ? match : `${before} ${digit}`,
      )
      .replace(/\b(no|nr)\.\s*(\d)/g, '$1 $2')
      .split(/[\s;:()]+/)
      .filter(Boolean)
  )
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

interface Parts {
  readonly value: number
  readonly plies: number
  readonly plied: boolean
  readonly system: CountSystem | null
  readonly kind: ThreadKind | null
  readonly numbered: boolean
}

function resolve({ value, plies, plied, system, kind, numbered }: Parts): ThreadReading {
  if (system !== null) {
    const count = countOf(system, value, plies, kind)
    return count ? { ok: true, count } : outOfRange()
  }
  const pearl =
    !plied
    && PEARL_TEX[value] !== undefined
    && (kind === null || kind === 'pearl-cotton' || kind === 'cotton')
      ? pearlCount(value)
      : null
  if (pearl && (numbered || kind === 'pearl-cotton')) return { ok: true, count: pearl }
  if (kind === 'pearl-cotton') {
    return refuse(
      'bad-number',
      `Pearl cotton comes as No. ${Object.keys(PEARL_TEX).join(', ')}: “${value}” is none of them. `
        + 'Weigh a length instead.',
    )
  }
  const likely = likelySystems(value, plied)
  const readings = [
    ...(pearl ? [pearl] : []),
    ...likely.flatMap(system => countOf(system, value, plies, kind) ?? []),
  ]
  const [first] = readings
  if (!first) return outOfRange()
  const number = plied ? `${value}/${plies}` : String(value)
  return {
    ok: false,
    code: 'ambiguous',
    message: `“${number}” can mean ${readings.map(({ said }) => said).join('; or ')}. Which is it?`,
    readings,
  }
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
  code: Exclude<Extract<ThreadReading, { ok: false }>['code'], 'ambiguous'>,
  message: string,
): ThreadReading {
  return { ok: false, code, message }
}
