import { formatNumber } from '#core/units'
import { describeNeedle } from './describe'
import { type Construction, NEEDLE_SIZES, NEEDLE_TYPES, type Needle, type NeedleType } from './needle'

/** What the gap on a triple label measures: neighbour to neighbour, or across all three. */
export type TripleGapReading = 'neighbour' | 'total'

/** What a label was understood as, or which part was not. */
export type NeedleReading =
  | {
      readonly ok: true
      readonly needle: Needle & { readonly type: NeedleType }
      readonly said: string
      readonly note: string | null
    }
  | {
      readonly ok: false
      readonly code: 'empty' | 'unknown-word' | 'unknown-size' | 'gap-range' | 'no-size' | 'gap-missing'
      readonly message: string
    }
  /** Only the gap was said: the whole labels it may be, with the usual sizes. */
  | {
      readonly ok: false
      readonly code: 'size-missing'
      readonly message: string
      readonly whole: readonly { readonly sizeNm: number; readonly label: string }[]
    }

const FORMS = 'Write 2.5/80, 4.0/100 jeans, triple 2.5/80, 90/14, 16.'
const SIZE_NM = { min: 50, max: 150 } as const
const GAP_MM = { min: 0.5, max: 10 } as const

/** Words on packets that mean one of our types. Source: common practice. */
const TYPE_WORDS: Readonly<Record<string, NeedleType>> = {
  ...Object.fromEntries(NEEDLE_TYPES.map(type => [type, type])),
  'jersey': 'ballpoint',
  'ball-point': 'ballpoint',
  'denim': 'jeans',
  'metal': 'metallic',
  'top-stitch': 'topstitch',
  'topstitching': 'topstitch',
  'hemstitch': 'wing',
  'nonstick': 'non-stick',
  'standard': 'universal',
}
const CONSTRUCTION_WORDS: Readonly<Record<string, Construction>> = {
  twin: 'twin',
  double: 'twin',
  triple: 'triple',
  single: 'single',
}
const FILLER = new Set(['needle', 'needles', 'mm', 'nm', 'size', 'no', 'no.', 'system', 'gap', 'apart'])
/**
 * Systems of shank, which say that a needle fits, and nothing of its size; and the letters that follow.
 * Source: common marks on packets, from memory.
 */
const SYSTEMS = /^(130\/705|705|15x1|hax1|hlx5|2020)(?=$|-|[a-z])|^130(?=-?[a-z])/
const SYSTEM_LETTERS: Readonly<Record<string, NeedleType | Construction>> = {
  h: 'universal',
  j: 'jeans',
  s: 'stretch',
  e: 'embroidery',
  m: 'sharp',
  n: 'topstitch',
  q: 'quilting',
  met: 'metallic',
  suk: 'ballpoint',
  ses: 'ballpoint',
  ll: 'leather',
  lr: 'leather',
  o: 'wing',
  wing: 'wing',
  zwi: 'twin',
  dri: 'triple',
}
const isConstruction = (said: NeedleType | Construction): said is Construction =>
  said === 'twin' || said === 'triple' || said === 'single'
/** What letters joined by hyphens say, as `h-e-zwi`; null: not all of them are known. */
function lettersOf(word: string): readonly (NeedleType | Construction)[] | null {
  const said = word.split('-').map(letters => SYSTEM_LETTERS[letters])
  return said.every(one => one !== undefined) ? said : null
}
/** Sizes that twins of a gap are usually sold in. Common practice. */
const usualSizesNm = (gapMm: number): readonly number[] => (gapMm < 4 ? [75, 80, 90] : [80, 90, 100])

