import { zigzagShiftMm } from '#core/edge'
import { findStitch } from '#core/stitch'
import type { EdgePiece } from '../records'
import type { SetupContent } from '../setup'

/** How an edge is sewn: five kinds that behave differently, as the job and its stitch say. */
export type EdgeKind = 'blanket' | 'hidden' | 'satin' | 'straight' | 'library'

/**
 * The kind of edge a setup sews.
 *
 * @example
 * edgeKindOf({ job: 'satin', stitch: { stitchId: 'zigzag', … } }) // 'satin'
 */
export function edgeKindOf({ job, stitch: { stitchId } }: Pick<SetupContent, 'job' | 'stitch'>): EdgeKind {
  if (stitchId === 'straight') return 'straight'
  if (stitchId === 'blanket') return 'blanket'
  if (stitchId !== 'zigzag') return 'library'
  if (job === 'satin') return 'satin'
  return job === 'hidden-edge' ? 'hidden' : 'library'
}

/** The job an edge of a kind is, and the stitch it begins with. */
export const EDGE_KINDS = {
  blanket: { job: 'blanket-edge', stitchId: 'blanket' },
  hidden: { job: 'hidden-edge', stitchId: 'zigzag' },
  satin: { job: 'satin', stitchId: 'zigzag' },
  straight: { job: 'topstitching', stitchId: 'straight' },
  library: { job: 'decorative-row', stitchId: 'feather' },
} as const satisfies Record<EdgeKind, { job: SetupContent['job']; stitchId: string }>

/** Whether its zigzag stands beside the edge, so that the needle is moved for it. */
export function edgeShiftsNeedle(setup: Pick<SetupContent, 'job' | 'stitch'>): boolean {
  const kind = edgeKindOf(setup)
  return kind === 'hidden' || kind === 'satin'
}

/** How the machine is set for an edge: stitch, width, length and where the needle stands. */
export function edgeSettingOf(
  { outsideMm, backwards }: Pick<EdgePiece, 'outsideMm' | 'backwards'>,
  setup: Pick<SetupContent, 'job' | 'stitch'>,
): SetupContent['stitch'] {
  const { stitchId, widthMm, lengthMm } = setup.stitch
  const isZigzag = edgeShiftsNeedle(setup)
  const isStraight = edgeKindOf(setup) === 'straight'
  return {
    stitchId,
    widthMm: isStraight ? 0 : widthMm,
    lengthMm,
    // A blanket stitch bites to the left of its spine: sewn the other way round, the cloth lies on its right.
    mirror: !isZigzag && !isStraight && bitesRight(stitchId) !== backwards,
    // Against the clock the cloth lies on the left of the edge.
    positionMm: isZigzag ? tidyMm((backwards ? 1 : -1) * zigzagShiftMm(widthMm, outsideMm)) : 0,
  }
}

/** Whether a stitch of the library begins at its left, so that its width goes to the right. */
const bitesRight = (stitchId: string): boolean => (findStitch(stitchId)?.drops[0]?.x ?? 0.5) < 0

const tidyMm = (mm: number) => Math.round(1000 * mm) / 1000 + 0
