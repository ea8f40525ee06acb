/**
 * A line of words as one or several that can be read, broken after a comma or semicolon; what goes on is set
 * in a little.
 *
 * @param most - characters to a line, over 0.
 *
 * @example
 * brokenLine('Leaf: 14 × 5, turn; 13 × 5, end', 20) // ['Leaf: 14 × 5, turn;', '  13 × 5, end']
 */
export function brokenLine(line: string, most: number): string[] {
  const found: string[] = []
  for (const part of line.split(/(?<=[,;]) /)) {
    const last = found.at(-1)
    const joined = `${last} ${part}`
    if (last === undefined) found.push(part)
    else if (joined.length <= most) found[found.length - 1] = joined
    else found.push(`  ${part}`)
  }
  return found
}
