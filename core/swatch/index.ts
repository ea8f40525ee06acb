export { type Foretold, learnFrom, type LearntBook } from './book'
export {
  alike,
  LEAST_RECORDS,
  leaveOneOut,
  predictOffset,
  type LearntFrom,
  type Prediction,
  type SwatchFeatures,
} from './predict'
