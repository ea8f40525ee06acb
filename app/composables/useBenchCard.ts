import { benchCard } from '#core/card'

/** The bench card of the current setup. */
export function useBenchCard() {
  const bench = useBenchStore()
  const settings = useSettingsStore()
  const walk = useWalkStore()
  const handWalks = useHandWalksStore()
  const starting = useStartStore()
  const speed = computed(() => {
    if (bench.setup.speed !== null)
      return { text: bench.setup.speed === 'usual' ? 'as usual' : bench.setup.speed, source: 'your choice' }
    const { start } = starting
    return start
      ? { text: start.speed.text, source: start.speed.source }
      : { text: 'slow first', source: 'rule' }
  })
  return computed(() =>
    benchCard({
      walk: walk.input,
      reasons: bench.verdict.reasons,
      walked: handWalks.latest !== null,
      tensionHow: bench.setup.tensionFrom?.how ?? null,
      speed: speed.value,
      unit: settings.unit,
      safeSource: bench.result?.binding === 'machine' ? 'rule' : 'measured',
    }),
  )
}
