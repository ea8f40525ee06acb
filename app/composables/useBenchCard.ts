import { benchCard } from '#core/card'
import { startSettings } from '#core/pairing'
import { startInputOf, stateOf, walkInputOf } from '#shared/inputs'

/** The bench card of the current setup. */
export function useBenchCard() {
  const book = useBookStore()
  const bench = useBenchStore()
  const settings = useSettingsStore()
  const handWalks = useHandWalksStore()
  const speed = computed(() => {
    if (bench.setup.speed !== null)
      return { text: bench.setup.speed === 'usual' ? 'as usual' : bench.setup.speed, source: 'your choice' }
    const start = startInputOf(
      bench.setup,
      bench.parts.needle?.construction ?? 'single',
      book.shelf,
      settings.record,
    )
    return start
      ? { text: startSettings(start).speed.text, source: 'rule' }
      : { text: 'slow first', source: 'rule' }
  })
  return computed(() =>
    benchCard({
      walk: walkInputOf(
        bench.setup,
        book.shelf,
        settings.record,
        stateOf(bench.setup.machineId, book.shelf.machineStates),
      ),
      reasons: bench.verdict.reasons,
      walked: handWalks.latest !== null,
      speed: speed.value,
      unit: settings.unit,
      safeSource: bench.result?.binding === 'machine' ? 'rule' : 'measured',
    }),
  )
}
