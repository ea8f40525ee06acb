export {
  type Blade,
  type BladeName,
  bladeNames,
  bladeOffsetsMm,
  BLADES,
  outerSpanMm,
  threadedBladesOf,
} from './blades'
export {
  CONSTRUCTIONS,
  NEEDLE_TYPES,
  NEEDLE_SIZES,
  type Construction,
  type Needle,
  type NeedleType,
} from './needle'
export { parseNeedleLabel, type NeedleReading, type TripleGapReading } from './label'
export {
  describeNeedle,
  needleHeading,
  needleLabel,
  needleName,
  needleNameAndType,
  needleSearchText,
  needleSizeLabel,
  needleTag,
} from './describe'
