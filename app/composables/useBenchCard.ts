import { benchCard } from '#core/card'
import { familyWords } from '#shared/setup'

/** The bench card of the current setup. */
export function useBenchCard() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const walk = useWalkStore()
  const handWalks = useHandWalksStore()
  const starting = useStartStore()
  const speed = computed(() => {
    if (inHand.setup.speed !== null)
      return { text: inHand.setup.speed === 'usual' ? 'as usual' : inHand.setup.speed, source: 'your choice' }
    const { start } = starting
    return start
      ? { text: start.speed.text, source: start.speed.source }
      : { text: 'slow first', source: 'rule' }
  })
  return computed(() =>
    benchCard({
      walk: walk.input,
      reasons: inHand.verdict.reasons,
      walked: handWalks.latest !== null,
      tensionHow: inHand.setup.tensionFrom?.how ?? null,
      tensionFamily: familyWords(inHand.setup, book.shelf),
      speed: speed.value,
      safeSource: inHand.result?.binding === 'machine' ? 'rule' : 'measured',
    }),
  )
}
