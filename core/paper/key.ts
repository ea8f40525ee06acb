import { brokenLine } from './brokenLine'
import { type Mark, text } from './marks'

const LINE_MM = 5
const LETTERS_MM = 3.2
const CHARACTERS = 84
/** How wide a key is at most, in mm: a page of either paper has room for it. */
const WIDE_MM = 150
const ABOVE_MM = 6

/**
 * What the numbers in a drawing stand for, a line for each thing that is said: numbers that say the same
 * stand together.
 *
 * @param said - for number 1, 2, 3 and so on.
 * @returns Lines to be given to `keyBelow`.
 *
 * @example
 * keyLines(['6 × 3.7', '4 × 3.5', '6 × 3.7']) // ['1, 3: 6 × 3.7', '2: 4 × 3.5']
 */
export function keyLines(said: readonly string[]): string[] {
  const numbers = new Map<string, number[]>()
  said.forEach((words, i) => numbers.set(words, [...(numbers.get(words) ?? []), i + 1]))
  return [...numbers].map(([words, of]) => `${of.join(', ')}: ${words}`)
}

/**
 * Lines of words below a drawing, broken where they are too long.
 *
 * @param x - of their left end, in mm.
 * @param y - where the drawing ends, in mm.
 *
 * @example
 * keyBelow(['1, 3: 6 × 3.7'], 8, 120).tallMm // 11
 */
export function keyBelow(
  lines: readonly string[],
  x: number,
  y: number,
): { readonly marks: readonly Mark[]; readonly wideMm: number; readonly tallMm: number } {
  const broken = lines.flatMap(words => brokenLine(words, CHARACTERS))
  const marks = broken.map((words, i) =>
    text({ x, y: y + ABOVE_MM + i * LINE_MM, text: words, sizeMm: LETTERS_MM, mostMm: WIDE_MM }),
  )
  return { marks, wideMm: x + WIDE_MM, tallMm: ABOVE_MM + broken.length * LINE_MM }
}
