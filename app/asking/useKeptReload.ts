/** Reloads the page only over a book that is stored: what waits in memory would be gone with it. */
export function useKeptReload() {
  const book = useBookStore()
  const notStored = ref(false)
  async function reload(): Promise<void> {
    notStored.value = !(await book.flush())
    if (!notStored.value) window.location.reload()
  }
  return { notStored, reload }
}
