import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'
import { trialGoalOf } from '#core/job'
import { startSettings } from '#core/pairing'
import type { TrialGoal } from '#core/trial'
import {
  expectationOf,
  featuresOf,
  foretoldShareOf,
  frozenOf,
  lessonsOf,
  type Question,
  startInputOf,
  steppedDialOf,
} from '#shared/inputs'

/**
 * Where to begin with what is on the machine: one value a quantity, for pairing, strip, job and card alike.
 * Own swatches are read in a worker; until they are, an own plan or the rule speaks.
 */
export const useStartStore = defineStore('start', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()

  const construction = computed(() => inHand.parts.needle?.construction ?? 'single')
  const dial = computed(() => steppedDialOf(inHand.parts.machine))
  /** What a strip of this job is read for. */
  const goal = computed<TrialGoal>(() =>
    trialGoalOf(
      inHand.setup.job,
      inHand.setup.goal,
      Object.values(inHand.setup.threadIds).flatMap(id => book.shelf.threads.get(id ?? '')?.kind ?? []),
    ),
  )
  const byRule = computed(() => {
    const input = startInputOf(inHand.setup, construction.value, book.shelf, settings.record)
    return input && startSettings(input)
  })
  const question = computed<Question | null>(() =>
    dial.value && byRule.value
      ? {
          wanted: featuresOf(goal.value, frozenOf(inHand.setup, book.shelf)),
          ruleShare: byRule.value.ruleShare,
        }
      : null,
  )
  const lessons = computed(() => lessonsOf(book.shelf.swatches.values(), settings.record))
  const { told, fault, again } = useForetold(
    () => lessons.value.records,
    () => question.value,
  )
  const start = computed(() => {
    const foretold = foretoldShareOf(told.value)
    if (!foretold) return byRule.value
    const input = startInputOf(inHand.setup, construction.value, book.shelf, settings.record, foretold)
    return input && startSettings(input)
  })
  const expected = computed(
    () => dial.value && expectationOf(start.value, dial.value, told.value, lessons.value.leftOut),
  )
  // What the verdict offers to begin with is the same number.
  watchEffect(() => {
    const tension = start.value?.tension
    inHand.ownStart = tension && tension.source !== 'rule' ? tension.value : null
  })
  return { goal, dial, start, expected, fault, again }
})
