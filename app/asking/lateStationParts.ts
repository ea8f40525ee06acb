import { latePart } from './latePart'

/** Parts that come late on other stations than the first: the first view loads `lateParts.ts`, not these. */
const OVER = 'over the page'
export const LateSessionTimer = latePart('The timer', () => import('~/stations/walk/parts/SessionTimer.vue'))
export const LatePrintCard = latePart('Printing', () => import('~/stations/walk/parts/PrintCard.vue'))
export const LatePrintStrip = latePart('Printing', () => import('~/stations/trial/parts/PrintStrip.vue'))
export const LateGapChart = latePart('The chart', () => import('~/stations/width/parts/GapChart.vue'))
export const LateSwatchForm = latePart('The form', () => import('~/stations/swatches/parts/SwatchForm.vue'))
export const LateSwatchCharts = latePart(
  'The charts',
  () => import('~/stations/swatches/parts/SwatchCharts.vue'),
)
export const LateCsvImport = latePart('The CSV reader', () => import('~/fields/CsvImport.vue'), OVER)
export const LateSwatchLarge = latePart(
  'The large swatch',
  () => import('~/stations/swatches/parts/SwatchLarge.vue'),
  OVER,
)
