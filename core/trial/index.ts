export {
  READING_STEPS,
  READINGS,
  READINGS_SAID,
  TRIAL_GOALS,
  type Reading,
  type ReadingName,
  type ReadingStep,
  type TrialGoal,
} from './goals'
export { type Crossing, crossingOf, tuckShapeOf, type TuckShape } from './crossing'
export { GOAL_FACTS, type GoalFacts } from './goalFacts'
export { markFurther, marksOf, nearestOf } from './marks'
export { nextTension } from './next'
export { STRIP_ROW_MM, type Strip, stripSheets } from './stripSheet'
export { usualPrior } from './search'
export { surenessOf, type Sureness } from './words'
export { chanceRead, normalBelow } from './belief'
export {
  MOST_ROWS,
  TRIAL_CARE,
  TRIAL_EVIDENCE,
  TRIAL_REASONS,
  type SteppedDial,
  type TrialAdvice,
  type TrialCare,
  type TrialEvidence,
  type TrialInput,
  type TrialPrior,
  type TrialReader,
  type TrialReasonCode,
  type TrialRow,
} from './types'
