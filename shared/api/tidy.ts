/** Rounding noise off, to a millionth; −0 becomes 0. */
export function tidy(value: number): number {
  return Math.round(value * 1e6) / 1e6 + 0
}

/** The same where there may be nothing. */
export const tidyOrNull = (value: number | null): number | null => (value === null ? null : tidy(value))
