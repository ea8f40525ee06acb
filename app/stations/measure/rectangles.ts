import { FRAME, ID_1 } from '#core/measure'
import { PAPERS } from '#core/paper'

/** A flat thing of known size one lays beside what is photographed. */
export const RECTANGLES = {
  card: { words: 'Bank card', ...ID_1 },
  frame: { words: 'Printed frame', ...FRAME },
  a4: { words: 'A4 sheet', wideMm: PAPERS.a4.tallMm, tallMm: PAPERS.a4.wideMm },
  letter: { words: 'Letter sheet', wideMm: PAPERS.letter.tallMm, tallMm: PAPERS.letter.wideMm },
  own: { words: 'Its own size', wideMm: 100, tallMm: 50 },
} as const
export type RectangleId = keyof typeof RECTANGLES
export const RECTANGLE_IDS = Object.keys(RECTANGLES) as [RectangleId, ...RectangleId[]]
