import type { InjectionKey } from 'vue'

/** Closes the picker a choice was made in. */
export const closePickerKey: InjectionKey<() => void> = Symbol('close picker')
