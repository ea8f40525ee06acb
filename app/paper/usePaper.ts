import { useStorage } from '@vueuse/core'
import { type Paper, PAPERS } from '#core/paper'

/** The paper in the printer: as chosen, before that letter where one measures in inches. */
export function usePaper() {
  const settings = useSettingsStore()
  // What the browser kept may be anything.
  const kept = useStorage<string>('lacy-spool-paper', '')
  return computed<Paper>({
    get: () => {
      if (kept.value in PAPERS) return kept.value as Paper
      return settings.unit === 'inch' ? 'letter' : 'a4'
    },
    set: chosen => {
      kept.value = chosen
    },
  })
}
