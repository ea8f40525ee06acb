import Sortable from 'sortablejs'

/**
 * Lets the entries of a list be dragged by their handle. The order itself is the caller's: what was dragged
 * is put back, and comes to its new place with the order.
 *
 * @param list - the list's element; it may come and go.
 * @param moved - from which place to which.
 */
export function useDragOrder(
  list: Readonly<Ref<HTMLElement | null>>,
  moved: (from: number, to: number) => void,
): void {
  const MS = 120
  watch(
    list,
    (element, _, onCleanup) => {
      if (!element) return
      const sortable = Sortable.create(element, {
        handle: '[data-handle]',
        animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : MS,
        onEnd({ item, from, oldIndex, newIndex }) {
          if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
          item.remove()
          from.insertBefore(item, from.children[oldIndex] ?? null)
          moved(oldIndex, newIndex)
        },
      })
      onCleanup(() => sortable.destroy())
    },
    { immediate: true, flush: 'post' },
  )
}
