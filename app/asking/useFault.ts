import type { Fault } from './asker'
import { faultWords } from './faultWords'
import { type BuildNow, buildNow } from './newerBuild'
import { useKeptReload } from './useKeptReload'

/** Words for a fault, and whether reloading would help; what waits to be stored is never reloaded over. */
export function useFault(what: () => string, fault: () => Fault) {
  const { app } = useRuntimeConfig()
  const kept = useKeptReload()
  const build = ref<BuildNow>('same')
  watch(
    fault,
    async now => {
      if (now === 'not-loaded') build.value = await buildNow(app.buildId)
    },
    { immediate: true },
  )
  return {
    words: computed(() => faultWords(what(), fault(), build.value)),
    isNewer: computed(() => build.value === 'newer'),
    ...kept,
  }
}
