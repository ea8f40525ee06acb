import type { SteppedDial } from './types'

/**
 * Every mark the dial can be set to, lowest first; its end is one of them.
 *
 * @example
 * marksOf({ min: 0, home: 1, max: 2, step: 0.5 }) // [0, 0.5, 1, 1.5, 2]
 */
export function marksOf({ min, max, step }: SteppedDial): number[] {
  const count = Math.floor((max - min) / step + 1e-9)
  const marks = Array.from({ length: count + 1 }, (_, i) => Math.round((min + i * step) * 1e6) / 1e6)
  return marks.at(-1)! < max - 1e-9 ? [...marks, max] : marks
}

/**
 * A mark about half a mark of a usual dial further, at least one step; null: the dial ends before it.
 *
 * @example
 * markFurther({ min: 0, home: 4, max: 9, step: 0.5 }, 4, 'up') // 4.5
 */
export function markFurther(dial: SteppedDial, from: number, way: 'up' | 'down'): number | null {
  const to = from + (way === 'up' ? 1 : -1) * Math.max(dial.step, (dial.max - dial.min) / 18)
  return to < dial.min || to > dial.max ? null : nearestOf(marksOf(dial), to)
}

/**
 * @param marks - lowest first, not empty.
 *
 * @example
 * nearestOf([0, 0.5, 1], 0.6) // 0.5
 */
export function nearestOf(marks: readonly number[], at: number): number {
  const step = marks.length > 1 ? marks[1]! - marks[0]! : 1
  const guess = Math.max(0, Math.min(marks.length - 1, Math.round((at - marks[0]!) / step)))
  return [guess - 1, guess, guess + 1]
    .map(i => marks[i])
    .filter(mark => mark !== undefined)
    .reduce((best, mark) => (Math.abs(mark - at) < Math.abs(best - at) ? mark : best))
}
