const PLACE = 'lacy-spool-begun'

/** Whether a book was ever begun in this browser: the demo comes by itself only into one that never was. */
export function wasBegun(): boolean {
  try {
    return localStorage.getItem(PLACE) !== null
  } catch {
    return false
  }
}
export function noteBegun(): void {
  try {
    localStorage.setItem(PLACE, 'yes')
  } catch {
    // Where site data is blocked nothing lasts anyway.
  }
}
