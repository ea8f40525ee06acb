/** No letter on a sheet is smaller, in mm: 7 pt. Less is not read beside a machine. Common practice. */
export const LEAST_LETTER_MM = (7 * 25.4) / 72

/**
 * Words on a line of so much room: set smaller first, then cut.
 *
 * @param sizeMm - the size wanted, the least letter or more.
 * @param wideAt - how wide words are at a size, in mm.
 *
 * @example
 * const wideAt = (words, sizeMm) => 0.5 * sizeMm * words.length
 * fitted('Attic seven', 5, 22, wideAt) // { words: 'Attic seven', sizeMm: 4 }
 */
export function fitted(
  words: string,
  sizeMm: number,
  mostMm: number,
  wideAt: (words: string, sizeMm: number) => number,
): { readonly words: string; readonly sizeMm: number } {
  const wide = wideAt(words, sizeMm)
  if (wide <= mostMm) return { words, sizeMm }
  const smaller = (sizeMm * mostMm) / wide
  if (smaller >= LEAST_LETTER_MM) return { words, sizeMm: smaller }
  const letters = [...words]
  while (letters.length > 1 && wideAt(`${letters.join('')}…`, LEAST_LETTER_MM) > mostMm) letters.pop()
  return { words: `${letters.join('').trimEnd()}…`, sizeMm: LEAST_LETTER_MM }
}
