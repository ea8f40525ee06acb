import type { JobWord } from '#core/verdict'
import type { Piece, Swatch } from '../records'
import { carriedOver, differencesOf, type SetupContent } from '../setup'
import type { ProjectTables } from './project'
import { setupPartsOf } from './swing'
import { pieceSetupOf } from './pieceSetup'
import { threadedBlades } from './pairing'

/** How far a piece is; being set up is told by the walk on its machine. */
export interface PieceWay {
  /** Its plan has an answer. */
  readonly isPlanned: boolean
  /** It has its threads, and nothing stops. */
  readonly isPaired: boolean
  /** A row of a strip or a swatch was sewn with this very setup. */
  readonly isTested: boolean
  /** All its copies are sewn. */
  readonly isSewn: boolean
}

type Tables = ProjectTables
  & Parameters<typeof differencesOf>[2] & { readonly swatches: ReadonlyMap<string, Swatch> }

/**
 * How far a piece is, from what is known and nothing else.
 *
 * @param row - of a band, from 0.
 * @param verdict - the one verdict of the piece.
 * @param isPlanned - its plan has an answer.
 */
export function wayOf(
  piece: Piece,
  row: number,
  tables: Tables,
  verdict: JobWord,
  isPlanned: boolean,
): PieceWay {
  const setup = pieceSetupOf(piece, tables.stitches, row)
  const { needle } = setupPartsOf(setup, tables)
  const blades = needle ? threadedBlades(setup, needle.construction, tables.threads) : []
  return {
    isPlanned,
    isPaired: needle !== null && blades.length > 0 && verdict !== 'stop',
    isTested: wasSewn(setup, tables),
    isSewn: piece.sewn >= piece.copies,
  }
}

/** The tension comes from a row sewn with all of this, or a swatch was kept of it. */
function wasSewn(setup: SetupContent, tables: Tables): boolean {
  const isRow = setup.tensionFrom?.how === 'sewn' && setup.tensionFrom.tension === setup.tension
  const isThisStitch = setup.tensionFrom?.stitchId === setup.stitch.stitchId
  if (isRow && isThisStitch && carriedOver(setup, tables).length === 0) return true
  return [...tables.swatches.values()].some(
    ({ source, setup: sewn }) =>
      source === 'own' && sewn.tension === setup.tension && differencesOf(sewn, setup, tables).length === 0,
  )
}
