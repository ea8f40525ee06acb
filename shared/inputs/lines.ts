import { lengthMarks, type LengthDial, marksOfPlans } from '#core/fit'
import { joinedDrawing, type LineDrawing, plumeWays, type SewnLines, sewnLines } from '#core/lines'
import { drawnOutline, outlinesOfPath, type Point } from '#core/shape'
import type { LinesPiece, Machine } from '../records'
import type { SetupContent } from '../setup'
import { lengthDialOf, type PieceWork } from './pieces'

/** Everything a line drawing is worked out from, as it crosses into the worker. */
export interface LinesInput {
  readonly plan: LinesPiece
  /** The stitch length one would have. */
  readonly wantedMm: number
  readonly dial: LengthDial
}

/** A line drawing worked out, both ways round: as it is wanted, and the other way for comparison. */
export interface LinesAnswer {
  readonly drawing: LineDrawing
  readonly sewn: SewnLines
  readonly other: Pick<SewnLines, 'starts' | 'tails' | 'twiceMm' | 'sewnMm' | 'proven'>
}

/** A line drawing as it crosses into the worker. */
export function linesInputOf(
  plan: LinesPiece,
  { machineId, stitch }: SetupContent,
  machines: ReadonlyMap<string, Machine>,
): LinesInput {
  const { dial } = lengthDialOf(machines.get(machineId ?? '') ?? null)
  return { plan, wantedMm: stitch.lengthMm, dial }
}

/** The ways of a drawing, y up. */
export function waysOf({ drawing }: LinesPiece): Point[][] {
  switch (drawing.by) {
    case 'plume':
      return plumeWays(drawing)
    case 'drawn':
      return drawing.ways.map(way => [...drawnOutline(way, false).pointsMm])
    case 'path':
      return outlinesOfPath(drawing.path, drawing.mmPerUnit).map(({ pointsMm, closed }) => {
        const up = pointsMm.map(({ x, y }) => ({ x, y: -y }))
        return closed ? [...up, up[0]!] : up
      })
  }
}

/**
 * A line drawing worked out.
 *
 * @throws {CoreError} for what cannot be sewn.
 */
export function answerForLines({ plan, wantedMm, dial }: LinesInput): LinesAnswer {
  const drawing = joinedDrawing(waysOf(plan))
  const { mostMissMm, twice } = plan
  const rules = { wantedMm, mostMissMm, marks: lengthMarks(dial) }
  const { starts, tails, twiceMm, sewnMm, proven } = sewnLines(drawing, { ...rules, twice: !twice })
  return {
    drawing,
    sewn: sewnLines(drawing, { ...rules, twice }),
    other: { starts, tails, twiceMm, sewnMm, proven },
  }
}

/** What a line drawing asks of hands and machine. */
export function linesWork({ sewn }: LinesAnswer, copies: number): PieceWork {
  const curves = sewn.steps.flat().reduce((sum, { line }) => {
    const { turnEvery, stitches } = sewn.lines[line]!
    return sum + (turnEvery === null ? 0 : Math.floor(stitches / turnEvery))
  }, 0)
  return {
    seamM: (copies * sewn.sewnMm) / 1000,
    rows: copies * sewn.starts,
    turns: copies * (sewn.pivots + curves),
    stitches: copies * sewn.stitches,
    dialled: { widthMm: null, lengthsMm: marksOfPlans(sewn.lines.map(({ plan }) => plan)) },
  }
}
