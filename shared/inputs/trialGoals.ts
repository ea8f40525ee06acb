import type { Goal, Technique } from '#core/terms'
import type { TrialGoal } from '#core/trial'

/** What a setup is for when it is tried for a goal; a technique of null leaves the setup's own. */
export const GOAL_SETUPS: Readonly<
  Record<TrialGoal, { readonly goal: Goal; readonly technique: Technique | null }>
> = {
  flat: { goal: 'flat', technique: null },
  raised: { goal: 'raised', technique: 'pintucks' },
  balanced: { goal: 'balanced', technique: null },
  bobbinHair: { goal: 'bobbin hair', technique: null },
  invisible: { goal: 'invisible', technique: 'appliqué edge' },
  satin: { goal: 'balanced', technique: 'decorative' },
  metallic: { goal: 'balanced', technique: null },
  blanket: { goal: 'balanced', technique: 'blanket stitch' },
}
