export { sewnKinds, sewnSince } from './care'
export { candidateOf, clothFactsOf, conflictInputOf, type PairingTables, threadedBlades } from './pairing'
export { type ThreadNeed, type ThreadNeeds, threadNeedsOf } from './needs'
export { seamOf } from './seam'
export { signContextOf } from './signs'
export { startInputOf } from './start'
export { featuresOf, frozenOf, learntFromSwatch, offsetOf, ruleShareOf } from './swatch'
export { SOURCE_WORDS, type SwatchField, swatchFields } from './swatchFields'
export {
  type Bench,
  benchOf,
  type BenchTables,
  type NamedStitch,
  PLATE_NAMES,
  plateOn,
  swingInputOf,
} from './swing'
export {
  type Expectation,
  expectationOf,
  lessonsOf,
  type Question,
  questionOf,
  steppedDialOf,
  trialRowOf,
} from './trial'
export { GOAL_SETUPS } from './trialGoals'
export { blankState, fittedFactsOf, stateOf, walkInputOf } from './walk'
export { jobInputOf } from './job'
