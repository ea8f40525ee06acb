/** So long one points at a sign before it says what it does. */
const HOVER_MS = 700
/** So long the tip stays once one has left, so that one may move onto it. */
const LEAVE_MS = 200

/**
 * When a sign says what it does: pointed at for a while, or reached by keys; it stays while one points at it
 * or at the tip, and goes by Escape. Until someone is near nothing of it is mounted.
 */
export function useTip() {
  const of = shallowRef<HTMLElement | null>(null)
  const isNear = ref(false)
  const isOpen = ref(false)
  let timer: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(timer))

  function soon(open: boolean, afterMs: number): void {
    clearTimeout(timer)
    timer = setTimeout(() => {
      isOpen.value = open
    }, afterMs)
  }
  function come(event: Event): void {
    of.value = event.currentTarget as HTMLElement
    isNear.value = true
  }
  function close(): void {
    clearTimeout(timer)
    isOpen.value = false
  }
  return {
    of,
    isNear,
    isOpen,
    /** What the sign itself listens to. */
    near: {
      onPointerenter(event: PointerEvent) {
        if (event.pointerType === 'touch') return
        come(event)
        soon(true, HOVER_MS)
      },
      onPointerleave: () => soon(false, LEAVE_MS),
      onFocus(event: FocusEvent) {
        if (!(event.target as HTMLElement).matches(':focus-visible')) return
        come(event)
        soon(true, 0)
      },
      onBlur: close,
      onPointerdown: close,
    },
    content: { onPointerenter: () => clearTimeout(timer), onPointerleave: () => soon(false, LEAVE_MS) },
  }
}
