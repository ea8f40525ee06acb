const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
}

/** The way an arrow key goes, x to the right and y up; null: another key. */
export const arrowStep = (key: string): readonly [number, number] | null => ARROWS[key] ?? null

/** The nearest line of a grid, without the last digits of a computer's sums. */
export const snapTo = (mm: number, gridMm: number): number =>
  Math.round(1000 * Math.round(mm / gridMm) * gridMm) / 1000
