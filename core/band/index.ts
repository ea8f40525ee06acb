export {
  type Band,
  type BandRow,
  type Drift,
  layBand,
  type LaidRow,
  MOST_BAND_ROWS,
  patternsAlong,
  ribbonMarginMm,
} from './band'
export { type BandChoice, fillBand, MOST_CHOICES, MOST_STACK_ROWS, type Stack } from './fill'
