import { noteFirstView } from '~/utils/firstView'

const LATEST_MS = 500

export default defineNuxtPlugin(({ hooks }) => {
  hooks.hookOnce('page:finish', () => {
    // The frame after the one it is drawn in: nothing more is asked for before it is seen.
    requestAnimationFrame(() =>
      requestAnimationFrame(() => requestIdleCallback(noteFirstView, { timeout: LATEST_MS })),
    )
  })
})
