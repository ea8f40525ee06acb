import { computed, type Ref } from 'vue'
import type { Construction } from '#core/needle'
import {
  bobbinAdvice,
  leadingThread,
  isFlawless,
  needleToBuy,
  rankBobbins,
  rankNeedles,
  startSettings,
  threadClassOf,
} from '#core/pairing'
import { leadingColour } from '#core/colour'
import { candidateOf, clothFactsOf, startInputOf, threadedBlades } from '#shared/inputs'

/** Owned needles ranked for the threads chosen, the bobbin, and where to start. */
export function usePairing(construction: Ref<Construction>, gapMm: Ref<number | null>) {
  const book = useBookStore()
  const bench = useBenchStore()
  const settings = useSettingsStore()
  const blades = computed(() => threadedBlades(bench.setup, construction.value, book.shelf.threads))
  const threads = computed(() => blades.value.map(({ thread }) => thread))
  const input = computed(() =>
    threads.value.length === 0
      ? null
      : {
          threads: threads.value,
          cloth: clothFactsOf(bench.setup, book.shelf.cloths),
          construction: construction.value,
          gapMm: gapMm.value,
          seam: bench.swingInput,
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
  const startInput = computed(() =>
    startInputOf(bench.setup, construction.value, book.shelf, settings.record),
  )
  const start = computed(() => startInput.value && startSettings(startInput.value))

  const lead = computed(() => {
    const [first, ...rest] = threads.value
    return first ? leadingThread([first, ...rest]) : null
  })
  /** A thick thread on the bobbin decides how it is sewn, whatever is above; else the thread above does. */
  const decides = computed(() => {
    const wound = book.shelf.threads.get(bench.setup.bobbinId ?? '')
    return wound && threadClassOf(wound) === 'thick' ? wound : lead.value
  })
  const bobbinInput = computed(
    () =>
      decides.value && {
        top: { ...decides.value, hex: leadingColour(decides.value.colours) },
        swings: startInput.value?.swings ?? false,
        school: settings.schools.heavyBobbin,
      },
  )
  const bobbin = computed(() => bobbinInput.value && bobbinAdvice(bobbinInput.value))
  const bobbins = computed(() =>
    bobbinInput.value && decides.value
      ? rankBobbins(
          bobbinInput.value,
          decides.value.id,
          [...book.shelf.threads.values()]
            .filter(({ metresLeft }) => metresLeft !== 0)
            .map(thread => ({ ...thread, hex: leadingColour(thread.colours) })),
        )
      : [],
  )
  return { threads, ranked, buy, start, lead, bobbin, bobbins }
}
