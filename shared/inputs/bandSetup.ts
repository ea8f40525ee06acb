import { JOBS } from '#core/job'
import { libraryAlike, stitchOf } from '#core/stitch'
import type { BandPiece, BandPieceRow } from '../records'
import type { SetupContent } from '../setup'
import type { OwnStitches } from './edgeSetup'

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
export function bandJobOf(
  { under, rows }: Pick<BandPiece, 'under' | 'rows'>,
  own: OwnStitches,
): SetupContent['job'] {
  if (under) return 'bobbin-work'
  return rows.every(row => isSatinRow(row, own)) ? 'satin' : 'decorative-row'
}

/** A zigzag is satin where it lies closed; the motifs of the family always do. */
function isSatinRow({ stitchId, lengthMm }: BandPieceRow, own: OwnStitches): boolean {
  const { stitchIds, density } = JOBS.satin
  const shape = stitchOf(stitchId, own)
  const alike = shape && libraryAlike(shape)
  const isClosed = alike?.id !== 'zigzag' || lengthMm <= density!.keptMm[1]
  return alike !== null && stitchIds.includes(alike.id) && isClosed
}
