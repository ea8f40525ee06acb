import { zigzagShiftMm } from '#core/edge'
import { libraryAlike, stitchOf, type StitchShape } from '#core/stitch'
import type { EdgePiece, OwnStitch } from '../records'
import type { SetupContent } from '../setup'

/** How an edge is sewn: five kinds that behave differently, as the job and its stitch say. */
export type EdgeKind = 'blanket' | 'hidden' | 'satin' | 'straight' | 'library'

/** Stitches of one's own, by id. */
export type OwnStitches = ReadonlyMap<string, OwnStitch>
type JobAndStitch = Pick<SetupContent, 'job' | 'stitch'>
const shapeOf = ({ stitch }: JobAndStitch, own: OwnStitches) => stitchOf(stitch.stitchId, own)

/**
 * The kind of edge a setup sews, by how its stitch is drawn: a copy of one’s own is what it was copied from.
 *
 * @example
 * edgeKindOf({ job: 'satin', stitch: { stitchId: 'zigzag', … } }, new Map()) // 'satin'
 */
export function edgeKindOf(setup: JobAndStitch, own: OwnStitches): EdgeKind {
  const shape = shapeOf(setup, own)
  switch (shape && libraryAlike(shape)?.id) {
    case 'straight':
      return 'straight'
    case 'blanket':
      return 'blanket'
    case 'zigzag':
      return ZIGZAG_KINDS[setup.job] ?? 'library'
    default:
      return 'library'
  }
}
const ZIGZAG_KINDS: Readonly<Partial<Record<SetupContent['job'], EdgeKind>>> = {
  'satin': 'satin',
  'hidden-edge': 'hidden',
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
export function edgeShiftsNeedle(setup: JobAndStitch, own: OwnStitches): boolean {
  const kind = edgeKindOf(setup, own)
  return kind === 'hidden' || kind === 'satin'
}

/** How the machine is set for an edge: stitch, width, length and where the needle stands. */
export function edgeSettingOf(
  { outsideMm, backwards }: Pick<EdgePiece, 'outsideMm' | 'backwards'>,
  setup: JobAndStitch,
  own: OwnStitches,
): SetupContent['stitch'] {
  const { stitchId, widthMm, lengthMm } = setup.stitch
  const isZigzag = edgeShiftsNeedle(setup, own)
  const isStraight = edgeKindOf(setup, own) === 'straight'
  return {
    stitchId,
    widthMm: isStraight ? 0 : widthMm,
    lengthMm,
    // A blanket stitch bites to the left of its spine: sewn the other way round, the cloth lies on its right.
    mirror: !isZigzag && !isStraight && bitesRight(shapeOf(setup, own)) !== backwards,
    // Against the clock the cloth lies on the left of the edge.
    positionMm: isZigzag ? tidyMm((backwards ? 1 : -1) * zigzagShiftMm(widthMm, outsideMm)) : 0,
  }
}

/** Whether a stitch begins at its left, so that its width goes to the right. */
const bitesRight = (shape: Pick<StitchShape, 'drops'> | null): boolean => (shape?.drops[0]?.x ?? 0.5) < 0

const tidyMm = (mm: number) => Math.round(1000 * mm) / 1000 + 0
