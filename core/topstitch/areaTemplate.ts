import { DASHED, type Drawing, line, path, type PathStep, text } from '#core/paper'
import { areaRows } from './areaRows'

const CHORDS = 60
const PAD_MM = 8

/**
 * The first row of an area at true size, to cut out as a template, with the next row beside it.
 *
 * @param of - as {@link areaRows} takes it.
 *
 * @example
 * tiledSheets(areaTemplate('Cape', plan.area), 'a4')
 */
export function areaTemplate(title: string, of: Parameters<typeof areaRows>[0]): Drawing {
  const { rows } = areaRows(of)
  const tallMm = of.sagMm + of.distanceMm + 2 * PAD_MM
  const curve = (radiusMm: number | null, downMm: number): PathStep[] =>
    Array.from({ length: CHORDS + 1 }, (_, i) => {
      const x = (of.alongMm * i) / CHORDS
      return [i === 0 ? 'M' : 'L', x, PAD_MM + downMm + bowAt(x, of.alongMm, radiusMm)] as const
    })
  const [first, second] = rows
  return {
    title,
    wideMm: of.alongMm,
    tallMm,
    marks: [
      path({ steps: curve(first?.radiusMm ?? null, 0), lineMm: 0.5 }),
      ...(second
        ? [path({ steps: curve(second.radiusMm, of.distanceMm), lineMm: 0.25, dashMm: DASHED })]
        : []),
      line({ x1: 0, y1: 0, x2: 0, y2: tallMm, lineMm: 0.2 }),
      line({ x1: of.alongMm, y1: 0, x2: of.alongMm, y2: tallMm, lineMm: 0.2 }),
      text({ x: 4, y: tallMm - 2, text: `${rows.length} rows`, sizeMm: 3.2, mostMm: 60 }),
    ],
  }
}

/** How far an arc over a chord bows at a place along it, in mm. */
function bowAt(xMm: number, alongMm: number, radiusMm: number | null): number {
  if (radiusMm === null) return 0
  const half = alongMm / 2
  const foot = Math.sqrt(radiusMm ** 2 - half ** 2)
  return Math.sqrt(Math.max(0, radiusMm ** 2 - (xMm - half) ** 2)) - foot
}
