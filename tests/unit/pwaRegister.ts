/** Stands for the module a build provides: a test plays the browser that has found a newer version. */
export const pwa: { offer: () => void; updated: number } = { offer: () => {}, updated: 0 }

export function registerSW({ onNeedRefresh }: { onNeedRefresh: () => void }): () => Promise<void> {
  pwa.offer = onNeedRefresh
  return async () => {
    pwa.updated += 1
  }
}
