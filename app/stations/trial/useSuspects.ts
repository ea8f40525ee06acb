import { formatShort } from '#core/units'
import { type SignId, type Suspect, suspectsOf } from '#core/signs'
import { markFurther } from '#core/trial'
import { LIMITS } from '#shared/fields'

/** What pressing a suspect does to the piece in hand. */
export interface SuspectPress {
  readonly label: string
  /** The tension it goes to; left out: something else changes. */
  readonly at?: number
  readonly run: () => void
}

/** Who is to be suspected, for the strip and for the doctor alike, and what may be tried with one press. */
export function useSuspects(signs: () => readonly SignId[]) {
  const inHand = useInHandStore()
  const book = useBookStore()
  const trial = useTrialStore()
  const on = useSignContext()
  const suspects = computed(() => suspectsOf(signs(), on.value))

  /** The number the strip leads to, where its rows say one; else one step further on the dial, or none. */
  function stepped(way: 'up' | 'down'): { at: number; label: string } | null {
    const { dial, leadsTo } = trial
    const now = inHand.setup.tension ?? dial?.home ?? null
    if (dial === null || now === null) return null
    if (leadsTo !== null) {
      const isThatWay = way === 'up' ? leadsTo > now : leadsTo < now
      const label = isThatWay
        ? `Tension to ${leadsTo}, as your strip says`
        : `Your strip asks for ${leadsTo} first`
      return { at: leadsTo, label }
    }
    const at = markFurther(dial, now, way)
    return at === null ? null : { at, label: `Tension to ${at}` }
  }
  /** null: it is done by hand, or cannot be done here. */
  function pressOf({ does }: Suspect): SuspectPress | null {
    switch (does.kind) {
      case 'tension': {
        const next = stepped(does.way)
        return (
          next && {
            ...next,
            run: () => inHand.update(`Tension to ${next.at}`, { tension: next.at }),
          }
        )
      }
      case 'length': {
        const lengthMm =
          Math.round(100 * Math.min(LIMITS.lengthMm[1], inHand.setup.stitch.lengthMm + does.byMm)) / 100
        return { label: `Length to ${formatShort(lengthMm)}`, run: () => inHand.setStitch({ lengthMm }) }
      }
      case 'pressure':
        return {
          label: 'Pressure to less',
          run: () => inHand.update('Less foot pressure', { pressure: does.to }),
        }
      case 'speed':
        return inHand.setup.speed === does.to
          ? null
          : { label: 'Speed to slow', run: () => inHand.update('Slow', { speed: does.to }) }
      case 'stabilizer': {
        const found = [...book.shelf.stabilizers.values()].find(({ kind }) => kind === does.to)
        return found
          ? {
              label: `Put ${found.name} behind it`,
              run: () => inHand.update(`Put ${found.name} behind it`, { stabilizerId: found.id }),
            }
          : null
      }
      case 'hand':
        return null
    }
  }
  return { suspects, pressOf }
}
