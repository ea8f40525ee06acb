import { isFlawless, type RankedNeedle } from '#core/pairing'
import { FIT_LOOKS } from '~/utils/fit'
import { JOB_LOOKS, VERDICT_LOOKS } from '~/utils/verdict'

/** A good eye is no good word where the swing, the cloth or its wear speaks against the needle. */
export function lookOfNeedle(one: RankedNeedle) {
  if (one.swing === 'strikes') return VERDICT_LOOKS.strikes
  return one.verdict === 'good' && !isFlawless(one) ? JOB_LOOKS.mind : FIT_LOOKS[one.verdict]
}
