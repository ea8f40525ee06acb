import { judgeJob, type JobVerdict } from '#core/verdict'
import type { Piece, Settings } from '../records'
import { jobInputOf } from './job'
import type { PairingTables } from './pairing'
import { pieceSetupOf } from './pieceSetup'

const GRAVITY = ['clear', 'mind', 'stop'] as const

/** Of one row of a band, from 0; any other piece has one. */
export interface PieceVerdict extends JobVerdict {
  readonly row: number
}

/**
 * The one verdict of a whole piece: of a band, that of the row that fares worst. Where that is another than
 * the one looked at, its reasons say which, and have no mend: that would change the row one looks at.
 *
 * @param looked - the row of a band that is looked at, from 0.
 * @param ownStart - see `conflictInputOf`.
 */
export function judgePiece(
  piece: Pick<Piece, 'plan' | 'setup'>,
  looked: number,
  tables: PairingTables,
  settings: Settings,
  ownStart: number | null = null,
): PieceVerdict {
  const judge = (row: number): PieceVerdict => ({
    ...judgeJob(jobInputOf(pieceSetupOf(piece, tables.stitches, row), tables, settings, ownStart)),
    row,
  })
  const rows = piece.plan.kind === 'band' ? piece.plan.rows.length : 1
  const others = Array.from({ length: rows }, (_, row) => row).filter(row => row !== looked)
  return others.reduce((worst, row) => {
    const own = judge(row)
    return GRAVITY.indexOf(own.verdict) > GRAVITY.indexOf(worst.verdict) ? fromElsewhere(own) : worst
  }, judge(looked))
}

const fromElsewhere = (verdict: PieceVerdict): PieceVerdict => ({
  ...verdict,
  reasons: verdict.reasons.map(reason => ({
    ...reason,
    message: `Row ${verdict.row + 1}: ${reason.message}`,
    mend: null,
  })),
})
