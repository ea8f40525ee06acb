import { type DialScale, evenFit, type FitPlan, placesAlong, planWords, stitchEnds } from '#core/fit'
import { circle, DASHED, type Drawing, keyBelow, type Mark, markingStrip, path, text } from '#core/paper'
import type { Point } from '#core/plane'
import type { Outline } from '#core/shape'
import type { OutlineLeg } from './legs'
import type { PlannedRow } from './rows'

const PAD_MM = 6
const NUMBER_MM = 3.2
const NUMBER_OFF_MM = 4

/** What is drawn on paper of rows along an edge. */
export interface TopstitchSheet {
  readonly title: string
  readonly outline: Outline
  readonly rows: readonly PlannedRow[]
  readonly wantedMm: number
  /** How the planned lengths stand on the dial. */
  readonly scale: DialScale
  /** Writes a length in the reader's unit. */
  readonly length: (mm: number) => string
}

/**
 * The edge at true size with every row, each needle position, and the number of each side; below, what is
 * counted along each.
 *
 * @example
 * tiledSheets(topstitchDrawing({ title: 'Pocket', outline, rows, wantedMm: 3, scale, length }), 'a4')
 */
export function topstitchDrawing({ title, outline, rows, wantedMm, scale, length }: TopstitchSheet): Drawing {
  const { pointsMm, closed } = outline
  const [xs, ys] = [pointsMm.map(({ x }) => x), pointsMm.map(({ y }) => y)]
  const [left, top] = [Math.min(...xs), Math.max(...ys)]
  const onPaper = ({ x, y }: Point): Point => ({ x: x - left + PAD_MM, y: top - y + PAD_MM })
  const edge = pointsMm.map(onPaper)
  const words = (plan: Pick<FitPlan, 'parts'>) => planWords(plan, length, scale)
  const [wideMm, tallMm] = [Math.max(...xs) - left + 2 * PAD_MM, top - Math.min(...ys) + 2 * PAD_MM]
  const key = keyBelow(
    rows.map((row, r) => rowWords(row, r, wantedMm, words)),
    PAD_MM,
    tallMm,
  )
  return {
    title,
    wideMm: Math.max(wideMm, key.wideMm),
    tallMm: tallMm + key.tallMm,
    marks: [
      wayOf(edge, closed, 0.5),
      ...rows.flatMap(row => rowMarks(row, wantedMm, onPaper)),
      ...numbersOf(rows, onPaper, { x: wideMm / 2, y: tallMm / 2 }),
      ...key.marks,
    ],
  }
}

function wayOf(points: readonly Point[], closed: boolean, lineMm: number, dashed = false): Mark {
  const steps = points.map(({ x, y }, i) => [i === 0 ? 'M' : 'L', x, y] as const)
  return path({
    steps: closed ? [...steps, ['Z']] : steps,
    lineMm,
    dashMm: dashed ? DASHED : null,
  })
}

function rowMarks({ legs, plans }: PlannedRow, wantedMm: number, onPaper: (point: Point) => Point): Mark[] {
  return legs.flatMap((leg, i): Mark[] => {
    if (!isSewn(leg)) return []
    const way = leg.pathMm.map(onPaper)
    const ends = stitchEnds(plans[i]?.[0], evenFit(leg.lengthMm, wantedMm))
    return [
      wayOf(way, false, 0.2, true),
      ...placesAlong(way, [0, ...ends]).map(({ x, y }) => circle({ x, y, radiusMm: 0.35, lineMm: 0.2 })),
    ]
  })
}

const isSewn = ({ pathMm, lengthMm }: OutlineLeg) => pathMm.length >= 2 && lengthMm > 0

/** “Row 1, side 1: 41 × 3.0; side 2: 4 × 3.1” */
function rowWords(
  { legs, plans }: PlannedRow,
  row: number,
  wantedMm: number,
  wordsOf: (plan: Pick<FitPlan, 'parts'>) => string,
): string {
  const sides = legs.flatMap((leg, i) => {
    if (!isSewn(leg)) return []
    const even = evenFit(leg.lengthMm, wantedMm)
    const plan = plans[i]?.[0] ?? { parts: [{ count: even.stitches, lengthMm: even.lengthMm }] }
    return [`side ${i + 1}: ${wordsOf(plan)}`]
  })
  return `Row ${row + 1}, ${sides.join('; ')}`
}

/** The number of each side, inside the innermost row that has it: away from every row. */
function numbersOf(rows: readonly PlannedRow[], onPaper: (p: Point) => Point, middle: Point): Mark[] {
  const count = Math.max(0, ...rows.map(({ legs }) => legs.length))
  return Array.from({ length: count }, (_, i): Mark[] => {
    const leg = rows.map(({ legs }) => legs[i]).findLast(one => one !== undefined && isSewn(one))
    if (!leg) return []
    const way = leg.pathMm.map(onPaper)
    const [at, after] = placesAlong(way, [leg.lengthMm / 2, leg.lengthMm / 2 + 0.5])
    const across = { x: after!.y - at!.y, y: at!.x - after!.x }
    const isInward = across.x * (middle.x - at!.x) + across.y * (middle.y - at!.y) >= 0
    const off = ((isInward ? 1 : -1) * NUMBER_OFF_MM) / (Math.hypot(across.x, across.y) || 1)
    return [
      text({
        x: at!.x + off * across.x,
        y: at!.y + off * across.y + NUMBER_MM / 3,
        text: String(i + 1),
        sizeMm: NUMBER_MM,
        mostMm: 10,
        anchor: 'middle',
        bold: true,
      }),
    ]
  }).flat()
}

/** One side's stitches on a strip to lay along the row: every tenth is numbered. */
export function legStrip(title: string, { legs, plans }: PlannedRow, leg: number, wantedMm: number): Drawing {
  const { lengthMm } = legs[leg]!
  const ends = stitchEnds(plans[leg]?.[0], evenFit(lengthMm, wantedMm))
  return markingStrip(
    title,
    lengthMm,
    ends.map((atMm, i) => ({
      atMm: Math.min(atMm, lengthMm),
      words: (i + 1) % 10 === 0 || i === ends.length - 1 ? `${i + 1}` : '',
    })),
  )
}
