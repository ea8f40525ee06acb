/** Limits of shapes. A module of its own: records check them, and load no more. */
export const MOST_SHAPE_POINTS = 5000
export const MOST_PATH_CHARS = 200_000
export const MOST_LETTERS = 40
/** No shape is larger, in mm. */
export const MOST_SHAPE_MM = 10_000
