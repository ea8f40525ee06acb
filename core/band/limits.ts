export const MOST_BAND_ROWS = 15
