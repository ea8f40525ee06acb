export { MOST_LETTERS, MOST_PATH_CHARS, MOST_SHAPE_MM, MOST_SHAPE_POINTS } from './limits'
export {
  checkOutline,
  CORNER_DEG,
  crossingSides,
  type Outline,
  type Side,
  sidesOf,
  signedAreaMm2,
} from './outline'
export { chordsOf, outlinesOfPath } from './pathData'
export { grown, innerRings, type Region, regionOf, seenEdges, unionOf, withoutOf } from './clip'
export { FORM_IDS, type FormId } from './formIds'
export { formRegion, FORMS, type SizedForm } from './forms'
export { type Font, readFont, type Word, wordRegion } from './letters'
export { type DrawnPoint, drawnOutline } from './drawn'
export { type Bounds, boundsOf, placed, type Placing } from './place'
