import { useStorage } from '@vueuse/core'

/** A number this browser remembers: a printer’s check line, a screen’s scale. It may hold anything. */
export function useKeptNumber(key: string, usual: number) {
  const kept = useStorage<string>(key, String(usual))
  return computed<number>({
    get() {
      const value = kept.value.trim() === '' ? usual : Number(kept.value)
      return Number.isFinite(value) ? value : usual
    },
    set: value => {
      kept.value = String(value)
    },
  })
}
