import type { WalkInput } from './types'

type Stitch = NonNullable<WalkInput['stitch']>

/** The width that is dialled, in mm: the planned one where a plan decides. */
export const dialledWidthMm = ({ widthMm, planned }: Stitch): number => planned?.widthMm ?? widthMm

/** The lengths that are dialled, in mm, the shortest first: several where a plan needs whole stitches. */
export const dialledLengthsMm = ({ lengthMm, planned }: Stitch): readonly number[] =>
  planned?.lengthsMm ?? [lengthMm]

/**
 * Where a plan decides it, that it does and what is wanted; '' where nothing is planned otherwise.
 *
 * @param length - writes a length.
 *
 * @example
 * plannedNote({ …blanket, widthMm: 4, lengthMm: 3, planned: { widthMm: 2.7, lengthsMm: [3] } }, String)
 * // 'planned; 4 × 3 wanted'
 */
export function plannedNote(stitch: Stitch, length: (mm: number) => string): string {
  if (!stitch.planned) return ''
  const { swings, widthMm, lengthMm } = stitch
  return `planned; ${swings ? `${length(widthMm)} × ` : ''}${length(lengthMm)} wanted`
}
