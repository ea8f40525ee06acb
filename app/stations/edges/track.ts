import type { Point } from '#core/plane'
import type { LinesAnswer } from '#shared/inputs'

/** One stitch of the way: its hole, and which run and step of it it belongs to. */
export interface TrackHole extends Point {
  readonly run: number
  readonly step: number
}

/** Every hole in the order it is sewn; each run begins with a hole of its own. */
export function trackOf({ sewn }: LinesAnswer): TrackHole[] {
  return sewn.steps.flatMap((steps, run) =>
    steps.flatMap(({ line, backwards }, step) => {
      const { holes } = sewn.lines[line]!
      const way = backwards ? holes.toReversed() : holes
      return way.slice(step === 0 ? 0 : 1).map(({ x, y }) => ({ x, y, run, step }))
    }),
  )
}

/** What is sewn up to a hole as one path, y down. */
export function sewnPath(track: readonly TrackHole[], upTo: number): string {
  const round = (mm: number) => Math.round(1000 * mm) / 1000
  return track
    .slice(0, upTo)
    .map(({ x, y, run }, i) => `${i === 0 || track[i - 1]!.run !== run ? 'M' : 'L'}${round(x)} ${round(-y)}`)
    .join('')
}

/** The last hole of each step of the way. */
export function stepEnds(track: readonly TrackHole[]): number[] {
  return track.flatMap((hole, i) => {
    const next = track[i + 1]
    return !next || next.step !== hole.step || next.run !== hole.run ? [i + 1] : []
  })
}
