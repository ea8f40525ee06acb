export { obliqueDeg, type Place, type PlaneMap, planeMap, type SeenRectangle } from './plane'
export {
  LEAST_PX_PER_MM,
  type Measured,
  type MeasuredLength,
  measureSpans,
  type MeasureWarning,
  MOST_OBLIQUE_DEG,
  type Span,
  USUAL_CLICK_PX,
  warningWords,
} from './spans'
