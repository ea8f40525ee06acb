export { mapOf, obliqueDeg, type PlaneMap, planeMap, type SeenRectangle } from './plane'
export {
  type Measured,
  type MeasuredLength,
  measureSpans,
  type MeasureWarning,
  type Span,
  USUAL_CLICK_PX,
  warningWords,
} from './spans'
export {
  MEASURE_WAYS,
  type MeasuredThing,
  type MeasureWay,
  type Quantity,
  QUANTITY_NAMES,
  quantityFact,
  WAY_WORDS,
} from './quantities'
export { CUT_SPREAD_MM, type Wedge, wedgeFor, type WedgeReading, wedgeReading, WEDGES } from './wedge'
export { FRAME, wedgeSheets } from './wedgeSheet'
export {
  feedFrom,
  fromRuler,
  fromScale,
  layerFrom,
  perMinuteFrom,
  texFrom,
  widthFactorFrom,
  wrapFrom,
} from './counting'
export { ID_1, onScreen, type ScreenScale, screenScale } from './screen'
export { byUsefulness, type Consequence, type Wanted } from './usefulness'
