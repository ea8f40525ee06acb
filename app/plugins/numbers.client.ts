import { setNumberLocale } from '#core/units'

// The words are English; the decimal mark is the reader's own.
export default defineNuxtPlugin(() => setNumberLocale(navigator.language))
