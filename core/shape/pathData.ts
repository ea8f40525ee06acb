import { Bezier } from 'bezier-js'
import svgpath from 'svgpath'
import { CoreError, requireInRange } from '#core/errors'
import { apart, type Point } from '#core/plane'
import { MOST_PATH_CHARS, MOST_SHAPE_POINTS } from './limits'
import type { Outline } from './outline'

/** A curve is followed by chords no farther from it than this, in mm. */
export const CHORD_MM = 0.004
/** Points nearer than this are one, in mm. */
const SAME_MM = 1e-4
const MOST_CHORDS = 400

/**
 * Path data as an SVG has it, as outlines in mm: lines by their ends, curves by chords.
 *
 * @param data - the `d` of a path; any number of stretches.
 * @param mmPerUnit - over 0 to 1000.
 * @returns one outline a stretch. A stretch is closed where it says so, or where it ends at its beginning.
 * @throws {CoreError} `bad-path` for what cannot be read or has no length; `too-many`; `out-of-range`.
 *
 * @example
 * outlinesOfPath('M0 0H10V10H0Z', 1)[0].pointsMm.length // 4
 */
export function outlinesOfPath(data: string, mmPerUnit: number): Outline[] {
  requireInRange(mmPerUnit, 'shape.mmPerUnit', 1e-6, 1000)
  if (data.length > MOST_PATH_CHARS)
    throw new CoreError(
      'too-many',
      `shape.path has ${data.length} characters; ${MOST_PATH_CHARS} are the most`,
      {
        field: 'shape.path',
        most: MOST_PATH_CHARS,
      },
    )
  // Scaled before arcs become curves: how finely they are cut depends on their size.
  const path = svgpath(data).abs().scale(mmPerUnit).unshort().unarc()
  const problem = (path as unknown as { readonly err: string }).err
  if (problem) refuse(`cannot be read: ${problem.replace(/^SvgPath: /, '')}`)
  const drawn = stretchesOf(path)
  const outlines = drawn.map(tidied).filter(({ pointsMm }) => pointsMm.length > 1)
  if (outlines.length === 0) refuse('has no length')
  const count = outlines.reduce((sum, { pointsMm }) => sum + pointsMm.length, 0)
  if (count > 4 * MOST_SHAPE_POINTS)
    throw new CoreError('too-many', `shape.path has ${count} points; ${4 * MOST_SHAPE_POINTS} are the most`, {
      field: 'shape.path',
      most: 4 * MOST_SHAPE_POINTS,
    })
  return outlines
}

function refuse(what: string): never {
  throw new CoreError('bad-path', `shape.path ${what}`, { field: 'shape.path' })
}

interface Stretch {
  readonly points: Point[]
  closed: boolean
}

function stretchesOf(path: ReturnType<typeof svgpath>): Stretch[] {
  const found: Stretch[] = []
  let now: Stretch | null = null
  const from = (x: number, y: number): Stretch => {
    now ??= begin({ x, y })
    return now
  }
  function begin(point: Point): Stretch {
    const stretch = { points: [point], closed: false }
    found.push(stretch)
    return stretch
  }
  path.iterate((segment, _, x, y) => {
    const [kind, ...n] = segment as [string, ...number[]]
    if (n.some(value => !Number.isFinite(value))) refuse('holds what is no number')
    if (kind === 'M') now = begin({ x: n[0]!, y: n[1]! })
    else if (kind === 'Z' || kind === 'z') {
      if (now) now.closed = true
      now = null
    } else from(x, y).points.push(...pointsTo({ x, y }, kind, n))
  })
  return found
}

function pointsTo(from: Point, kind: string, n: readonly number[]): Point[] {
  switch (kind) {
    case 'H':
      return [{ x: n[0]!, y: from.y }]
    case 'V':
      return [{ x: from.x, y: n[0]! }]
    case 'Q':
      return chordsOf([from, { x: n[0]!, y: n[1]! }, { x: n[2]!, y: n[3]! }])
    case 'C':
      return chordsOf([from, { x: n[0]!, y: n[1]! }, { x: n[2]!, y: n[3]! }, { x: n[4]!, y: n[5]! }])
    default:
      return [{ x: n[0]!, y: n[1]! }]
  }
}

/**
 * A Bézier curve by chords, without its first point. Their number keeps every chord within `CHORD_MM` of the
 * curve: a chord over a share h strays by at most h² · max |B″| / 8.
 *
 * @param handles - three or four.
 *
 * @example
 * chordsOf([{ x: 0, y: 0 }, { x: 5, y: 10 }, { x: 10, y: 0 }]).at(-1) // { x: 10, y: 0 }
 */
export function chordsOf(handles: readonly Point[]): Point[] {
  const degree = handles.length - 1
  const bend = Math.max(
    ...handles
      .slice(2)
      .map((b, i) =>
        Math.hypot(b.x - 2 * handles[i + 1]!.x + handles[i]!.x, b.y - 2 * handles[i + 1]!.y + handles[i]!.y),
      ),
  )
  const wanted = Math.ceil(Math.sqrt((degree * (degree - 1) * bend) / (8 * CHORD_MM)))
  const count = Math.min(MOST_CHORDS, Math.max(1, wanted))
  const curve = new Bezier(handles.map(({ x, y }) => ({ x, y })))
  return sharesOf(count).map(share => {
    if (share === 1) return handles.at(-1)!
    const { x, y } = curve.get(share)
    return { x, y }
  })
}

/** The first and last chord of a curve are so much shorter: they show how it begins and ends. */
const END_SHARE = 1 / 24

/**
 * Where a curve is cut into chords, as shares of it, without its beginning. Close to both ends it is cut once
 * more, so that the angle at which it meets what comes next is that of the curve and not of a chord.
 *
 * @example
 * sharesOf(4) // [0.0104…, 0.25, 0.5, 0.75, 0.9895…, 1]
 */
export function sharesOf(count: number): number[] {
  const even = Array.from({ length: count }, (_, i) => (i + 1) / count)
  if (count === 1) return even
  return [END_SHARE / count, ...even.slice(0, -1), 1 - END_SHARE / count, 1]
}

function tidied({ points, closed }: Stretch): Outline {
  const kept = points.filter((point, i) => i === 0 || apart(point, points[i - 1]!) > SAME_MM)
  const returns = kept.length > 2 && apart(kept[0]!, kept.at(-1)!) <= SAME_MM
  if (returns) kept.pop()
  return { pointsMm: kept, closed: closed || returns }
}
