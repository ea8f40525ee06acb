import { circle, type Drawing, type Mark, path, text } from '#core/paper'
import type { Point } from '#core/plane'
import { boundsOf } from '#core/shape'
import type { LineDrawing } from './drawing'
import type { SewnLines } from './sewn'

const PAD_MM = 8
const NUMBER_MM = 3
const NUMBER_OFF_MM = 2.6

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
    const share = seen.has(line) ? 0.7 : 0.4
    // Beside the line, a second time on its other side.
    const { x, y } = besideWay(own.map(place), share, seen.has(line) ? -NUMBER_OFF_MM : NUMBER_OFF_MM)
    seen.add(line)
    const size = { sizeMm: NUMBER_MM, mostMm: 10 }
    return text({ x, y: y + NUMBER_MM / 3, text: String(number), ...size, anchor: 'middle', bold: true })
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

/** Beside a way, so far off at a share of its points. */
function besideWay(way: readonly Point[], share: number, offMm: number): Point {
  const i = Math.floor((way.length - 1) * share)
  const [at, before, after] = [way[i]!, way[Math.max(0, i - 1)]!, way[Math.min(way.length - 1, i + 1)]!]
  const [x, y] = [after.x - before.x, after.y - before.y]
  const long = Math.hypot(x, y) || 1
  return { x: at.x - (offMm * y) / long, y: at.y + (offMm * x) / long }
}

function placeOf(lines: LineDrawing['lines'], node: number): Point {
  const line = lines.find(({ a, b }) => a === node || b === node)!
  return line.a === node ? line.pathMm[0]! : line.pathMm.at(-1)!
}
