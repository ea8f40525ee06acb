import type { RecordOf, SetupContent, TableName } from './records'

/** Where a record of a table holds a setup: it is one, has one in its field `setup`, or has none. */
type PlaceOf<Content> = Content extends SetupContent
  ? 'whole'
  : Content extends { setup: SetupContent | null }
    ? 'inside'
    : 'nowhere'

/** Checked against the schemas: a table whose record holds a setup cannot be entered as one that does not. */
export const SETUP_PLACES: { readonly [T in TableName]: PlaceOf<RecordOf<T>> } = {
  machines: 'nowhere',
  feet: 'nowhere',
  needles: 'nowhere',
  threads: 'nowhere',
  cloths: 'nowhere',
  plates: 'nowhere',
  stabilizers: 'nowhere',
  bobbins: 'nowhere',
  stitches: 'nowhere',
  plans: 'inside',
  setup: 'whole',
  handWalks: 'nowhere',
  machineStates: 'nowhere',
  walks: 'inside',
  needleTimes: 'nowhere',
  needleEnds: 'nowhere',
  trials: 'inside',
  swatches: 'inside',
  settings: 'nowhere',
}
