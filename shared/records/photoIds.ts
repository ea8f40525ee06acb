import type { Swatch, Trial } from './tables'

/** Every photo that something in the book points at. */
export function photoIdsOf({
  swatches,
  trials,
}: {
  readonly swatches: Iterable<Swatch>
  readonly trials: Iterable<Trial>
}): Set<string> {
  const pairs = [
    ...[...swatches].map(({ photos }) => photos),
    ...[...trials].flatMap(({ rows }) => rows.map(({ photos }) => photos)),
  ]
  return new Set(pairs.flatMap(({ front, back }) => [front, back]).filter(id => id !== null))
}
