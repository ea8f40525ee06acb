import type { Fault } from './asker'
import { faultWords } from './faultWords'
import { type BuildNow, buildNow } from './newerBuild'

/** Words for a fault, and whether reloading would help; what waits to be stored is never reloaded over. */
export function useFault(what: () => string, fault: () => Fault) {
  const { app } = useRuntimeConfig()
  const book = useBookStore()
  const build = ref<BuildNow>('same')
  watch(
    fault,
    async now => {
      if (now === 'not-loaded') build.value = await buildNow(app.buildId)
    },
    { immediate: true },
  )
  const notStored = ref(false)
  async function reload(): Promise<void> {
    notStored.value = !(await book.flush())
    if (!notStored.value) window.location.reload()
  }
  return {
    words: computed(() => faultWords(what(), fault(), build.value)),
    isNewer: computed(() => build.value === 'newer'),
    notStored,
    reload,
  }
}
