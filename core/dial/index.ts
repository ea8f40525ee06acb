export {
  type DialProblem,
  dialProblem,
  FARTHEST_MARK,
  guessedStep,
  isOnDial,
  isStepOf,
  markAt,
  shareOf,
  stepRange,
} from './dial'
