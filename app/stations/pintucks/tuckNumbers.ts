const MOST_NUMBERS = 8

/** Tucks as they are counted from the left: “13, 14, 12 …”. */
export function tuckNumbers(tucks: readonly number[]): string {
  const shown = tucks.slice(0, MOST_NUMBERS).map(tuck => tuck + 1)
  return `${shown.join(', ')}${tucks.length > MOST_NUMBERS ? ' …' : ''}`
}
