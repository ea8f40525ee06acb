export {
  type Band,
  type BandRow,
  downTheMiddleMm,
  type Drift,
  layBand,
  type LaidRow,
  patternsAlong,
  patternsOnDial,
} from './band'
export { bandDrawing, type BandLegSheet } from './bandSheet'
export { type BandCorner, type RowLeg, rowLegs, rowLegsMm } from './corners'
export {
  type BandChoice,
  type BandStacks,
  bestStacks,
  fillBand,
  MOST_CHOICES,
  MOST_STACK_ROWS,
  MOST_STACKS,
  type Stack,
} from './fill'
export { type RowGuide, rowGuide } from './guide'
export { MOST_BAND_ROWS } from './limits'
export { isMirrorAlike, type MirrorRow, rowsToMirror } from './mirror'
export {
  DENSE_LENGTH_MM,
  EDGE_MARGIN_MM,
  fallsBeside,
  gapForRibbonMm,
  holdOf,
  type RibbonHold,
  ribbonMarginMm,
} from './ribbon'
export { bandBuildUp, bandPicture, type PicturedRow, type RowThread, rowThreads } from './sewnBand'
export { type InStep, lengthsInStep } from './step'
