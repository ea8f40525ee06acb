import { computed, type WritableComputedRef } from 'vue'

/** A choice that may stay open, for a select: null is the empty value. */
export function orUnknown<T extends string>(
  get: () => T | null,
  set: (value: T | null) => void,
): WritableComputedRef<string> {
  return computed({ get: () => get() ?? '', set: value => set(value === '' ? null : (value as T)) })
}

/** A select's entries with the open one first. */
export function openChoices<T extends string>(
  list: readonly T[],
  open = 'not known',
  wordOf: (value: T) => string = value => value,
): { value: string; label: string }[] {
  return [{ value: '', label: open }, ...list.map(value => ({ value, label: wordOf(value) }))]
}
