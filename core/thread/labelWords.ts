import { isColourWord } from './colourWords'
import type { CountSystem } from './count'
import type { ThreadKind } from './kinds'

const SYSTEM_WORDS: Readonly<Record<string, CountSystem>> = {
  tex: 'tex',
  t: 'tex',
  dtex: 'dtex',
  decitex: 'dtex',
  den: 'denier',
  denier: 'denier',
  d: 'denier',
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
/** Words before a number that names no system. */
const NUMBER_WORDS = new Set(['no', 'nr', '#', 'size'])
const PLY_WORDS = new Set(['ply', 'plies'])
const RESULTANT = 'r'
const ALL_PURPOSE = 'allpurpose'
const FILLER = new Set([
  'thread',
  'embroidery',
  'sewing',
  'topstitch',
  'machine',
  'of',
  'g/km',
  'spun',
  'fine',
])
const UNITS = Object.keys(SYSTEM_WORDS).join('|')

/** One spelling for what is printed in several: wide digits, signs for times and over, dots behind words. */
export function plainLabel(text: string): string {
  return text
    .normalize('NFKC')
    .toLowerCase()
    .replaceAll('\u2044', '/')
    .replaceAll('×', 'x')
    .replace(/all[\s-]?purpose/g, ALL_PURPOSE)
    .replace(/(\d)-(?=[a-z])/g, '$1 ')
    .replace(/([a-z])-(?=\d)/g, '$1 ')
    .replace(/([a-z])\.(?=\s|\d|$)/g, '$1 ')
}

/** Whether a comma may part thousands: three digits stand behind it. */
export const hasThousands = (text: string) => /(?<![\d.,])\d{1,3}(,\d{3})+(?![\d.,])/.test(text)
export const withDecimalPoints = (text: string) => text.replace(/(\d),(\d)/g, '$1.$2')

/** What stands on a label, in its order. */
export interface LabelParts {
  /** `40`, `120/2`. */
  readonly counts: readonly string[]
  readonly systems: readonly CountSystem[]
  /** Said in words: `2 ply`. */
  readonly plies: number | null
  readonly kind: ThreadKind | null
  /** `No. 12`, `#12`, `size 12`. */
  readonly numbered: boolean
  /** `R 27 tex`: of the whole thread. */
  readonly isResultant: boolean
  readonly isAllPurpose: boolean
  /** The first word nobody understands. */
  readonly unknown: string | null
}

export function labelParts(text: string): LabelParts {
  const words = wordsOf(text)
  const counts: string[] = []
  const systems: CountSystem[] = []
  const parts = { plies: null as number | null, kind: null as ThreadKind | null, numbered: false }
  let [isResultant, isAllPurpose] = [false, false]
  for (const word of words) {
    if (/^[\d.]+(\/[\d.]+)?$/.test(word)) counts.push(word)
    else if (PLY_WORDS.has(word)) parts.plies = Number(counts.pop() ?? Number.NaN)
    else if (SYSTEM_WORDS[word]) addTo(systems, SYSTEM_WORDS[word])
    else if (KIND_WORDS[word]) parts.kind = moreExact(parts.kind, KIND_WORDS[word])
    else if (NUMBER_WORDS.has(word)) parts.numbered = true
    else if (word === RESULTANT) isResultant = true
    else if (word === ALL_PURPOSE) isAllPurpose = true
    else if (!FILLER.has(word) && !isColourWord(word))
      return { counts, systems, ...parts, isResultant, isAllPurpose, unknown: word }
  }
  return { counts, systems, ...parts, isResultant, isAllPurpose, unknown: null }
}

/** Pearl cotton is pearl, whichever word stands first. */
const moreExact = (before: ThreadKind | null, next: ThreadKind): ThreadKind =>
  before === 'pearl-cotton' && next === 'cotton' ? before : next

function addTo(systems: CountSystem[], system: CountSystem): void {
  if (!systems.includes(system)) systems.push(system)
}

function wordsOf(text: string): string[] {
  return (
    text
      // `50s/2`: the s says a count and nothing more.
      .replace(/(\d)s(?=[/x\s]|$)/g, '$1')
      // `110 dtex x 3`, `120d/2`: the plies stand behind the system.
      .replace(new RegExp(`(\\d)\\s*(${UNITS})\\s*[/x]\\s*(\\d+)`, 'g'), '$1/$3 $2')
      .replace(/(\d)\s*[/x]\s*(?=\d)/g, '$1/')
      // `40wt`, `tex27` and `#12` fall into word and number.
      .replace(/(\d)([a-z])/g, '$1 $2')
      .replace(/([a-z#])(\d)/g, '$1 $2')
      .split(/[\s;:()]+/)
      .filter(Boolean)
  )
}
