import type { Reading, ReadingName, ReadingStep } from '#core/trial'

/** What the two readings are called. */
export const READING_NAMES = {
  ridge: 'Tuck height',
  show: 'Thread balance',
} as const satisfies Record<ReadingName, string>

/** What each of the seven steps looks like, in a few words. */
const STEP_WORDS: Readonly<Record<ReadingName, Readonly<Record<`${ReadingStep}`, string>>>> = {
  ridge: {
    '-3': 'slack',
    '-2': 'loose',
    '-1': 'hardly loose',
    '0': 'flat',
    '1': 'slight tuck',
    '2': 'stands up',
    '3': 'pulls hard',
  },
  show: {
    '-3': 'loops below',
    '-2': 'dots below',
    '-1': 'hair below',
    '0': 'locked inside',
    '1': 'bobbin hair',
    '2': 'bobbin dots',
    '3': 'bobbin on top',
  },
}

/**
 * A reading in words; between two steps both are named.
 *
 * @example
 * readingWord('show', -0.5) // 'between hair below and locked inside'
 */
export function readingWord(name: ReadingName, reading: Reading | null): string {
  if (reading === null) return 'not read'
  const words = (step: number) => STEP_WORDS[name][`${step as ReadingStep}`]
  if (Number.isInteger(reading)) return words(reading)
  return `between ${words(Math.floor(reading))} and ${words(Math.ceil(reading))}`
}

/**
 * A reading as a signed number.
 *
 * @example
 * signed(-1.5) // '−1½'
 */
export function signed(reading: number): string {
  if (reading === 0) return '0'
  const size = Math.abs(reading)
  const half = Number.isInteger(size) ? '' : '½'
  const whole = Math.floor(size) === 0 && half ? '' : Math.floor(size)
  return `${reading > 0 ? '+' : '−'}${whole}${half}`
}
