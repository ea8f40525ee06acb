/** No file of ours nests deeper than half of this. */
const MOST_DEPTH = 32

/**
 * Whether a JSON text nests deeper than any of our files: looked at before it is parsed, for parsing such a
 * text takes seconds.
 *
 * @example
 * isTooDeep('[[1]]') // false
 */
export function isTooDeep(text: string): boolean {
  let [depth, isInString] = [0, false]
  for (let at = 0; at < text.length; at++) {
    const letter = text[at]
    if (isInString && letter === '\\') at += 1
    else if (letter === '"') isInString = !isInString
    else if (isInString) continue
    else if (letter === '[' || letter === '{') depth += 1
    else if (letter === ']' || letter === '}') depth -= 1
    if (depth > MOST_DEPTH) return true
  }
  return false
}
