export { pearlBalls } from './balls'
export {
  THREAD_KINDS,
  FIBRE_DENSITIES,
  type Fibre,
  type ThreadKind,
  type ThreadLook,
  type ThreadKindFacts,
} from './kinds'
export { LOW_STOCK_M, type Stock, stockOf } from './stock'
export { roundDiameterMm, threadDiameterMm, drawnDiameter, type DrawnDiameter, leastSure } from './diameter'
export {
  COUNT_SYSTEMS,
  type CountSystem,
  type Counts,
  countsOf,
  isNominal,
  texByWeighing,
  texOf,
  TEX_LIMITS,
} from './count'
export { parseThreadLabel, usualKindOf, type TexBasis, type ThreadCount, type ThreadReading } from './label'
export { shadeOf } from './colourWords'
