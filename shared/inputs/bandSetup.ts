import { JOBS } from '#core/job'
import type { BandPiece, BandPieceRow } from '../records'
import type { SetupContent } from '../setup'

/** A row's own setup: what it does not say is as the piece has it. */
export function bandRowSetup(row: BandPieceRow, setup: SetupContent, lengthMm = row.lengthMm): SetupContent {
  const { stitchId, widthMm, mirror, needleId, leftId, rightId } = row
  return {
    ...setup,
    needleId: needleId ?? setup.needleId,
    threadIds: {
      ...setup.threadIds,
      left: leftId ?? setup.threadIds.left,
      right: rightId ?? setup.threadIds.right,
    },
    stitch: { stitchId, widthMm, lengthMm, mirror, positionMm: 0 },
  }
}

/** The job a band is: bobbin work from below, else by whether its stitches lie closed. */
export function bandJobOf({ under, rows }: Pick<BandPiece, 'under' | 'rows'>): SetupContent['job'] {
  if (under) return 'bobbin-work'
  return rows.every(isSatinRow) ? 'satin' : 'decorative-row'
}

/** A zigzag is satin where it lies closed; the motifs of the family always do. */
function isSatinRow({ stitchId, lengthMm }: BandPieceRow): boolean {
  const { stitchIds, density } = JOBS.satin
  const isClosed = stitchId !== 'zigzag' || lengthMm <= density!.keptMm[1]
  return stitchIds.includes(stitchId) && isClosed
}
