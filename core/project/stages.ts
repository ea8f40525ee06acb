/** What an item is, as far as what comes before what depends on it. */
export type ItemKind =
  'pintucks' | 'topstitching' | 'edge' | 'lines' | 'band' | 'seam' | 'cut' | 'fuse' | 'press' | 'other'

/**
 * Tuck, cut, fuse, edge, topstitch: tucks take up cloth, so they are sewn before it is cut; what is fused is
 * edged after it, and what is topstitched lies over the rest. Common practice. Others stand where one likes.
 */
const STAGES: Readonly<Partial<Record<ItemKind, number>>> = {
  pintucks: 0,
  cut: 1,
  fuse: 2,
  edge: 3,
  lines: 3,
  band: 3,
  topstitching: 4,
}

/**
 * What usually comes before what, as pairs of places: everything of one stage before everything of the next
 * one that is there.
 *
 * @example
 * suggestedBefore(['topstitching', 'cut', 'pintucks']) // [[2, 1], [1, 0]]
 */
export function suggestedBefore(kinds: readonly ItemKind[]): (readonly [number, number])[] {
  const stages = [...new Set(kinds.flatMap(kind => STAGES[kind] ?? []))].sort((a, b) => a - b)
  const at = (stage: number) => kinds.flatMap((kind, i) => (STAGES[kind] === stage ? [i] : []))
  return stages
    .slice(1)
    .flatMap((stage, k) => at(stages[k]!).flatMap(first => at(stage).map(second => [first, second] as const)))
}
