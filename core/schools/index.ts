export {
  MARGIN_SCHOOLS,
  TRIPLE_GAP_SCHOOLS,
  WIDE_GAP_SCHOOLS,
  HEAVY_BOBBIN_SCHOOLS,
  PEARL_TENSION_SCHOOLS,
  CUTTER_SCHOOLS,
  FILM_SPEED_SCHOOLS,
  THICK_PEARL_SCHOOLS,
  THREADING_SCHOOLS,
  LAST_GUIDE_SCHOOLS,
} from './choices'
export { DEFAULT_SCHOOLS, isStraightOnly, marginOfMm, MARGINS_MM, WIDE_GAP_MM } from './schools'
export type {
  Schools,
  MarginSchool,
  TripleGapSchool,
  WideGapSchool,
  HeavyBobbinSchool,
  PearlTensionSchool,
  CutterSchool,
  FilmSpeedSchool,
  ThickPearlSchool,
  ThreadingSchool,
  LastGuideSchool,
} from './schools'
