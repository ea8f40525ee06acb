/** Brings a row into the middle of a list that scrolls by itself; the page stays where it is. */
export function scrollWithin(box: Element | null | undefined, row: Element | null | undefined): void {
  if (!box || !row || box.scrollHeight <= box.clientHeight) return
  const [around, its] = [box.getBoundingClientRect(), row.getBoundingClientRect()]
  if (its.bottom > around.bottom || its.top < around.top)
    box.scrollTop += its.top - around.top - box.clientHeight / 2
}
