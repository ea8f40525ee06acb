export { combinationKey, type Combination } from './combination'
export { handWalkHindrance, type HandWalkHindrance } from './hindrance'
