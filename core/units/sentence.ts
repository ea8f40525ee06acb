/**
 * Words with a capital first; nothing stays nothing.
 *
 * @example
 * capital('metallic frays') // 'Metallic frays'
 */
export const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`

/**
 * A reason as a sentence of its own; nothing stays nothing.
 *
 * @example
 * asSentence('as kept in “Collar”') // 'As kept in “Collar”.'
 */
export const asSentence = (words: string): string => words && `${capital(words)}.`
