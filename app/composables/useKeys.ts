import { useStorage } from '@vueuse/core'
import { type KeyId, KEYS } from '~/utils/keys'

/** Whether single keys do anything; combinations with Ctrl always do. Kept in this browser. */
export const useKeysOn = () => useStorage('lacy-spool-keys-on', true)

/** Keys belong to whatever is open or has the focus and takes keys itself. */
const TAKES_KEYS = '[role="combobox"], [role="listbox"], [role="radio"], [role="slider"], [contenteditable]'
const OPEN = '[role="dialog"], [role="listbox"], [role="menu"]'
function isFree(): boolean {
  return document.querySelector(OPEN) === null && !document.activeElement?.closest(TAKES_KEYS)
}
const isCombination = (key: string) => key.startsWith('meta_')

/** Listens for keys of the one list, while the page stands; never inside fields, selects or open panels. */
export function useKeys(handlers: Partial<Record<KeyId, () => unknown>>): void {
  const isOn = useKeysOn()
  const listening = Object.entries(handlers).map(([id, handle]) => {
    const { key } = KEYS[id as KeyId]
    return [key, () => void (isCombination(key) ? handle() : isOn.value && isFree() && handle())] as const
  })
  defineShortcuts(Object.fromEntries(listening))
}

/** The same for the keys that jump to a view. */
export function useJumpKeys(jumps: readonly { readonly key: string; readonly path: string }[]): void {
  const isOn = useKeysOn()
  const jump = (path: string) => () => void (isOn.value && isFree() && navigateTo(path))
  defineShortcuts(Object.fromEntries(jumps.map(({ key, path }) => [key.toLowerCase(), jump(path)])))
}
