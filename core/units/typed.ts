import { parseDecimal } from './number'
import { type LengthUnit, MM_PER_INCH } from './unit'

/** What a person typed, understood. */
export interface TypedNumber {
  readonly value: number
  /** How the text was understood, where it was more than a number: `2 × 1.2`, `1/2 in`; null: a number. */
  readonly said: string | null
}
export interface TypedLength {
  readonly mm: number
  /** How the text was understood, where it was more than a number in the unit shown; null: just that. */
  readonly said: string | null
}

/** Nobody types more for one number; what is longer was pasted by mistake. */
const MOST_LETTERS = 60
/** What stands on a ruler: a fraction over one of these is inches, over anything else a division. */
const RULER_MARKS: readonly number[] = [2, 4, 8, 16, 32, 64]

const OPERATORS: Readonly<Record<string, '+' | '−' | '×' | '÷'>> = {
  '+': '+',
  '-': '−',
  '−': '−',
  '*': '×',
  '×': '×',
  'x': '×',
  '·': '×',
  '/': '÷',
  ':': '÷',
  '÷': '÷',
}
const UNITS = { mm: 1, cm: 10, in: MM_PER_INCH } as const
type Unit = keyof typeof UNITS
/** What a bare number is in. */
const TYPED_AS: Readonly<Record<LengthUnit, Unit>> = { mm: 'mm', inch: 'in' }

