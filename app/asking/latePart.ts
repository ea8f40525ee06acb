import { type Component, defineAsyncComponent, defineComponent, h, shallowRef } from 'vue'
import { LOAD_MS } from './asker'
import AskFault from './AskFault.vue'
import OverFault from './OverFault.vue'
import WorkingOut from './WorkingOut.vue'

const SOON_MS = 150
const PLACE_PX = 60
type Where = 'in place' | 'over the page'

/**
 * A component whose code comes when it is first shown. Until then its place says so; where it does not come,
 * the place says why and how to go on.
 *
 * @param what - what it is, as a sentence begins with it: “The list of keys”.
 * @param where - where it will be seen. @defaultValue 'in place'
 */
export function latePart<T extends Component>(
  what: string,
  load: () => Promise<{ default: T }>,
  where: Where = 'in place',
): T {
  /** Another round loads anew: what failed once stays failed. */
  const round = shallowRef(0)
  const again = () => {
    round.value += 1
  }
  const FAULTS = {
    'in place': () => h(AskFault, { what, fault: 'not-loaded', onAgain: again }),
    'over the page': (attrs: object) => h(OverFault, { ...attrs, what, onAgain: again }),
  } as const
  const WAITS = {
    'in place': () => h(WorkingOut, { tall: PLACE_PX, words: 'Loading…' }),
    'over the page': () => null,
  } as const
  const parts = new Map<number, Component>()
  function partOf(now: number): Component {
    const part =
      parts.get(now)
      ?? defineAsyncComponent({
        loader: load,
        loadingComponent: defineComponent({ inheritAttrs: false, setup: () => WAITS[where] }),
        errorComponent: defineComponent({
          inheritAttrs: false,
          setup:
            (_, { attrs }) =>
            () =>
              FAULTS[where](attrs),
        }),
        delay: SOON_MS,
        timeout: LOAD_MS,
        suspensible: false,
      })
    parts.set(now, part)
    return part
  }
  return defineComponent({
    inheritAttrs: false,
    setup:
      (_, { attrs, slots }) =>
      () =>
        h(partOf(round.value), { ...attrs, key: round.value }, slots),
  }) as unknown as T
}
