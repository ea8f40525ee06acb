const PLACE = 'lacy-spool-in-hand'

/** The piece this tab has in hand, as it outlives a reload; empty: none yet, or site data is blocked. */
export function idInTab(): string {
  try {
    return sessionStorage.getItem(PLACE) ?? ''
  } catch {
    return ''
  }
}
export function noteInTab(id: string): void {
  try {
    sessionStorage.setItem(PLACE, id)
  } catch {
    // Then a reload goes on with what was in hand last, in any tab.
  }
}
