import { GIVE_OR_TAKE } from '#core/measured'
import { judgeSwing } from './judge'
import type { SwingInput, SwingResult, Verdict } from './types'

/**
 * What the verdict would be if every measured opening were at its wide end, where the narrow end hits:
 * then it was not measured well enough to tell.
 *
 * @param result - from `judgeSwing` on the same input, which counts the narrow end.
 * @returns `clear` or `close`; null where both ends hit, or none does.
 *
 * @example
 * otherEnd(judgeSwing(input), input) // 'clear': between 7.4 and 8.6 it may go either way
 */
export function otherEnd({ verdict }: SwingResult, input: SwingInput): Exclude<Verdict, 'strikes'> | null {
  if (verdict !== 'strikes') return null
  const best = judgeSwing(atWideEnd(input)).verdict
  return best === 'strikes' ? null : best
}

function atWideEnd({ machine, foot, ...rest }: SwingInput): SwingInput {
  const wide = (mm: number | null, spreadMm = 0) => (mm === null ? null : mm + GIVE_OR_TAKE * spreadMm)
  return {
    ...rest,
    machine: {
      maxWidthMm: machine.maxWidthMm,
      plateSlotMm: wide(machine.plateSlotMm, machine.plateSpreadMm),
    },
    foot: { slotMm: wide(foot.slotMm, foot.slotSpreadMm), singleHole: foot.singleHole },
  }
}
