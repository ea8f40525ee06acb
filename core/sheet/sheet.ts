/** A mark on paper. All lengths in mm from the top left corner. */
export type Mark =
  | {
      readonly kind: 'line'
      readonly x1: number
      readonly y1: number
      readonly x2: number
      readonly y2: number
      readonly lineMm: number
      readonly dashed: boolean
    }
  | {
      readonly kind: 'rect'
      readonly x: number
      readonly y: number
      readonly wideMm: number
      readonly tallMm: number
      readonly lineMm: number
    }
  /** `y` is the baseline; text wider than `mostMm` is set smaller until it fits. */
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly text: string
      readonly sizeMm: number
      readonly bold: boolean
      readonly anchor: 'start' | 'middle' | 'end'
      readonly mostMm: number
    }

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
const TICK_MM = 2

export const line = (x1: number, y1: number, x2: number, y2: number, lineMm = 0.3, dashed = false): Mark => ({
  kind: 'line',
  x1,
  y1,
  x2,
  y2,
  lineMm,
  dashed,
})
export const rect = (x: number, y: number, wideMm: number, tallMm: number, lineMm = 0.3): Mark => ({
  kind: 'rect',
  x,
  y,
  wideMm,
  tallMm,
  lineMm,
})
export const text = (
  x: number,
  y: number,
  said: string,
  sizeMm: number,
  mostMm: number,
  bold = false,
  anchor: 'start' | 'middle' | 'end' = 'start',
): Mark => ({ kind: 'text', x, y, text: said, sizeMm, bold, anchor, mostMm })

/** A line exactly 50 mm long, to hold a ruler to. */
export function checkLine(x: number, y: number): Mark[] {
  return [
    line(x, y, x + CHECK_LINE_MM, y),
    line(x, y - TICK_MM, x, y + TICK_MM),
    line(x + CHECK_LINE_MM, y - TICK_MM, x + CHECK_LINE_MM, y + TICK_MM),
    text(
      x + CHECK_LINE_MM + 4,
      y + 1,
      `${CHECK_LINE_MM} mm. If a ruler says otherwise, print at 100 %.`,
      3.2,
      90,
    ),
  ]
}
