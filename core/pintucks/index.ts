export { type Layout, layOut, MOST_TUCKS, type TuckLayout } from './layout'
export {
  DEFAULT_READ_MM,
  type MeasuredSwatch,
  swatchToCutMm,
  swatchTucksFor,
  type TakeUp,
  takeUpOf,
} from './takeUp'
export { flatMm, planPintucks, type PintuckInput, type PintuckPlan, type PintuckWarning } from './plan'
export { ridgeArc, ridgeMm, type RidgeArc } from './ridge'
export { type Groove, type GroovedFoot, grooveFor, ridesToMm } from './groove'
export { type CutWidth, type OutlineFit, outlineFit, SIZE_MM, sizesLost, type WidthAt } from './garment'
export { lattice, type Lattice } from './lattice'
export { type TuckOrder, tuckOrder } from './order'
export { pintuckDrawing, type PintuckSheet, pintuckStrip } from './pintuckDrawing'
