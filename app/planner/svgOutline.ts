import { svgPathProperties } from 'svg-path-properties'
import type { Refusal, Result } from '#core/errors'
import type { Point } from '#core/plane'
import { readSvg } from '~/utils/svgFile'

/** Larger files are refused before they are read, in bytes. */
const MOST_SVG_BYTES = 5_000_000
const MOST_POINTS = 400
/** A curve is followed by chords about so long, in mm. */
const CHORD_MM = 2

export type OutlineReading = Result<
  { readonly pointsMm: readonly Point[]; readonly closed: boolean },
  Refusal
>

const refused = (message: string): OutlineReading => ({ ok: false, message })

/**
 * The first path or polygon of an SVG as an outline in mm, y up. The file is parsed as a document that is
 * never shown, so nothing in it runs; one with a script in it is refused all the same.
 */
export async function readSvgOutline(file: File): Promise<OutlineReading> {
  if (file.size > MOST_SVG_BYTES)
    return refused(`${file.name} is larger than ${MOST_SVG_BYTES / 1e6} MB: save the outline alone.`)
  return outlineOfSvg(await file.text())
}

export function outlineOfSvg(text: string): OutlineReading {
  const reading = readSvg(text, 'path, polygon, polyline, rect', {
    name: 'path',
    missing: 'The drawing holds no path. Draw the edge as one path and save it as plain SVG.',
  })
  if (!reading.ok) return reading
  const { element, mmPerUnit: scale } = reading
  const read = pointsOf(element)
  if (!read) return refused('The path cannot be read: save it as plain SVG.')
  const pointsMm = withoutDoubles(
    read.points.map(({ x, y }) => ({ x: x * scale, y: -y * scale })),
    read.closed,
  )
  if (pointsMm.length < 2) return refused('The path has no length.')
  if (pointsMm.length > MOST_POINTS)
    return refused(`The path has ${pointsMm.length} points; ${MOST_POINTS} are the most: simplify it.`)
  return { ok: true, closed: read.closed, pointsMm: againstTheClock(pointsMm, read.closed) }
}

function pointsOf(element: Element): { points: Point[]; closed: boolean } | null {
  const attribute = (name: string) => element.getAttribute(name) ?? ''
  if (element.localName === 'rect') {
    const [x, y, w, h] = ['x', 'y', 'width', 'height'].map(name => Number.parseFloat(attribute(name) || '0'))
    return { closed: true, points: corners(x!, y!, w!, h!) }
  }
  if (element.localName === 'path') return pathPoints(attribute('d'))
  const numbers = attribute('points')
    .trim()
    .split(/[\s,]+/)
    .map(Number)
  if (numbers.length < 4 || !numbers.every(Number.isFinite)) return null
  const points = Array.from({ length: Math.floor(numbers.length / 2) }, (_, i) => ({
    x: numbers[2 * i]!,
    y: numbers[2 * i + 1]!,
  }))
  return { points, closed: element.localName === 'polygon' }
}
const corners = (x: number, y: number, w: number, h: number): Point[] => [
  { x, y },
  { x: x + w, y },
  { x: x + w, y: y + h },
  { x, y: y + h },
]

/** Lines by their ends, curves by chords. */
function pathPoints(d: string): { points: Point[]; closed: boolean } | null {
  // Only the first stretch: a hole in it is another edge.
  const [first] = d.match(/^\s*m[^m]*/i) ?? []
  if (!first) return null
  try {
    const parts = new svgPathProperties(first).getParts()
    if (parts.length === 0) return null
    const points = [parts[0]!.start, ...parts.flatMap(part => chords(part))]
    return points.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))
      ? { points, closed: /z\s*$/i.test(first) }
      : null
  } catch {
    return null
  }
}
interface Part {
  readonly start: Point
  readonly end: Point
  readonly length: number
  readonly getPointAtLength: (at: number) => Point
}
function chords(part: Part): Point[] {
  const straight = Math.hypot(part.end.x - part.start.x, part.end.y - part.start.y)
  if (part.length - straight < 1e-6) return [part.end]
  const count = Math.min(120, Math.max(4, Math.ceil(part.length / CHORD_MM)))
  return Array.from({ length: count }, (_, i) => part.getPointAtLength((part.length * (i + 1)) / count))
}

function withoutDoubles(points: readonly Point[], closed: boolean): Point[] {
  const kept = points.filter((point, i) => i === 0 || apart(point, points[i - 1]!) > 1e-4)
  if (closed && kept.length > 1 && apart(kept[0]!, kept.at(-1)!) <= 1e-4) kept.pop()
  return kept
}
const apart = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)

/** A closed edge runs with the cloth on its left. */
function againstTheClock(points: Point[], closed: boolean): Point[] {
  const area = points.reduce((sum, a, i) => {
    const b = points[(i + 1) % points.length]!
    return sum + a.x * b.y - b.x * a.y
  }, 0)
  return closed && area < 0 ? points.reverse() : points
}
