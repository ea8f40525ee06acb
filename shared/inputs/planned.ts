import type { StitchSetting } from '#core/stitch'
import type { PieceWork } from './pieces'

/** What a plan dials in place of what is set, in mm on the dial. */
export interface Planned {
  readonly widthMm: number
  /** At least one, the shortest first. */
  readonly lengthsMm: readonly number[]
}

/** Differences one cannot dial. */
const SAME_MM = 0.005
const isSame = (a: number, b: number) => Math.abs(a - b) < SAME_MM

/**
 * Where a plan decides a number: a smaller bite, whole stitches of two lengths.
 *
 * @param set - the setup's own stitch.
 * @param work - what the piece asks for; null: it is not worked out.
 * @returns null: what is set is what is dialled.
 *
 * @example
 * plannedOf({ …blanket, widthMm: 4, lengthMm: 3 }, { …work, dialled: { widthMm: 2.7, lengthsMm: [3] } })
 * // { widthMm: 2.7, lengthsMm: [3] }
 */
export function plannedOf(
  set: Pick<StitchSetting, 'widthMm' | 'lengthMm'>,
  work: PieceWork | null,
): Planned | null {
  if (!work?.dialled) return null
  const widthMm = work.dialled.widthMm ?? set.widthMm
  const lengthsMm = work.dialled.lengthsMm.length > 0 ? work.dialled.lengthsMm : [set.lengthMm]
  const isAsSet = isSame(widthMm, set.widthMm) && lengthsMm.every(mm => isSame(mm, set.lengthMm))
  return isAsSet ? null : { widthMm, lengthsMm }
}
