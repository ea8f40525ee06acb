/** Stands for the module a build provides: a test plays the browser that has found a newer version. */
export const pwa: { offer: () => void; takeOver: () => void; updated: number } = {
  offer: () => {},
  takeOver: () => {},
  updated: 0,
}

export function registerSW(on: { onNeedRefresh: () => void; onNeedReload: () => void }): () => Promise<void> {
  pwa.offer = on.onNeedRefresh
  pwa.takeOver = on.onNeedReload
  return async () => {
    pwa.updated += 1
  }
}
