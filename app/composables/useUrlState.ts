import { computed, ref, watch, type WritableComputedRef } from 'vue'
import type { LocationQueryRaw } from 'vue-router'

/** A choice that belongs to a page’s address: reload, back and a bookmark restore it. */
interface UrlState<T extends string> {
  /** What the address need not say. */
  readonly usual: T
  /** Anything else in the address counts as the usual; left out: any text is a choice. */
  readonly choices?: readonly T[]
  /** Whether each change is a step one can go back by. @defaultValue false */
  readonly isStep?: boolean
}

/** What the address will hold: several choices may change before it follows. */
let coming: LocationQueryRaw | null = null

/**
 * @param name - of the address’s query.
 *
 * @example
 * const view = useUrlState('view', { usual: 'cards', choices: ['cards', 'table'], isStep: true })
 */
export function useUrlState<T extends string>(
  name: string,
  { usual, choices, isStep = false }: UrlState<T>,
): WritableComputedRef<T> {
  const router = useRouter()
  const path = router.currentRoute.value.path
  const said = () => {
    const text = router.currentRoute.value.query[name]
    if (typeof text !== 'string') return usual
    return choices === undefined || choices.includes(text as T) ? (text as T) : usual
  }
  const value = ref(said())
  // The address follows a moment later: what is typed meanwhile is newer than what it says.
  let underWay = 0
  watch(
    () => router.currentRoute.value,
    now => {
      if (underWay === 0 && now.path === path) value.value = said() as never
    },
  )
  async function write(next: T): Promise<void> {
    value.value = next as never
    const { [name]: _, ...rest } = coming ?? router.currentRoute.value.query
    const query: LocationQueryRaw = next === usual ? rest : { ...rest, [name]: next }
    coming = query
    underWay += 1
    await (isStep ? router.push({ query }) : router.replace({ query }))
    underWay -= 1
    if (coming === query) coming = null
  }
  return computed({ get: () => value.value as T, set: next => void write(next) })
}
