/** A moment as a day: `25 November 2026`. */
export const dayOf = (moment: string) =>
  new Date(moment).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
