import type { Workplace } from '#shared/job'

/** What a job is set up from: what one owns, how one works, what lengths are written in. */
export function useWorkplace() {
  const book = useBookStore()
  const settings = useSettingsStore()
  return computed<Workplace>(() => ({
    tables: book.shelf,
    settings: settings.record,
    unit: settings.unit,
  }))
}
