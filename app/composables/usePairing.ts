import { computed, type Ref } from 'vue'
import type { Construction } from '#core/needle'
import {
  bobbinAdvice,
  decidingThread,
  isFlawless,
  needleToBuy,
  rankBobbins,
  rankNeedles,
  startSettings,
} from '#core/pairing'
import { leadingColour } from '#core/colour'
import { bobbinInputOf, candidateOf, clothFactsOf, startInputOf, threadedBlades } from '#shared/inputs'

/** Owned needles ranked for the threads chosen, the bobbin, and where to start. */
export function usePairing(construction: Ref<Construction>, gapMm: Ref<number | null>) {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()
  const blades = computed(() => threadedBlades(inHand.setup, construction.value, book.shelf.threads))
  const threads = computed(() => blades.value.map(({ thread }) => thread))
  const input = computed(() =>
    threads.value.length === 0
      ? null
      : {
          threads: threads.value,
          cloth: clothFactsOf(inHand.setup, book.shelf.cloths),
          construction: construction.value,
          gapMm: gapMm.value,
          schools: settings.schools,
          seam: inHand.swingInput,
        },
  )
  /** Used-up needles are not there to be put in. */
  const owned = computed(() =>
    [...book.shelf.needles.values()].filter(({ count }) => count > 0).map(candidateOf),
  )
  const ranked = computed(() => (input.value ? rankNeedles(input.value, owned.value) : []))
  const buy = computed(() =>
    input.value && !ranked.value.some(isFlawless) ? needleToBuy({ ...input.value, seam: null }) : null,
  )
  const starting = useStartStore()
  /** For the needle that is in, what strip and card begin with too; for one looked at, by the rule. */
  const start = computed(() => {
    if (construction.value === (inHand.parts.needle?.construction ?? 'single')) return starting.start
    const asked = startInputOf(inHand.setup, construction.value, book.shelf, settings.record)
    return asked && startSettings(asked)
  })

  const lead = computed(() => decidingThread(threads.value, null))
  const decides = computed(() =>
    decidingThread(threads.value, book.shelf.threads.get(inHand.setup.bobbinId ?? '') ?? null),
  )
  const bobbinInput = computed(
    () =>
      decides.value && {
        ...bobbinInputOf(decides.value, inHand.setup, book.shelf, settings.record),
        throughNeedle:
          decides.value === lead.value && ranked.value.some(({ verdict }) => verdict !== 'refuse'),
      },
  )
  const bobbin = computed(() => bobbinInput.value && bobbinAdvice(bobbinInput.value))
  const bobbins = computed(() =>
    bobbinInput.value && decides.value
      ? rankBobbins(
          bobbinInput.value,
          decides.value.id,
          [...book.shelf.threads.values()]
            // What is loaded is there, however little of it.
            .filter(({ id, metresLeft }) => metresLeft !== 0 || id === inHand.setup.bobbinId)
            .map(thread => ({ ...thread, hex: leadingColour(thread.colours) })),
        )
      : [],
  )
  return { threads, ranked, buy, start, lead, bobbin, bobbins }
}
