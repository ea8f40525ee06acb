import { type DialScale, evenFit, type FitPlan, placesAlong, planWords, stitchEnds } from '#core/fit'
import { circle, DASHED, type Drawing, type Mark, markingStrip, path, text } from '#core/paper'
import type { Outline, Point } from '#core/shape'
import type { PlannedRow } from './rows'

const PAD_MM = 6

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
 * The edge at true size with every row, each drop of the needle, and the count of each leg beside it.
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
  const marks = rows.flatMap(row => rowMarks(row, wantedMm, onPaper, words))
  return {
    title,
    wideMm: Math.max(...xs) - left + 2 * PAD_MM,
    tallMm: top - Math.min(...ys) + 2 * PAD_MM,
    marks: [wayOf(edge, closed, 0.5), ...marks],
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

function rowMarks(
  { legs, plans }: PlannedRow,
  wantedMm: number,
  onPaper: (point: Point) => Point,
  wordsOf: (plan: Pick<FitPlan, 'parts'>) => string,
): Mark[] {
  return legs.flatMap(({ pathMm, lengthMm }, leg): Mark[] => {
    if (pathMm.length < 2 || lengthMm <= 0) return []
    const plan = plans[leg]?.[0]
    const even = evenFit(lengthMm, wantedMm)
    const way = pathMm.map(onPaper)
    const [middle] = placesAlong(way, [lengthMm / 2])
    const words = wordsOf(plan ?? { parts: [{ count: even.stitches, lengthMm: even.lengthMm }] })
    return [
      wayOf(way, false, 0.2, true),
      ...placesAlong(way, [0, ...stitchEnds(plan, even)]).map(({ x, y }) =>
        circle({ x, y, radiusMm: 0.35, lineMm: 0.2 }),
      ),
      text({
        x: middle!.x + 1.5,
        y: middle!.y - 1.5,
        text: `${leg + 1}: ${words}`,
        sizeMm: 3,
        mostMm: 40,
        anchor: 'middle',
      }),
    ]
  })
}

/** One leg's stitches on a strip to lay along the row: every tenth is numbered. */
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
