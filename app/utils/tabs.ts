const TAB = 'lacy-spool-tab'
let isAnnounced = false

/** Tells other tabs, as long as this one is open, that it is there. */
export function announceTab(): void {
  if (isAnnounced || !navigator.locks) return
  isAnnounced = true
  void navigator.locks.request(TAB, { mode: 'shared' }, () => new Promise(() => {})).catch(() => {})
}

/** Tabs that have the app open; null where the browser cannot tell. */
async function tabCount(): Promise<number | null> {
  const locks = await navigator.locks?.query()
  return locks?.held?.filter(({ name }) => name === TAB).length ?? null
}

/** Whether no other tab has the app open; false where the browser cannot tell. */
export const isOnlyTab = async (): Promise<boolean> => (await tabCount()) === 1

/** Whether another tab has the app open; false where the browser cannot tell. */
export const isOpenElsewhere = async (): Promise<boolean> => ((await tabCount()) ?? 0) > (isAnnounced ? 1 : 0)
