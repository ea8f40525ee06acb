export const MOST_PIECES = 40
