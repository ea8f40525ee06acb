/**
 * Follows a pointer from where it was pressed until it is let go, wherever it goes meanwhile.
 *
 * Listeners of the window do it, since a captured pointer is lost without a word in some browsers.
 */
export function followPointer(
  { pointerId }: PointerEvent,
  moved: (event: PointerEvent) => void,
  letGo: () => void = () => {},
): void {
  const done = new AbortController()
  const { signal } = done
  const isIts = (event: PointerEvent) => event.pointerId === pointerId
  const end = (event: PointerEvent) => {
    if (!isIts(event)) return
    done.abort()
    letGo()
  }
  window.addEventListener('pointermove', event => isIts(event) && moved(event), { signal })
  window.addEventListener('pointerup', end, { signal })
  window.addEventListener('pointercancel', end, { signal })
}
