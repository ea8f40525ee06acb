import { judgeJob, type JobVerdict } from '#core/verdict'
import type { LengthUnit } from '#core/units'
import type { Piece, Settings } from '../records'
import { jobInputOf } from './job'
import type { PairingTables } from './pairing'
import { pieceSetupOf } from './pieceSetup'

const GRAVITY = ['clear', 'mind', 'stop'] as const

/**
 * The one verdict of a whole piece: of a band, that of the row that fares worst.
 *
 * @param ownStart - see `conflictInputOf`.
 */
export function judgePiece(
  piece: Pick<Piece, 'plan' | 'setup'>,
  tables: PairingTables,
  settings: Settings,
  unit: LengthUnit,
  ownStart: number | null = null,
): JobVerdict {
  const rows = piece.plan.kind === 'band' ? piece.plan.rows.length : 1
  const verdicts = Array.from({ length: rows }, (_, row) =>
    judgeJob(jobInputOf(pieceSetupOf(piece, row), tables, settings, unit, ownStart)),
  )
  return verdicts.reduce((worst, one) =>
    GRAVITY.indexOf(one.verdict) > GRAVITY.indexOf(worst.verdict) ? one : worst,
  )
}
