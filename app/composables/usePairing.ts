import { computed, type Ref } from 'vue'
import type { Construction } from '#core/needle'
import { bobbinAdvice, leadingThread, needleToBuy, rankBobbins, rankNeedles, startSettings } from '#core/pairing'
import { leadingColour } from '#core/colour'
import { candidateOf, clothFactsOf, startInputOf, threadedBlades } from '#shared/pairing'

/** Owned needles ranked for the threads chosen, the bobbin, and where to start. */
export function usePairing(construction: Ref<Construction>, gapMm: Ref<number | null>) {
  const book = useBookStore()
  const bench = useBenchStore()
  const blades = computed(() => threadedBlades(bench.setup, construction.value, book.shelf.threads))
  const threads = computed(() => blades.value.map(({ thread }) => thread))
  const input = computed(() => (threads.value.length === 0
    ? null
    : { threads: threads.value, cloth: clothFactsOf(bench.setup, book.shelf.cloths), construction: construction.value, gapMm: gapMm.value }))
  /** Used-up needles are not there to be put in. */
  const owned = computed(() => [...book.shelf.needles.values()].filter(({ count }) => count > 0).map(candidateOf))
  const ranked = computed(() => (input.value ? rankNeedles(input.value, owned.value) : []))
  const buy = computed(() => (input.value && !ranked.value.some(({ verdict }) => verdict === 'good') ? needleToBuy(input.value) : null))
  const startInput = computed(() => startInputOf(bench.setup, construction.value, book.shelf, bench.settings))
  const start = computed(() => startInput.value && startSettings(startInput.value))

  const lead = computed(() => {
    const [first, ...rest] = threads.value
    return first ? leadingThread([first, ...rest]) : null
  })
  const bobbinInput = computed(() => lead.value && {
    top: { ...lead.value, hex: leadingColour(lead.value.colours) }, swings: startInput.value?.swings ?? false, school: bench.settings.schools.heavyBobbin,
  })
  const bobbin = computed(() => bobbinInput.value && bobbinAdvice(bobbinInput.value))
  const bobbins = computed(() => (bobbinInput.value && lead.value
    ? rankBobbins(bobbinInput.value, lead.value.id, [...book.shelf.threads.values()].filter(({ metresLeft }) => metresLeft !== 0).map(thread => ({ ...thread, hex: leadingColour(thread.colours) })))
    : []))
  return { threads, ranked, buy, start, lead, bobbin, bobbins }
}
