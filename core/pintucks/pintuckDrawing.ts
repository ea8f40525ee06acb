import { DASHED, type Drawing, line, type Mark, markingStrip, rect, text } from '#core/paper'

/** What is drawn on paper of a plan: lengths in mm, on the flat cloth. */
export interface PintuckSheet {
  readonly title: string
  readonly blankMm: number
  readonly tallMm: number
  readonly flatMm: readonly number[]
  /** Tucks whose lines must be marked, by index. */
  readonly marked: readonly number[]
  /** From and to which height each tuck runs, from the lower edge. */
  readonly runsMm: readonly (readonly [number, number])[]
  /** Writes a length in the reader's unit. */
  readonly length: (mm: number) => string
}

/**
 * The flat cloth at true size, with the lines that must be marked and the number of each tuck.
 *
 * @example
 * tiledSheets(pintuckDrawing({ title: 'Front', blankMm: 87.2, tallMm: 400, … }), 'a4')
 */
export function pintuckDrawing({ title, blankMm, tallMm, flatMm, marked, runsMm }: PintuckSheet): Drawing {
  const lines = marked.flatMap((i): Mark[] => {
    const x = flatMm[i]!
    const [from, to] = runsMm[i] ?? [0, tallMm]
    return [
      line({ x1: x, y1: tallMm - to, x2: x, y2: tallMm - from, dashMm: DASHED, lineMm: 0.25 }),
      text({ x: x + 0.8, y: tallMm - to + 5, text: `${i + 1}`, sizeMm: 3, mostMm: 8 }),
    ]
  })
  return {
    title,
    wideMm: blankMm,
    tallMm,
    marks: [rect({ x: 0, y: 0, wideMm: blankMm, tallMm, lineMm: 0.5 }), ...lines],
  }
}

/** The same lines on a strip to lay along the edge, each with its distance from the left. */
export function pintuckStrip({ title, blankMm, flatMm, marked, length }: PintuckSheet): Drawing {
  return markingStrip(
    title,
    blankMm,
    marked.map(i => ({ atMm: flatMm[i]!, words: `${i + 1}: ${length(flatMm[i]!)}` })),
  )
}
