export { MARGIN_SCHOOLS, TRIPLE_GAP_SCHOOLS, WIDE_GAP_SCHOOLS, DEFAULT_SCHOOLS, isStraightOnly, marginForMm } from './schools'
export type { Schools, MarginSchool, TripleGapSchool, WideGapSchool } from './schools'
