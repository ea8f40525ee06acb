import { formatShort } from '#core/units'
import { type LimitName, LIMITS } from './fields'

/** A range by its name, or its two ends where a record brings its own. */
export type Limit = LimitName | readonly [number, number]

const MOST_QUOTED = 20

/**
 * What is wrong with a number a person typed, in words.
 *
 * @param text - as it was typed.
 * @param value - what it says; null: it is no number.
 * @param whole - whether only whole numbers count. @defaultValue false
 * @returns null: nothing.
 *
 * @example
 * numberProblem('0', 0, 'copies', true) // 'Type a whole number from 1 to 999.'
 */
export function numberProblem(
  text: string,
  value: number | null,
  limit: Limit,
  whole = false,
): string | null {
  const [min, max] = typeof limit === 'string' ? LIMITS[limit] : limit
  const range = `${formatShort(min)} to ${formatShort(max)}`
  const kind = whole ? 'whole number' : 'number'
  if (value === null) return `“${text.trim().slice(0, MOST_QUOTED)}” is not a number. Type ${range}.`
  const isGood = value >= min && value <= max && (!whole || Number.isInteger(value))
  return isGood ? null : `Type a ${kind} from ${range}.`
}
