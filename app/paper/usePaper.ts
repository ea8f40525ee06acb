import { useStorage } from '@vueuse/core'
import { type Paper, PAPERS } from '#core/paper'
import type { LengthUnit } from '#core/units'

/** What is sold where one measures so. */
const USUAL_PAPER: Readonly<Record<LengthUnit, Paper>> = { mm: 'a4', inch: 'letter' }

/** The paper in the printer: as chosen, before that letter where one measures in inches. */
export function usePaper() {
  const settings = useSettingsStore()
  // What the browser kept may be anything.
  const kept = useStorage<string>('lacy-spool-paper', '')
  return computed<Paper>({
    get: () => {
      if (kept.value in PAPERS) return kept.value as Paper
      return USUAL_PAPER[settings.unit]
    },
    set: chosen => {
      kept.value = chosen
    },
  })
}
