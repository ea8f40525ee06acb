/** Millimetres in an inch, exact. Source: international inch, 1959. */
export const MM_PER_INCH = 25.4

/** What lengths are shown and typed in. Inside the core every length is in millimetres. */
export type LengthUnit = 'mm' | 'inch'
