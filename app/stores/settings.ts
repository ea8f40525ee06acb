import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Schools } from '#core/schools'
import type { LengthUnit } from '#core/units'
import { DEFAULT_SETTINGS, type Settings } from '#shared/records'

/** What the switch goes to. */
const OTHER_UNIT: Readonly<Record<LengthUnit, LengthUnit>> = { mm: 'inch', inch: 'mm' }

/** How the user works, whatever is on the machine: unit, schools, clearance, jobs ticked. */
export const useSettingsStore = defineStore('settings', () => {
  const book = useBookStore()
  const record = computed<Settings>(() => book.shelf.settings.get('settings') ?? DEFAULT_SETTINGS)
  const unit = computed(() => record.value.unit)
  const schools = computed(() => record.value.schools)

  function change(changed: Partial<Omit<Settings, 'id'>>): void {
    const next = { ...record.value, ...changed }
    void book.commit('Change settings', [{ table: 'settings', id: 'settings', record: next }])
  }
  const changeSchools = (changed: Partial<Schools>) => change({ schools: { ...schools.value, ...changed } })
  const switchUnit = () => change({ unit: OTHER_UNIT[unit.value] })
  /** After an export; no step of undo, for the file cannot be taken back. */
  const noteBackup = (now: Date) => book.note('settings', 'settings', { backedUpAt: now.toISOString() })

  return { record, unit, schools, change, changeSchools, switchUnit, noteBackup }
})
