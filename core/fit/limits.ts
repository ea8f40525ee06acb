/** The most marks of a dial for stitch length. A module of its own: records check it, and load no more. */
export const MOST_LENGTH_MARKS = 500
