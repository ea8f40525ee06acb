export {
  DEFAULT_MISS_MM,
  type EvenFit,
  evenFit,
  fitCount,
  type FitPart,
  type FitPlan,
  fitPlans,
  type LengthDial,
  lengthMarks,
  MOST_TRIES,
  sideFitter,
  UNKNOWN_LENGTH_DIAL,
} from './fit'
export { type FarPoint, farPoint, type Feed, UNKNOWN_FEED } from './feed'
export { placesAlong, stitchEnds } from './landings'
export { MOST_LENGTH_MARKS } from './limits'
export { marksOfPlans } from './marks'
export {
  asSewnMm,
  type CountedStitches,
  dialledMm,
  type DialScale,
  marksAsSewn,
  PLAIN_SCALE,
  partsWords,
  planParts,
  planWords,
} from './dialScale'
