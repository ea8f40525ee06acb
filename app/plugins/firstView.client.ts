import { noteFirstView } from '~/utils/firstView'

const LATEST_MS = 500

export default defineNuxtPlugin(({ hooks }) => {
  hooks.hookOnce('page:finish', () => {
    requestIdleCallback(noteFirstView, { timeout: LATEST_MS })
  })
})
