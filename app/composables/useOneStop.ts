import { useEventListener, useMutationObserver } from '@vueuse/core'

const ENDS = { Home: 0, End: 1 } as const
const WAYS = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 } as const

/**
 * Makes a row of links and buttons one stop for Tab: the arrows go on within it, Home and End to its ends.
 * Tab comes to the one that was last there, before that to the current page's, else to the first.
 *
 * @param box - what holds them; those in panels that open over the page are no part of it.
 */
export function useOneStop(box: Readonly<Ref<HTMLElement | null>>): void {
  let last: HTMLElement | null = null
  const all = () =>
    [...(box.value?.querySelectorAll<HTMLElement>('a[href], button') ?? [])].filter(
      one => !one.closest('[role="dialog"]') && !(one as HTMLButtonElement).disabled && one.checkVisibility(),
    )
  function settle(): void {
    const stops = all()
    const now =
      stops.find(one => one === last) ?? stops.find(one => one.hasAttribute('aria-current')) ?? stops[0]
    for (const one of stops) {
      const tab = one === now ? 0 : -1
      if (one.tabIndex !== tab) one.tabIndex = tab
    }
  }
  /** After the paint, where what can be seen is known: before, asking has the page laid out anew. */
  let isAsked = false
  function settleSoon(): void {
    if (isAsked) return
    isAsked = true
    requestAnimationFrame(() =>
      setTimeout(() => {
        isAsked = false
        settle()
      }),
    )
  }
  function go(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const stops = all()
    const at = stops.indexOf(event.target as HTMLElement)
    if (at < 0) return
    const to = stopFrom(event.key, at, stops.length)
    if (to === null) return
    event.preventDefault()
    event.stopPropagation()
    stops[to]!.focus()
  }
  function stopFrom(key: string, at: number, count: number): number | null {
    if (key in ENDS) return ENDS[key as keyof typeof ENDS] * (count - 1)
    const by = WAYS[key as keyof typeof WAYS]
    return by === undefined ? null : (at + by + count) % count
  }
  useEventListener(box, 'keydown', go)
  useEventListener(box, 'focusin', ({ target }: FocusEvent) => {
    last = target as HTMLElement
    settle()
  })
  useMutationObserver(box, settleSoon, {
    childList: true,
    subtree: true,
    attributeFilter: ['disabled', 'aria-current', 'class'],
  })
  // Another width shows others of them.
  useEventListener('resize', settleSoon)
  onMounted(settleSoon)
}
