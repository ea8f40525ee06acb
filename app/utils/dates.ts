// Made once: making one takes longer than a list of plans takes to open.
const LONG = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'long', year: 'numeric' })
const SHORT = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })

/** A moment as a day, as the reader writes it: `25 November 2026`, `November 25, 2026`. */
export const dayOf = (moment: string) => LONG.format(Date.parse(moment))

/** A moment as a day where there is little room: `25 Nov 2026`, `Nov 25, 2026`. */
export const shortDayOf = (moment: string) => SHORT.format(Date.parse(moment))