/**
 * Reads a needle label the way packets print it.
 *
 * Two scales are mixed in the trade: a size is metric (80) or the other scale (12) or both (80/12), and a
 * gap stands before the size on a twin (2.5/80). `14` is 90/14, `16` and `100` are 100/16. A pair that
 * belongs together on the size table is one size, in either order; anything else before a slash is a gap.
 *
 * @param text - the label as typed; case, a decimal comma and the words twin, double, triple are fine.
 * @param tripleGap - what the gap on a triple label measures.
 * @returns The needle and the sentence to say back; or the code and a message naming the part not understood.
 *
 * Source of the size pairs: common size tables, from memory. Forms: common practice.
 *
 * @example
 * parseNeedleLabel('4.0/100 jeans') // Twin, gap 4.0, size 100/16, jeans
 */
export function parseNeedleLabel(text: string, tripleGap: TripleGapReading = 'neighbour'): NeedleReading {
  const words = wordsOf(text)
  if (words.length === 0) return refuse('empty', `Type the label from the packet. ${FORMS}`)

  let type: NeedleType = 'universal'
  let named: Construction | null = null
  const numbers: string[] = []
  let gapAlone: string | null = null
  for (const [i, word] of words.entries()) {
    const bare = word.replace(/mm$/, '')
    const letters = lettersOf(word)
    if (/^[\d.]+(\/[\d.]+){0,2}$/.test(bare)) {
      numbers.push(...bare.split('/'))
      const isLength = bare !== word || words[i + 1] === 'mm' || bare.includes('.')
      if (isLength && !bare.includes('/')) gapAlone = bare
    } else if (letters)
      for (const said of letters) {
        if (isConstruction(said)) named = said
        else if (said !== 'universal') type = said
      }
    else if (TYPE_WORDS[word]) type = TYPE_WORDS[word]
    else if (CONSTRUCTION_WORDS[word]) named = CONSTRUCTION_WORDS[word]
    else if (!FILLER.has(word))
      return refuse('unknown-word', `“${word.slice(0, 40)}” is not understood. ${FORMS}`)
  }
  if (gapAlone !== null && numbers.length === 1 && named !== 'single')
    return sizeMissing(Number(gapAlone), named ?? 'twin', type)
  const numeric = readNumbers(numbers)
  if (!('sizeNm' in numeric)) return numeric

  const { sizeNm, labelGap } = numeric
  if (labelGap === null) {
    if (named === 'twin' || named === 'triple') {
      return refuse('gap-missing', `A ${named} needle needs its gap before the size, as in 2.5/${sizeNm}.`)
    }
    return accept({ construction: 'single', gapMm: 0, sizeNm, type }, null)
  }
  if (!(labelGap >= GAP_MM.min && labelGap <= GAP_MM.max)) {
    return refuse(
      'gap-range',
      `A gap of ${labelGap} mm is outside ${GAP_MM.min} to ${GAP_MM.max} mm. ${FORMS}`,
    )
  }
  if (named === 'single')
    return refuse('gap-range', 'A single needle has no gap: leave out the number before the size.')
  if (named !== 'triple') return accept({ construction: 'twin', gapMm: labelGap, sizeNm, type }, null)
  return acceptTriple(sizeNm, labelGap, type, tripleGap)
}

function sizeMissing(
  gapMm: number,
  construction: Exclude<Construction, 'single'>,
  type: NeedleType,
): NeedleReading {
  if (!(gapMm >= GAP_MM.min && gapMm <= GAP_MM.max))
    return refuse('gap-range', `A gap of ${gapMm} mm is outside ${GAP_MM.min} to ${GAP_MM.max} mm. ${FORMS}`)
  const gap = formatNumber(gapMm, 1)
  const whole = usualSizesNm(gapMm).map(sizeNm => {
    const words = [construction === 'triple' ? 'triple' : '', `${gap}/${sizeNm}`, type]
    return { sizeNm, label: words.filter(word => word !== '' && word !== 'universal').join(' ') }
  })
  const message =
    `A ${construction} with a gap of ${gap}: which size? ` + `It stands behind the gap, as in ${gap}/80.`
  return { ok: false, code: 'size-missing', message, whole }
}

