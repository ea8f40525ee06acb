import { config } from 'zod/mini'

// Zod's compiled parsers need eval, which the content security policy forbids.
export default defineNuxtPlugin(() => {
  config({ jitless: true })
})
