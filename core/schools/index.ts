export { MARGIN_SCHOOLS, WIDE_GAP_MM, TRIPLE_GAP_SCHOOLS, WIDE_GAP_SCHOOLS, HEAVY_BOBBIN_SCHOOLS, PEARL_TENSION_SCHOOLS, CUTTER_SCHOOLS, DEFAULT_SCHOOLS, isStraightOnly, marginForMm } from './schools'
export type { Schools, MarginSchool, TripleGapSchool, WideGapSchool, HeavyBobbinSchool, PearlTensionSchool, CutterSchool } from './schools'
