import { stitchOf } from '#core/stitch'
import type { OwnStitch, ProjectItem } from '../records'
import type { ProjectWork } from './project'
import type { PieceWork } from './pieces'
import { plannedOf } from './planned'

/** The numbers an item of a project is sewn with. */
export interface ItemDials {
  readonly numbers: NonNullable<ProjectItem['sewnWith']>
  /** As they were when it was sewn; as its plan decides; or as they are set. */
  readonly from: 'sewn' | 'plan' | 'setup'
}

/** A plan that dials more lengths than are kept: its shortest and its longest. */
const MOST_LENGTHS = 20
const endsOf = (lengthsMm: readonly number[]) =>
  lengthsMm.length > MOST_LENGTHS ? [lengthsMm[0]!, lengthsMm.at(-1)!] : [...lengthsMm]

/**
 * Width, length and tension of an item: of a finished one those it was sewn with.
 *
 * @param asked - what it asks for, as far as it is worked out.
 * @returns null: nothing is dialled for it, or its rows are each set otherwise.
 */
export function itemDialsOf(
  { item, setup, piece }: ProjectWork,
  asked: PieceWork | null,
  stitches: ReadonlyMap<string, OwnStitch>,
): ItemDials | null {
  if (item.sewnWith) return { numbers: item.sewnWith, from: 'sewn' }
  const isRowByRow = piece?.plan.kind === 'band' && piece.plan.rows.length > 1
  if (!setup || isRowByRow) return null
  const { stitchId, widthMm, lengthMm } = setup.stitch
  const planned = plannedOf(setup.stitch, asked)
  const numbers = {
    stitch: stitchOf(stitchId, stitches)?.name ?? 'stitch gone',
    widthMm: planned?.widthMm ?? widthMm,
    lengthsMm: endsOf(planned?.lengthsMm ?? [lengthMm]),
    tension: setup.tension,
  }
  return { numbers, from: planned ? 'plan' : 'setup' }
}
