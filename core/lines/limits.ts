/** Limits of line drawings. A module of its own: records check them, and load no more. */
export const MOST_NODES = 2000
export const MOST_LINES = 2000
export const MOST_VANES = 60
