import type { Swatch } from '#shared/records'

const MOST_COMPARED = 4

/** The swatches chosen to stand side by side, in the order they were chosen. */
export function useSideBySide() {
  const swatches = useSwatchStore()
  const toast = useToast()
  const ids = ref<string[]>([])
  const side = computed(() =>
    ids.value.flatMap((id): Swatch[] => {
      const swatch = swatches.newest.find(one => one.id === id)
      return swatch ? [swatch] : []
    }),
  )
  function choose(id: string): void {
    if (ids.value.includes(id)) ids.value = ids.value.filter(other => other !== id)
    else if (ids.value.length < MOST_COMPARED) ids.value = [...ids.value, id]
    else toast.add({ title: 'Four side by side are enough', description: 'Take one out first.' })
  }
  function chooseNone(): void {
    ids.value = []
  }
  return { ids, side, choose, chooseNone }
}
