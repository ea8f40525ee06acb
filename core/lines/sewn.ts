import { type EvenFit, evenFit, type FitPlan, placesAlong, sideFitter, stitchEnds } from '#core/fit'
import { edgeParts, turnEvery } from '#core/edge'
import { heading, type Point, turnOfWays } from '#core/plane'
import type { LineDrawing } from './drawing'
import { type LineRuns, sewRuns } from './runs'

/** A line with whole stitches from end to end. */
export interface SewnLine {
  readonly plan: FitPlan | null
  readonly even: EvenFit
  readonly stitches: number
  /** Every hole from its first place to its second. */
  readonly holes: readonly Point[]
  /** Turn the cloth after so many stitches; null: it runs straight. */
  readonly turnEvery: number | null
}

/** One line of a way as it is sewn. */
export interface LineStep {
  readonly line: number
  /** Whether it is sewn from its second place to its first. */
  readonly backwards: boolean
  /** Whether it was sewn before. */
  readonly again: boolean
  /** Whether the cloth is turned after it, needle down. */
  readonly pivots: boolean
}

/** A line drawing as it is sewn. */
export interface SewnLines extends LineRuns {
  readonly lines: readonly SewnLine[]
  /** For each run. */
  readonly steps: readonly (readonly LineStep[])[]
  /** Sewn length, with what is sewn twice, in mm. */
  readonly sewnMm: number
  readonly stitches: number
  readonly pivots: number
}

/** Less than this between the way in and the way on is no turn, in degrees. */
const PIVOT_DEG = 20

/**
 * A drawing sewn: its runs, with whole stitches along every line so that each ends on its places and tips.
 *
 * @param wantedMm - stitch length, 0.05 to 100.
 * @param twice - whether lines may be sewn twice to spare starts.
 * @throws {CoreError} as `sewRuns` and `sideFitter`.
 *
 * @example
 * const drawing = joinedDrawing(plumeWays(plume))
 * sewnLines(drawing, { wantedMm: 2.5, marks, mostMissMm: 0.25, twice: true }).starts // 1
 */
export function sewnLines(
  { nodes, lines }: LineDrawing,
  {
    wantedMm,
    marks,
    mostMissMm,
    twice,
  }: {
    readonly wantedMm: number
    readonly marks: readonly number[]
    readonly mostMissMm: number
    readonly twice: boolean
  },
): SewnLines {
  const found = sewRuns(nodes.length, lines, twice)
  const fit = sideFitter(wantedMm, marks, mostMissMm)
  const sewn = lines.map(({ pathMm, lengthMm }): SewnLine => {
    const plan = fit(lengthMm)[0] ?? null
    const even = evenFit(lengthMm, wantedMm)
    const ends = stitchEnds(plan ?? undefined, even)
    const scale = lengthMm / ends.at(-1)!
    const holes = placesAlong(pathMm, [0, ...ends.map(mm => mm * scale)])
    const { runs } = edgeParts({ pointsMm: pathMm, closed: false, clothOn: 'left' }, 180)
    return {
      plan,
      even,
      stitches: plan?.stitches ?? even.stitches,
      holes,
      turnEvery: turnEvery(runs[0]!.leastRadiusMm, wantedMm),
    }
  })
  const seen = new Set<number>()
  const steps = found.runs.map(run =>
    run.lines.map((line, i): LineStep => {
      const again = seen.has(line)
      seen.add(line)
      const backwards = isBackwards(lines[line]!, run.nodes[i]!, run.nodes[i + 1]!)
      const next = run.lines[i + 1]
      const pivots =
        next !== undefined
        && turnDeg(
          wayOf(sewn[line]!.holes, backwards),
          wayOf(sewn[next]!.holes, isBackwards(lines[next]!, run.nodes[i + 1]!, run.nodes[i + 2]!)),
        ) > PIVOT_DEG
      return { line, backwards, again, pivots }
    }),
  )
  const all = steps.flat()
  return {
    ...found,
    lines: sewn,
    steps,
    sewnMm: all.reduce((sum, { line }) => sum + lines[line]!.lengthMm, 0),
    stitches: all.reduce((sum, { line }) => sum + sewn[line]!.stitches, 0),
    pivots: all.filter(({ pivots }) => pivots).length,
  }
}

const isBackwards = ({ a, b }: { readonly a: number; readonly b: number }, from: number, to: number) =>
  a !== b && from === b && to === a
const wayOf = (holes: readonly Point[], backwards: boolean) => (backwards ? holes.toReversed() : holes)

/** How far the way turns from the end of one line to the beginning of the next. */
function turnDeg(one: readonly Point[], next: readonly Point[]): number {
  const [a, b, c, d] = [one.at(-2)!, one.at(-1)!, next[0]!, next[1]!]
  return Math.abs(turnOfWays(heading(a, b), heading(c, d))) * (180 / Math.PI)
}
