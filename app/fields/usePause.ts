/** Longer than a quick typist needs from key to key: about 150 ms, from memory. */
const PAUSE_MS = 200

/** What waits for its pause, in all fields. */
const waiting = new Set<() => void>()
// Before anybody asks whether something is not stored yet, and before what is half typed is noted for later.
for (const leaving of ['beforeunload', 'pagehide'] as const)
  window.addEventListener(leaving, () => [...waiting].forEach(handOn => handOn()), { capture: true })

/**
 * Hands on what is typed once the typing pauses: a key is shown at once, and what follows from it does not
 * keep the next key waiting. Leaving the field, Enter, and going elsewhere, in the app or out of it, hand it
 * on at once.
 */
export function usePause(handOn: () => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  const isPending = () => timer !== undefined
  function now(): void {
    if (!isPending()) return
    clearTimeout(timer)
    timer = undefined
    waiting.delete(now)
    handOn()
  }
  function soon(): void {
    clearTimeout(timer)
    timer = setTimeout(now, PAUSE_MS)
    waiting.add(now)
  }
  onBeforeUnmount(now)
  return { soon, now, isPending }
}
