/** The most points of an edge. A module of its own: records check it, and load no more. */
export const MOST_POINTS = 400
