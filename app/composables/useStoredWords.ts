import type { Kept } from '~/stores/book/keeping'

/** Says that something was done once it is stored, and not before. */
export function useStoredWords() {
  const book = useBookStore()
  const toast = useToast()

  /**
   * @param kept - from `commit`.
   * @param title - what was done: “12 records imported”.
   */
  async function sayStored(kept: Promise<Kept>, title: string): Promise<void> {
    const outcome = await kept
    if (outcome === 'stored') toast.add({ title, icon: 'i-lucide-check' })
    // What another tab took away is said by StorageNotice.
    if (outcome === 'waiting') {
      const { STORAGE_NOTICES } = await import('~/stores/book/storageNotices')
      toast.add({
        title: `${title}, in memory only`,
        description: STORAGE_NOTICES[book.storage]?.said,
        icon: 'i-lucide-hard-drive',
        color: 'warning',
      })
    }
  }
  return { sayStored }
}
