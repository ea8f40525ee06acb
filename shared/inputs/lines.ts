import { type DialScale, type LengthDial, marksAsSewn, marksOfPlans } from '#core/fit'
import { joinedDrawing, type LineDrawing, plumeWays, type SewnLines, sewnLines } from '#core/lines'
import type { Point } from '#core/plane'
import { drawnOutline, outlinesOfPath } from '#core/shape'
import type { Cloth, LinesPiece, Machine } from '../records'
import type { SetupContent } from '../setup'
import { dialScaleOf } from './feed'
import { lengthDialOf, type PieceWork } from './pieces'

/** Everything a line drawing is worked out from, as it crosses into the worker. */
export interface LinesInput {
  readonly plan: LinesPiece
  /** The stitch length one would have. */
  readonly wantedMm: number
  readonly dial: LengthDial
  /** How the planned lengths stand on it. */
  readonly scale: DialScale
}

/** A line drawing worked out, both ways round: as it is wanted, and the other way for comparison. */
export interface LinesAnswer {
  readonly drawing: LineDrawing
  readonly sewn: SewnLines
  /** How its lengths stand on the dial. */
  readonly scale: DialScale
  readonly other: Pick<SewnLines, 'starts' | 'tails' | 'twiceMm' | 'sewnMm' | 'proven'>
}

/** A line drawing as it crosses into the worker. */
export function linesInputOf(
  plan: LinesPiece,
  setup: SetupContent,
  tables: {
    readonly machines: ReadonlyMap<string, Machine>
    readonly cloths: ReadonlyMap<string, Cloth>
  },
): LinesInput {
  const { dial } = lengthDialOf(tables.machines.get(setup.machineId ?? '') ?? null)
  return { plan, wantedMm: setup.stitch.lengthMm, dial, scale: dialScaleOf(plan.feed, setup, tables) }
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
export function answerForLines({ plan, wantedMm, dial, scale }: LinesInput): LinesAnswer {
  const drawing = joinedDrawing(waysOf(plan))
  const { mostMissMm, twice } = plan
  const rules = { wantedMm, mostMissMm, marks: marksAsSewn(dial, scale) }
  const { starts, tails, twiceMm, sewnMm, proven } = sewnLines(drawing, { ...rules, twice: !twice })
  return {
    drawing,
    sewn: sewnLines(drawing, { ...rules, twice }),
    scale,
    other: { starts, tails, twiceMm, sewnMm, proven },
  }
}

/** What a line drawing asks of hands and machine. */
export function linesWork({ sewn, scale }: LinesAnswer, copies: number): PieceWork {
  const curves = sewn.steps.flat().reduce((sum, { line }) => {
    const { turnEvery, stitches } = sewn.lines[line]!
    return sum + (turnEvery === null ? 0 : Math.floor(stitches / turnEvery))
  }, 0)
  return {
    seamM: (copies * sewn.sewnMm) / 1000,
    rows: copies * sewn.starts,
    turns: copies * (sewn.pivots + curves),
    stitches: copies * sewn.stitches,
    dialled: {
      widthMm: null,
      lengthsMm: marksOfPlans(
        sewn.lines.map(({ plan }) => plan),
        scale,
      ),
    },
  }
}
