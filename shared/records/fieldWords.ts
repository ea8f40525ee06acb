/** Endings that say a unit or that a value names another record. */
const ENDING = /(Mm|Deg|Minutes|At|Ids|Id)$/
const OTHERS: Readonly<Record<string, string>> = { keys: 'ticks', before: 'order' }

/**
 * A field of a record in plain words, for a sentence that names several.
 *
 * @example
 * fieldWords('maxWidthMm') // 'max width'
 */
export function fieldWords(name: string): string {
  const bare = name.replace(ENDING, '') || name
  return OTHERS[name] ?? bare.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()
}
