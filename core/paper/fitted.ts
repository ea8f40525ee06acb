/** No letter on a sheet is smaller: 7 pt, in mm. Smaller print is not read beside a machine. Common practice. */
export const LEAST_LETTER_MM = (7 * 25.4) / 72

/**
 * Words on a line of so much room: set smaller first, then cut.
 *
 * @param sizeMm - the size wanted, the least letter or more.
 * @param wideAt - how wide words are at a size, in mm.
 *
 * @example
 * fitted('Attic seven', 5, 20, (words, size) => 0.5 * size * words.length) // { words: 'Attic seven', sizeMm: 3.6 }
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
