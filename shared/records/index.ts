export { calledOf, pieceName } from './calledOf'
export { UNKNOWN_CLOTH } from './cloths'
export { UNKNOWN_FOOT } from './feet'
export { UNKNOWN_PLATE } from './plates'
export { UNKNOWN_MACHINE } from './machines'
export { table, type TableManifest } from './manifest'
export {
  asidesAlone,
  asidesOf,
  type InTheWay,
  isBlank,
  mergeEdit,
  type Merged,
  type RecordEdit,
  takeBack,
} from './merge'
export type { Fields } from './join'
export { fieldWords } from './fieldWords'
export { NEEDLE_ENDS } from './needleEnds'
export { FRESH_NEEDLE, needleSchema } from './needles'
export type { BandPiece, BandPieceRow } from './pieceBand'
export type { EdgePart, EdgePiece } from './pieceEdge'
export type { LinesPiece } from './pieceLines'
export { planSchema, type PintuckPiece, type TopstitchPiece } from './pieces'
export { PLAIN_STEPS } from './projects'
export { photoIdsIn, photoIdsOf, photosOf } from './photoIds'
export { demoRemoval, hasDemo, isDemo } from './demoRecords'
export {
  keyOf,
  POINTING_TABLES,
  type RecordChange,
  referencesOf,
  removalOf,
  usersOf,
  withoutMissing,
} from './references'
export { MOST_ANSWERS } from './readers'
export { DEFAULT_SETTINGS } from './settings'
export { ownStitchSchema } from './stitches'
export { SWATCH_SOURCES, SWATCH_VERDICTS, swatchSchema, takeUpSchema } from './swatches'
export * from './tables'
export { THREAD_FORMS, UNKNOWN_THREAD } from './threads'
export { RECORDS_VERSION, upgradeRecord, upgradeRecords } from './upgrade'
export { type Added, GONE_TABLES, type RawRecord, VERSIONS } from './upgradeSteps'
