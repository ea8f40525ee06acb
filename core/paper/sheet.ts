import { line, type Mark, text } from './marks'

/** One page, drawn at true size. */
export interface Sheet {
  readonly wideMm: number
  readonly tallMm: number
  readonly marks: readonly Mark[]
}

/** Source: ISO 216 for A4; 8.5 × 11 in for letter. */
export const PAPERS = { a4: { wideMm: 210, tallMm: 297 }, letter: { wideMm: 215.9, tallMm: 279.4 } } as const
export type Paper = keyof typeof PAPERS

export const CHECK_LINE_MM = 50
/** A line to hold a ruler to: who prints on letter paper holds an inch ruler to it. */
export const CHECK_LINES = {
  a4: { longMm: CHECK_LINE_MM, words: '50 mm' },
  letter: { longMm: 50.8, words: '2 inches' },
} as const satisfies Record<Paper, { readonly longMm: number; readonly words: string }>
const TICK_MM = 2

/**
 * A line exactly 50 mm long, on letter paper 2 inches, to hold a ruler to; what to do when it is not stands
 * beside it.
 *
 * @param x - its left end, in mm from the page's left.
 * @param y - in mm from the page's top.
 *
 * @example
 * checkLine(12, 285, 'a4') // in the lower left corner of an A4 page
 */
export function checkLine(x: number, y: number, paper: Paper): Mark[] {
  const { longMm, words } = CHECK_LINES[paper]
  return [
    ...ruledLine(x, y, longMm),
    text({
      x: x + longMm + 4,
      y: y + 1,
      text: `${words}. If a ruler says otherwise, print at 100 %.`,
      sizeMm: 3.2,
      mostMm: 90,
    }),
  ]
}

/**
 * The check line without its words.
 *
 * @example
 * ruledLine(12, 285)
 */
export function ruledLine(x: number, y: number, longMm: number = CHECK_LINE_MM): Mark[] {
  const tick = (at: number) => line({ x1: at, y1: y - TICK_MM, x2: at, y2: y + TICK_MM })
  return [line({ x1: x, y1: y, x2: x + longMm, y2: y }), tick(x), tick(x + longMm)]
}
