const TAB = 'lacy-spool-tab'

/** Tells other tabs, as long as this one is open, that it is there. */
export function announceTab(): void {
  void navigator.locks?.request(TAB, { mode: 'shared' }, () => new Promise(() => {})).catch(() => {})
}

/** Whether no other tab has the app open; false where the browser cannot tell. */
export async function isOnlyTab(): Promise<boolean> {
  const locks = await navigator.locks?.query()
  return locks?.held?.filter(({ name }) => name === TAB).length === 1
}
