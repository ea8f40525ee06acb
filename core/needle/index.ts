export { bladeOffsetsMm, bladeNames, outerSpanMm, type BladeName } from './blades'
export {
  CONSTRUCTIONS,
  NEEDLE_TYPES,
  NEEDLE_SIZES,
  type Construction,
  type Needle,
  type NeedleType,
} from './needle'
export { parseNeedleLabel, type NeedleReading, type TripleGapReading } from './label'
export { needleLabel, describeNeedle, needleSizeLabel } from './describe'
