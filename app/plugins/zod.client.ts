import { z } from 'zod'

// Zod's compiled parsers need eval, which the content security policy forbids.
export default defineNuxtPlugin(() => {
  z.config({ jitless: true })
})