const MIXED = /(\d+)[ -](\d+)\/(\d+)(?![\d.,/])/y
const FRACTION = /(\d+)\/(\d+)(?![\d.,/])/y
const NUMBER = /\d+(?:[.,]\d*)?|[.,]\d+/y
const UNIT = / ?(mm|cm|inches|inch|in\b|")/iy
const OPERATOR = / ?([-+−*×x·/:÷]) ?/y

/** A number with the unit it was typed with; null: none. */
interface Quantity {
  readonly value: number
  readonly unit: Unit | null
}
interface Factor extends Quantity {
  readonly said: string
}

/**
 * Reads a typed length: `4.5`, `4,5`, `.5`, `1/4`, `1½`, `12 1/2`, `1 5/8 in`, `2.5″`, `6.35 mm`, and
 * simple arithmetic: `2*1.2`, `11/24`, `60 - 2 x 6`. A unit in the text beats the unit shown. A
 * fraction as it stands on a ruler is in inches, whatever is shown; any other is a division.
 *
 * @param text - what was typed.
 * @param unit - what a bare number is in.
 * @returns The length in mm, finite; null when the text is not a length.
 *
 * @example
 * readLength('2*1.2', 'mm') // { mm: 2.4, said: '2 × 1.2' }
 * readLength('1/4', 'mm') // { mm: 6.35, said: '1/4 in' }
 */
export function readLength(text: string, unit: LengthUnit): TypedLength | null {
  const shown = TYPED_AS[unit]
  const read = readSum(plainText(text), { hasUnits: true, shown })
  if (!read) return null
  const mm = read.total.value * UNITS[read.total.unit ?? shown]
  return Number.isFinite(mm) ? { mm, said: read.said } : null
}

/**
 * {@link readLength} without what was understood.
 *
 * @example
 * parseLength('1/4 in', 'mm') // 6.35
 */
export function parseLength(text: string, unit: LengthUnit): number | null {
  return readLength(text, unit)?.mm ?? null
}

/**
 * Reads a typed number without a unit, with the same fractions and arithmetic as {@link readLength}.
 *
 * @returns The number, finite; null when the text is none.
 *
 * @example
 * readNumber('1/2') // { value: 0.5, said: null }
 */
export function readNumber(text: string): TypedNumber | null {
  const read = readSum(plainText(text), { hasUnits: false, shown: null })
  if (!read || !Number.isFinite(read.total.value)) return null
  return { value: read.total.value, said: read.said }
}

/** Fractions in one sign, wide digits and inch marks in the spelling of a keyboard. */
function plainText(text: string): string {
  return text
    .replace(/[″”“]|''|′′/g, '"')
    .replace(/[\u00bc-\u00be\u2150-\u215e]/g, sign => ` ${sign}`)
    .normalize('NFKC')
    .replaceAll('\u2044', '/')
    .replace(/\s+/g, ' ')
    .trim()
}

interface Reader {
  readonly hasUnits: boolean
  readonly shown: Unit | null
}
interface Sum {
  readonly total: Quantity
  readonly said: string | null
}

/** Factors and the signs between them, from left to right; null where something else stands in the text. */
function readSum(text: string, reader: Reader): Sum | null {
  if (text === '' || text.length > MOST_LETTERS) return null
  let at = 0
  const next = (pattern: RegExp): RegExpExecArray | null => {
    pattern.lastIndex = at
    const found = pattern.exec(text)
    if (found) at = pattern.lastIndex
    return found
  }
  const sign = '-−'.includes(next(/([-−+]) ?/y)?.[1] ?? '+') ? -1 : 1
  const factors: Factor[] = []
  const signs: string[] = []
  for (;;) {
    const factor = readFactor(next, reader)
    if (!factor) return null
    factors.push(factor)
    if (at === text.length) break
    const operator = next(OPERATOR)?.[1]
    if (!operator) return null
    signs.push(OPERATORS[operator]!)
  }
  const total = totalOf(factors, signs, sign, reader.shown)
  if (!total) return null
  const words = factors.map(({ said }, i) => (i === 0 ? said : `${signs[i - 1]} ${said}`)).join(' ')
  return { total, said: isPlain(factors, reader) ? null : `${sign < 0 ? '−' : ''}${words}` }
}

function readFactor(next: (pattern: RegExp) => RegExpExecArray | null, reader: Reader): Factor | null {
  const number = readFraction(next) ?? readPlain(next)
  if (!number) return null
  if (!reader.hasUnits) return { ...number, unit: null }
  const typed = next(UNIT)?.[1]?.toLowerCase()
  if (typed) {
    const unit: Unit = typed === 'mm' || typed === 'cm' ? typed : 'in'
    return { value: number.value, unit, said: `${number.said} ${unit}` }
  }
  if (!number.isRuler) return { ...number, unit: null }
  return { value: number.value, unit: 'in', said: reader.shown === 'in' ? number.said : `${number.said} in` }
}

interface Plain {
  readonly value: number
  readonly said: string
  /** Whether it is written as on a ruler. */
  readonly isRuler: boolean
}
function readPlain(next: (pattern: RegExp) => RegExpExecArray | null): Plain | null {
  const found = next(NUMBER)
  return found ? { value: parseDecimal(found[0]), said: found[0], isRuler: false } : null
}
function readFraction(next: (pattern: RegExp) => RegExpExecArray | null): Plain | null {
  const mixed = next(MIXED)
  if (mixed) {
    const [whole, top, bottom] = [Number(mixed[1]), Number(mixed[2]), Number(mixed[3])]
    // `1 5/4` is nothing on a ruler: one of its numbers is a slip.
    const value = top < bottom ? whole + top / bottom : Number.NaN
    return { value, said: `${whole} ${top}/${bottom}`, isRuler: true }
  }
  const found = next(FRACTION)
  if (!found) return null
  const [top, bottom] = [Number(found[1]), Number(found[2])]
  const isRuler = top < bottom && RULER_MARKS.includes(bottom)
  return { value: top / bottom, said: isRuler ? `${top}/${bottom}` : `${top} ÷ ${bottom}`, isRuler }
}

/** One factor that says no more than the number does. */
function isPlain([first, ...more]: readonly Factor[], { shown }: Reader): boolean {
  if (more.length > 0) return false
  return (first!.unit === null || first!.unit === shown) && !first!.said.includes('÷')
}

/** Products before sums; null where the units cannot go together. */
function totalOf(
  factors: readonly Factor[],
  signs: readonly string[],
  sign: 1 | -1,
  shown: Unit | null,
): Quantity | null {
  let product: Quantity | null = { ...factors[0]!, value: sign * factors[0]!.value }
  const terms: Quantity[] = []
  for (const [i, operator] of signs.entries()) {
    const factor = factors[i + 1]!
    if (operator === '+' || operator === '−') {
      terms.push(product)
      product = { unit: factor.unit, value: operator === '+' ? factor.value : -factor.value }
    } else {
      product = operator === '×' ? times(product, factor) : over(product, factor)
    }
    if (!product) return null
  }
  if (terms.length === 0) return product
  return [...terms, product].reduce((sum, term) => plus(sum, term, shown))
}
/** A length by a length is no length. */
function times(a: Quantity, b: Quantity): Quantity | null {
  if (a.unit !== null && b.unit !== null) return null
  return { value: a.value * b.value, unit: a.unit ?? b.unit }
}
function over(a: Quantity, b: Quantity): Quantity | null {
  return b.unit === null ? { value: a.value / b.value, unit: a.unit } : null
}
function plus(a: Quantity, b: Quantity, shown: Unit | null): Quantity {
  if (shown === null) return { value: a.value + b.value, unit: null }
  const inShown = ({ value, unit }: Quantity) => (value * UNITS[unit ?? shown]) / UNITS[shown]
  return { value: inShown(a) + inShown(b), unit: shown }
}
