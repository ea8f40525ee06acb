import { circle, type Drawing, type Mark, path, text } from '#core/paper'
import { boundsOf, type Point } from '#core/shape'
import type { LineDrawing } from './drawing'
import type { SewnLines } from './sewn'

const PAD_MM = 8

/**
 * A line drawing at true size with every hole, the number of each step, and where each run begins.
 *
 * @example
 * tiledSheets(linesSheet('Plume', drawing, sewn), 'a4')
 */
export function linesSheet(title: string, { lines }: LineDrawing, sewn: SewnLines): Drawing {
  const { left, right, foot, top } = boundsOf(lines.map(({ pathMm }) => pathMm))
  const place = ({ x, y }: Point): Point => ({ x: x - left + PAD_MM, y: top - y + PAD_MM })
  const ways = lines.map(({ pathMm }) =>
    path({
      steps: pathMm.map(place).map(({ x, y }, i) => [i === 0 ? 'M' : 'L', x, y] as const),
      lineMm: 0.25,
    }),
  )
  const holes = sewn.lines.flatMap(line =>
    line.holes.map(hole => circle({ ...place(hole), radiusMm: 0.3, lineMm: 0.15 })),
  )
  let number = 0
  const seen = new Set<number>()
  const numbers = sewn.steps.flat().map(({ line }): Mark => {
    number += 1
    const { holes: own } = sewn.lines[line]!
    const { x, y } = place(own[Math.floor((own.length - 1) * (seen.has(line) ? 0.7 : 0.4))]!)
    seen.add(line)
    return text({ x: x + 1, y: y - 1, text: String(number), sizeMm: 3, mostMm: 10, bold: true })
  })
  const begins = sewn.runs.map(run =>
    circle({ ...place(placeOf(lines, run.nodes[0]!)), radiusMm: 1.4, lineMm: 0.5 }),
  )
  return {
    title,
    wideMm: right - left + 2 * PAD_MM,
    tallMm: top - foot + 2 * PAD_MM,
    marks: [...ways, ...holes, ...numbers, ...begins],
  }
}

function placeOf(lines: LineDrawing['lines'], node: number): Point {
  const line = lines.find(({ a, b }) => a === node || b === node)!
  return line.a === node ? line.pathMm[0]! : line.pathMm.at(-1)!
}
