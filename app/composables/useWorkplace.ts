import type { Workplace } from '#shared/job'

/** What a job is set up from: what one owns and how one works. */
export function useWorkplace() {
  const book = useBookStore()
  const settings = useSettingsStore()
  return computed<Workplace>(() => ({
    tables: book.shelf,
    settings: settings.record,
  }))
}
