import type { JobId } from '#core/job'
import type { Goal } from '#core/terms'
import type { TrialGoal } from '#core/trial'

/** What a setup is for when it is tried for a goal; a job of null leaves the setup's own. */
export const GOAL_SETUPS: Readonly<Record<TrialGoal, { readonly goal: Goal; readonly job: JobId | null }>> = {
  flat: { goal: 'flat', job: null },
  raised: { goal: 'raised', job: 'pintucks' },
  balanced: { goal: 'balanced', job: null },
  bobbinHair: { goal: 'bobbin hair', job: null },
  invisible: { goal: 'invisible', job: 'hidden-edge' },
  satin: { goal: 'balanced', job: 'satin' },
  metallic: { goal: 'balanced', job: null },
  blanket: { goal: 'balanced', job: 'blanket-edge' },
}
