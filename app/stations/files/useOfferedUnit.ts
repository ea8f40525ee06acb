import type { LengthUnit } from '#core/units'

/** The unit in which shared lengths were read by their sender: taken over if one likes. */
export function useOfferedUnit() {
  const book = useBookStore()
  const settings = useSettingsStore()
  /** null: not told, or the one in use here. */
  const offered = ref<LengthUnit | null>(null)
  const takesUnit = ref(false)
  /** An empty book has no habits yet: it begins as the sender’s. */
  function offer(unit: LengthUnit | null): void {
    offered.value = unit === settings.unit ? null : unit
    takesUnit.value = book.shelf.machines.size === 0
  }
  /** What is written with the records. */
  const unitChanges = computed(() => {
    if (!offered.value || !takesUnit.value) return []
    const record = { ...settings.record, unit: offered.value }
    return [{ table: 'settings', id: 'settings', record } as const]
  })
  return { offered, takesUnit, offer, unitChanges }
}
