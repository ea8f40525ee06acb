import { dequal as equal } from 'dequal/lite'
import { zigzagShiftMm } from '#core/edge'
import { type JobId, JOBS } from '#core/job'
import { LIMITS } from '../fields'
import type { BandPiece, BandPieceRow, EdgePiece, Piece } from '../records'
import type { SetupContent } from '../setup'
import { bandJobOf, bandRowSetup } from './bandSetup'
import { edgeSettingOf, edgeShiftsNeedle, type OwnStitches } from './edgeSetup'

export type PlanKind = Piece['plan']['kind']

/** Where a job is planned, beside its setup. */
const PLANNED_AS: Readonly<Record<JobId, PlanKind>> = {
  'seam': 'seam',
  'hem': 'seam',
  'topstitching': 'topstitching',
  'pintucks': 'pintucks',
  'decorative-row': 'band',
  'satin': 'band',
  'metallic-line': 'lines',
  'hidden-edge': 'edge',
  'blanket-edge': 'edge',
  'pearl-line': 'lines',
  'bobbin-work': 'band',
}
/**
 * The kind of plan a job has.
 *
 * @example
 * planKindOf('blanket-edge') // 'edge'
 */
export const planKindOf = (job: JobId): PlanKind => PLANNED_AS[job]

/** Jobs that a piece of a kind can be sewn as, besides those that lead to its planner. */
const MORE_JOBS: Readonly<Partial<Record<PlanKind, readonly JobId[]>>> = {
  edge: ['satin', 'topstitching', 'decorative-row'],
  lines: ['topstitching'],
}
/** Whether a piece with a plan of this kind can be sewn as a job: a seam can be any. */
export const isJobOfPlan = (job: JobId, kind: PlanKind): boolean =>
  kind === 'seam' || planKindOf(job) === kind || (MORE_JOBS[kind] ?? []).includes(job)

/**
 * What is on the machine for a piece: its setup, and where its plan has a say, what that says. A band is sewn
 * row by row: the row that is looked at.
 *
 * @param own - stitches of one's own.
 * @param row - of a band, from 0; one that is not there is the last.
 */
export function pieceSetupOf(
  { plan, setup }: Pick<Piece, 'plan' | 'setup'>,
  own: OwnStitches,
  row = 0,
): SetupContent {
  switch (plan.kind) {
    case 'band': {
      const job = bandJobOf(plan, own)
      const goal = job === setup.job ? setup.goal : JOBS[job].goal
      return {
        ...bandRowSetup(rowOf(plan.rows, row), setup),
        job,
        goal,
        tensionFrom: bandTension(plan, setup, row),
      }
    }
    case 'edge':
      return { ...setup, stitch: edgeSettingOf(plan, setup, own) }
    default:
      return setup
  }
}

/** A piece whose setup on the machine was changed: what belongs to its plan goes there. */
export function withPieceSetup<T extends Pick<Piece, 'plan' | 'setup'>>(
  piece: T,
  next: SetupContent,
  own: OwnStitches,
  row = 0,
): T {
  const { plan, setup } = piece
  if (plan.kind === 'edge') {
    // Which way it bites and where the needle stands, the plan tells.
    const { mirror, positionMm } = setup.stitch
    const stitch = { ...next.stitch, mirror, positionMm }
    return { ...piece, plan: edgeAsMoved(plan, setup, next, own), setup: { ...next, stitch } }
  }
  if (plan.kind !== 'band') return { ...piece, setup: next }
  return withBandRow({ ...piece, plan }, next, own, plan.rows.indexOf(rowOf(plan.rows, row)))
}

/** An edge whose needle was moved or stitch was mirrored by hand: so much falls outside, and that way. */
function edgeAsMoved(plan: EdgePiece, setup: SetupContent, next: SetupContent, own: OwnStitches): EdgePiece {
  const before = edgeSettingOf(plan, setup, own)
  const { stitchId, widthMm, positionMm, mirror } = next.stitch
  if (edgeShiftsNeedle(next, own)) {
    if (positionMm === before.positionMm) return plan
    const towardsClothMm = positionMm * (plan.backwards ? 1 : -1)
    const [least, most] = LIMITS.outsideMm
    return { ...plan, outsideMm: Math.min(most, Math.max(least, zigzagShiftMm(widthMm, towardsClothMm))) }
  }
  const isTurned = stitchId === before.stitchId && mirror !== before.mirror && widthMm > 0
  return isTurned ? { ...plan, backwards: !plan.backwards } : plan
}

/** What the row has of its own stays its own; what it does not say changes for the whole piece. */
function withBandRow<T extends { readonly plan: BandPiece; readonly setup: SetupContent }>(
  piece: T,
  next: SetupContent,
  stitches: OwnStitches,
  at: number,
): T {
  const { plan, setup } = piece
  const own = plan.rows[at]!
  const { stitchId, widthMm, lengthMm, mirror } = next.stitch
  const isOwn = { needle: own.needleId !== null, left: own.leftId !== null, right: own.rightId !== null }
  const row: BandPieceRow = {
    stitchId,
    widthMm,
    lengthMm,
    mirror,
    needleId: isOwn.needle ? next.needleId : null,
    leftId: isOwn.left ? next.threadIds.left : null,
    rightId: isOwn.right ? next.threadIds.right : null,
  }
  const before = pieceSetupOf(piece, stitches, at)
  const whole: SetupContent = {
    ...next,
    stitch: setup.stitch,
    // What only reads otherwise for this row is as it was.
    job: next.job === before.job ? setup.job : next.job,
    goal: next.goal === before.goal ? setup.goal : next.goal,
    tensionFrom: equal(next.tensionFrom, before.tensionFrom) ? setup.tensionFrom : next.tensionFrom,
    needleId: isOwn.needle ? setup.needleId : next.needleId,
    threadIds: {
      left: isOwn.left ? setup.threadIds.left : next.threadIds.left,
      middle: next.threadIds.middle,
      right: isOwn.right ? setup.threadIds.right : next.threadIds.right,
    },
  }
  return {
    ...piece,
    plan: { ...plan, rows: plan.rows.map((one, i) => (i === at ? row : one)) },
    setup: whole,
  }
}

/** A tension that was set for one row of a band is meant for all of it. */
function bandTension({ rows }: BandPiece, { tensionFrom }: SetupContent, row: number) {
  const isForIt = tensionFrom !== null && rows.some(({ stitchId }) => stitchId === tensionFrom.stitchId)
  return isForIt ? { ...tensionFrom, stitchId: rowOf(rows, row).stitchId } : tensionFrom
}

const rowOf = <R>(rows: readonly R[], row: number): R => rows[Math.min(Math.max(0, row), rows.length - 1)]!
