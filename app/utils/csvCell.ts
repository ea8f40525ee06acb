/**
 * A cell that a spreadsheet would run as a formula is made plain text; one that already looks so made is
 * marked once more, so that the mark can be taken off again.
 */
export function safeCell(text: string): string {
  return /^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text
}

/**
 * The mark that {@link safeCell} puts before what looks like a formula is taken off again, so that text
 * round-trips.
 */
export function plainCell(cell: string): string {
  return /^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell
}