function wordsOf(text: string): string[] {
  return (
    text
      .normalize('NFKC')
      .replaceAll('\u2044', '/')
      .toLowerCase()
      .replace(/(\d),(\d)/g, '$1.$2')
      // As the tiles say it: `3× 2.5/80`.
      .replace(/^\s*([23])\s*[x×]\s*(?=\d)/, (_, blades: string) => (blades === '3' ? 'triple ' : 'twin '))
      .replace(/\s*\/\s*/g, '/')
      // A system’s 130 stands before letters; alone it is a size.
      .replace(/\b130\s+(?=[a-z])/g, '')
      .split(/[\s;:()]+/)
      // A system stands before its letters, with or without a space.
      .map(word => word.replace(SYSTEMS, '').replace(/^-/, ''))
      .filter(Boolean)
  )
}

/** What the gap on a triple's packet measures is a school. */
function acceptTriple(
  sizeNm: number,
  labelGap: number,
  type: NeedleType,
  tripleGap: TripleGapReading,
): NeedleReading {
  const printed = formatNumber(labelGap, 1)
  if (tripleGap === 'total')
    return accept(
      { construction: 'triple', gapMm: labelGap / 2, sizeNm, type },
      `${printed} is read as the distance across all three.`,
    )
  return accept(
    { construction: 'triple', gapMm: labelGap, sizeNm, type },
    `${printed} is read as the distance between neighbours; the outer two stand `
      + `${formatNumber(2 * labelGap, 1)} mm apart.`,
  )
}

type Numbers = { readonly sizeNm: number; readonly labelGap: number | null }

function readNumbers(texts: readonly string[]): Numbers | Extract<NeedleReading, { ok: false }> {
  const values = texts.map(Number)
  const broken = texts.find((_, index) => !Number.isFinite(values[index]))
  if (broken !== undefined) return refuse('unknown-size', `“${broken}” is not a number. ${FORMS}`)
  const [first, second, third] = values
  if (first === undefined || values.length > 3) return refuse('no-size', `No needle size found. ${FORMS}`)
  if (third !== undefined) {
    const size = pairedSize(second!, third)
    return size === null ? unknownSize(`${second}/${third}`) : { sizeNm: size, labelGap: first }
  }
  if (second === undefined) {
    const size = singleSize(first)
    return size === null ? unknownSize(texts[0]!) : { sizeNm: size, labelGap: null }
  }
  // 8/60 is the pair 60/8 turned round; 8.0/60 was typed with its decimal and is a gap.
  const paired = texts.some(text => text.includes('.')) ? null : pairedSize(first, second)
  if (paired !== null) return { sizeNm: paired, labelGap: null }
  if (first >= SIZE_NM.min)
    return refuse('unknown-size', `${first}/${second} is not a size pair. ${pairHint(first)}`)
  const size = singleSize(second)
  return size === null ? unknownSize(texts[1]!) : { sizeNm: size, labelGap: first }
}

function singleSize(value: number): number | null {
  const other = NEEDLE_SIZES.find(pair => pair[1] === value)
  if (other) return other[0]
  return Number.isInteger(value) && value >= SIZE_NM.min && value <= SIZE_NM.max ? value : null
}

function pairedSize(a: number, b: number): number | null {
  return (
    NEEDLE_SIZES.find(([nm, other]) => (nm === a && other === b) || (nm === b && other === a))?.[0] ?? null
  )
}

function pairHint(nm: number): string {
  const pair = NEEDLE_SIZES.find(([metric]) => metric === nm)
  return pair ? `${nm} goes with ${pair[1]}: type ${pair[0]}/${pair[1]}.` : FORMS
}

function unknownSize(text: string) {
  return refuse(
    'unknown-size',
    `“${text}” is not a needle size. Metric sizes run from 60 to 120, the other scale from 8 to 19.`,
  )
}

function refuse(
  code: Exclude<Extract<NeedleReading, { ok: false }>['code'], 'size-missing'>,
  message: string,
) {
  return { ok: false, code, message } as const
}

function accept(needle: Needle & { readonly type: NeedleType }, note: string | null): NeedleReading {
  return { ok: true, needle, said: describeNeedle(needle), note }
}
