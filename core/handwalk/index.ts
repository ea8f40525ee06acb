export { combinationKey, type Combination } from './combination'
