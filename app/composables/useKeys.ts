import { useStorage } from '@vueuse/core'
import { type KeyId, KEYS } from '~/utils/keys'
import { mayKeysAct } from './useHands'

/** Whether single keys do anything; combinations with Ctrl always do. Kept in this browser. */
export const useKeysOn = () => useStorage('lacy-spool-keys-on', true)

const isCombination = (key: string) => key.startsWith('meta_')

/** Listens for keys of the one list while the page stands, never where a key is meant for something else. */
export function useKeys(handlers: Partial<Record<KeyId, () => unknown>>): void {
  const isOn = useKeysOn()
  const listening = Object.entries(handlers).map(([id, handle]) => {
    const { key } = KEYS[id as KeyId]
    return [key, () => void (isCombination(key) ? handle() : isOn.value && mayKeysAct() && handle())] as const
  })
  defineShortcuts(Object.fromEntries(listening))
}

/** A view that does not load is said where it would stand. */
const goTo = (path: string) => Promise.resolve(navigateTo(path)).catch(() => {})

/** The same for the keys that jump to a view. */
export function useJumpKeys(jumps: readonly { readonly key: string; readonly path: string }[]): void {
  const isOn = useKeysOn()
  const jump = (path: string) => () => void (isOn.value && mayKeysAct() && goTo(path))
  defineShortcuts(Object.fromEntries(jumps.map(({ key, path }) => [key.toLowerCase(), jump(path)])))
}
