import { formatShort } from '#core/units'
import type { SignChange, SignContext, Suspect } from './signs'

/** What may be at fault, and how what is on the machine speaks for it. */
export interface SuspectRule extends Omit<Suspect, 'because' | 'caution'> {
  readonly caution?: string
  /** What may break or hurt is looked at before all else. */
  readonly isUrgent?: true
  /** How what is on the machine speaks for it (above 0) or against it; null: it cannot be here at all. */
  readonly weigh?: (on: SignContext) => { readonly by: number; readonly because: string } | null
}

const down: SignChange = { kind: 'tension', way: 'down' }
export const up: SignChange = { kind: 'tension', way: 'up' }
export const hand: SignChange = { kind: 'hand' }
export const delicate = ({ threads }: SignContext) =>
  threads.some(threadClass => threadClass === 'metallic' || threadClass === 'film')
export const nothing = { by: 0, because: '' }
export const when = (holds: boolean, by: number, because: string) => (holds ? { by, because } : nothing)
export const NEEDLE_CAUTION = 'Lock or switch off before your fingers go near the needle.'
export const LOW = -0.15
export const HIGH = 0.15
/** So far below normal a tension is too tight for nothing: there is hardly a mark left to go down to. */
export const FAR_BELOW = -0.6

export const tooTight: SuspectRule = {
  id: 'top-too-tight',
  cause: 'Top tension too tight',
  change: 'One step down',
  expect: 'The bobbin thread sinks back into the cloth',
  does: down,
  weigh: ({ tensionShare }) => {
    if (tensionShare === null) return nothing
    if (tensionShare < FAR_BELOW) return null
    if (tensionShare > HIGH) return { by: 2, because: 'the dial stands above normal' }
    return when(tensionShare < LOW, -1.5, 'the dial stands well below normal already')
  },
}
export const spentNeedle: SuspectRule = {
  id: 'needle-dull',
  cause: 'Needle dull or bent',
  change: 'A fresh needle',
  expect: 'Even stitches, no popping',
  does: hand,
  caution: NEEDLE_CAUTION,
  weigh: ({ needleState: state, needleSpent: spent }) =>
    state !== null && state !== 'good'
      ? { by: 4, because: `this needle is ${state}` }
      : when(spent !== null && spent >= 0.8, 2.5, 'its hours are nearly sewn'),
}
export const wrongNeedle: SuspectRule = {
  id: 'needle-type',
  cause: 'Needle type or size does not fit the thread',
  change: 'A larger or longer eye, see Thread and needle',
  expect: 'The thread runs through freely',
  does: hand,
  caution: NEEDLE_CAUTION,
  weigh: ({ eyeFill: fill }) => {
    if (fill === null) return nothing
    if (fill > 0.6) return { by: 2.5, because: `the thread fills ${Math.round(100 * fill)} % of the eye` }
    // Where the eye has room, a larger one mends nothing.
    return fill < 0.45 ? null : nothing
  },
}
export const slower: SuspectRule = {
  id: 'too-fast',
  cause: 'Too fast',
  change: 'Slow and even',
  expect: 'It runs without snapping',
  does: { kind: 'speed', to: 'slow' },
  weigh: on => when(delicate(on), 1, 'metallic thread wants slow sewing'),
}
export const metallicDown: SuspectRule = {
  id: 'metallic-straight',
  cause: 'Metallic sewn straight wants less tension',
  change: 'One step down',
  expect: 'Stitches catch, the thread stays whole',
  does: down,
  weigh: on =>
    delicate(on)
      ? {
          by: on.swings ? 0.5 : 3.5,
          because: on.swings ? 'metallic is on' : 'metallic is on, and the stitch is straight',
        }
      : null,
}
export const longer = (byMm: number, expect: string): SuspectRule => ({
  id: 'length',
  cause: 'Stitch too short',
  change: `${formatShort(byMm)} mm longer`,
  expect,
  does: { kind: 'length', byMm },
})
