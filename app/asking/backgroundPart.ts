import { type Component, defineAsyncComponent } from 'vue'
import { useLate } from './useLate'

/**
 * A part nobody asked for, which is there for the whole page. Where it does not load, a note says what does
 * not work without it. To be called in setup.
 *
 * @param what - what does not work, as a sentence begins with it.
 */
export function useBackgroundPart(what: string, load: () => Promise<{ default: Component }>): Component {
  const late = useLate()
  return defineAsyncComponent({
    loader: load,
    onError: (error, retry) => void late(what, () => Promise.reject(error), retry),
  })
}
