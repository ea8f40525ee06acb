import type { PieceWork } from '#shared/inputs'

/**
 * Every length a piece dials, as a card says it: “2.9 and 3.0”.
 *
 * @param setMm - the setup's own: where the plan decides none.
 */
export function dialledWords(work: PieceWork | null, setMm: number, length: (mm: number) => string): string {
  const lengthsMm = work?.dialled?.lengthsMm ?? []
  const [last, ...before] = (lengthsMm.length > 0 ? [...lengthsMm] : [setMm]).reverse()
  const first = before.toReversed().map(length).join(', ')
  return first ? `${first} and ${length(last!)}` : length(last!)
}
