import type { ToastProps } from '@nuxt/ui'
import type { Kept } from '~/stores/book/keeping'

/** Says that something was done once it is stored, and not before. */
export function useStoredWords() {
  const book = useBookStore()
  const toast = useToast()
  const settled = async (): Promise<Kept> => ((await book.flush()) ? 'stored' : 'waiting')

  /**
   * @param title - what was done: “12 records imported”.
   * @param more - shown with it. `kept`, from `commit`: what is waited for; without it, all that waits now.
   */
  async function sayStored(
    title: string,
    {
      kept = settled(),
      ...more
    }: Pick<ToastProps, 'actions' | 'description'> & { kept?: Promise<Kept> } = {},
  ): Promise<void> {
    const outcome = await kept
    if (outcome === 'stored') toast.add({ title, icon: 'i-lucide-check', ...more })
    // What another tab took away is said by StorageNotice.
    if (outcome === 'waiting') {
      const words = await import('~/stores/book/storageNotices').catch(() => null)
      toast.add({
        title: `${title}, in memory only`,
        icon: 'i-lucide-hard-drive',
        color: 'warning',
        ...more,
        description: words?.STORAGE_NOTICES[book.storage]?.said,
      })
    }
  }
  return { sayStored }
}
