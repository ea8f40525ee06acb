import { benchCard } from '#core/card'
import { evidenceWords } from '#core/swing'
import type { SourceNote } from '#core/terms'
import { asSentence } from '#core/units'
import { tensionSource } from '#shared/setup'
import { SOURCE_CHIPS } from '~/utils/sourceChips'

/** The bench card of the current setup. */
export function useBenchCard() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const walk = useWalkStore()
  const handWalks = useHandWalksStore()
  const starting = useStartStore()
  const speed = computed((): { text: string; source: SourceNote } => {
    const { speed: chosen } = inHand.setup
    if (chosen !== null)
      return {
        text: chosen === 'usual' ? 'as usual' : chosen,
        source: { of: 'your plan', why: 'As you chose it.' },
      }
    const { start } = starting
    return start
      ? {
          text: start.speed.text,
          source: { of: SOURCE_CHIPS[start.speed.source], why: asSentence(start.speed.why) },
        }
      : { text: 'slow first', source: { of: 'rule', why: 'The first stitches show what is wrong.' } }
  })
  return computed(() =>
    benchCard({
      walk: walk.input,
      reasons: inHand.verdict.reasons,
      walked: handWalks.latest !== null,
      tensionSource: tensionSource(inHand.setup, book.shelf),
      speed: speed.value,
      safeSource: { of: inHand.verdict.evidence, why: `${evidenceWords(inHand.verdict)}.` },
    }),
  )
}
