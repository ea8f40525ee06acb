import type { RecordChange } from './references'
import type { Measure, Piece, RecordOf, Swatch, Trial } from './tables'

/** The tables whose records point at photos. */
interface Photographed {
  readonly pieces: ReadonlyMap<string, Piece>
  readonly swatches: ReadonlyMap<string, Swatch>
  readonly trials: ReadonlyMap<string, Trial>
  readonly measures: ReadonlyMap<string, Measure>
}

/** Every photo that the book points at. */
export const photoIdsIn = ({ pieces, swatches, trials, measures }: Photographed): Set<string> =>
  photoIdsOf({
    pieces: pieces.values(),
    swatches: swatches.values(),
    trials: trials.values(),
    measures: measures.values(),
  })

/** Every photo that these records point at. */
export function photoIdsOf({
  pieces,
  swatches,
  trials,
  measures,
}: {
  readonly pieces: Iterable<Piece>
  readonly swatches: Iterable<Swatch>
  readonly trials: Iterable<Trial>
  readonly measures: Iterable<Measure>
}): Set<string> {
  const pairs = [
    ...[...pieces, ...swatches].map(({ photos }) => photos),
    ...[...trials].flatMap(({ rows }) => rows.map(({ photos }) => photos)),
  ]
  const ids = [
    ...pairs.flatMap(({ front, back }) => [front, back]),
    ...[...measures].map(({ photoId }) => photoId),
  ]
  return new Set(ids.filter(id => id !== null))
}

/** Every photo that the records of some changes point at. */
export function photosOf(changes: readonly RecordChange[]): Set<string> {
  const records = <T extends 'pieces' | 'swatches' | 'trials' | 'measures'>(table: T) =>
    changes.filter(change => change.table === table).flatMap(({ record }) => record ?? []) as RecordOf<T>[]
  return photoIdsOf({
    pieces: records('pieces'),
    swatches: records('swatches'),
    trials: records('trials'),
    measures: records('measures'),
  })
}
