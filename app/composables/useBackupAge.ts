import { TABLE_NAMES } from '#shared/records'
import { dayOf } from '~/utils/dates'

const OVERDUE_DAYS = 30
/** Fewer records of one's own are quickly typed again. */
const WORTH_KEEPING = 5
const MS_PER_DAY = 86_400_000

/** When the book was last exported, in words, and whether it is time to do it again. */
export function useBackupAge() {
  const book = useBookStore()
  const settings = useSettingsStore()
  const own = computed(() =>
    TABLE_NAMES.filter(table => table !== 'inHand' && table !== 'settings').reduce(
      (sum, table) => sum + [...book.shelf[table].keys()].filter(id => !id.startsWith('demo-')).length,
      0,
    ),
  )
  const last = computed(() => settings.record.backedUpAt)
  /** Noted by a clock that was ahead: nobody knows when it was. */
  const isAhead = computed(() => last.value !== null && Date.parse(last.value) - Date.now() > MS_PER_DAY)
  const said = computed(() => {
    if (last.value === null) return 'There is no backup yet'
    if (isAhead.value) return `Last backup: ${dayOf(last.value)}, by a clock that was ahead`
    const days = Math.max(0, Math.floor((Date.now() - Date.parse(last.value)) / MS_PER_DAY))
    const ago = days === 0 ? 'today' : `${days} ${days === 1 ? 'day' : 'days'} ago`
    return `Last backup: ${dayOf(last.value)}, ${ago}`
  })
  const overdue = computed(
    () =>
      own.value >= WORTH_KEEPING
      && (last.value === null
        || isAhead.value
        || Date.now() - Date.parse(last.value) > OVERDUE_DAYS * MS_PER_DAY),
  )
  return { said, overdue, note: settings.noteBackup }
}
