import type { StitchShape, UnitDrop } from './shape'

/** A stitch of our own definition, named by what it looks like. */
export interface LibraryStitch extends StitchShape {
  readonly id: string
  readonly name: string
  readonly defaultWidthMm: number
  readonly defaultLengthMm: number
  /** What it is good for, in a few words. */
  readonly use: string
}

const at = (...pairs: readonly (readonly [number, number])[]): UnitDrop[] => pairs.map(([x, y]) => ({ x, y }))
const steps = (count: number, place: (k: number) => readonly [number, number]): UnitDrop[] =>
  at(...Array.from({ length: count }, (_, k) => place(k)))

/**
 * A closed column: the needle goes left and right of a middle that may wander, at a width that may change.
 */
const satin = (
  pairs: number,
  half: (j: number) => number,
  middle: (j: number) => number = () => 0,
): UnitDrop[] =>
  Array.from({ length: pairs }, (_, j) =>
    at([middle(j) - half(j), 2 * j], [middle(j) + half(j), 2 * j + 1]),
  ).flat()

// Odd counts, so that one pair sits exactly on the widest place and the shape fills its width.
const LEAF_PAIRS = 11
const DIAMOND_PAIRS = 13
const WAVE_PAIRS = 16
const SATIN_LENGTH_MM = 0.4

/**
 * The stitch library. y counts stitch lengths, so a drop that goes back along the seam has a smaller y.
 * The widths and lengths are common starting settings, not limits.
 */
export const STITCHES: readonly LibraryStitch[] = [
  {
    id: 'straight',
    name: 'Straight',
    use: 'seams, hems, pintucks',
    alignment: 'centre',
    repeat: 1,
    defaultWidthMm: 0,
    defaultLengthMm: 2.5,
    drops: at([0, 0]),
  },
  {
    id: 'zigzag',
    name: 'Zigzag',
    use: 'edges, ribbon, first swing of a new needle',
    alignment: 'centre',
    repeat: 2,
    defaultWidthMm: 3,
    defaultLengthMm: 1.5,
    drops: at([-0.5, 0], [0.5, 1]),
  },
  {
    id: 'three-step-zigzag',
    name: 'Three-step zigzag',
    use: 'elastic, loose edges',
    alignment: 'centre',
    repeat: 6,
    defaultWidthMm: 4,
    defaultLengthMm: 1,
    drops: at([-0.5, 0], [-1 / 6, 1], [1 / 6, 2], [0.5, 3], [1 / 6, 4], [-1 / 6, 5]),
  },
  {
    id: 'serpentine',
    name: 'Serpentine',
    use: 'interlaced rows, soft bands',
    alignment: 'centre',
    repeat: 12,
    defaultWidthMm: 4,
    defaultLengthMm: 1.2,
    drops: steps(12, k => [0.5 * Math.sin((Math.PI * k) / 6), k]),
  },
  {
    id: 'honeycomb',
    name: 'Honeycomb',
    use: 'interlaced rows, smocked look',
    alignment: 'centre',
    repeat: 2,
    defaultWidthMm: 4,
    defaultLengthMm: 2.5,
    drops: at([-0.5, 0], [-0.5, 0.5], [0, 0.75], [0.5, 1], [0.5, 1.5], [0, 1.75]),
  },
  {
    id: 'feather',
    name: 'Feather',
    use: 'joins, quilt seams, cape hems',
    alignment: 'centre',
    repeat: 2,
    defaultWidthMm: 5,
    defaultLengthMm: 2.5,
    drops: at([0, 0], [0, 1], [-0.5, 0.3], [0, 1], [0, 2], [0.5, 1.3]),
  },
  {
    id: 'scallop',
    name: 'Scallop',
    use: 'collar edges',
    alignment: 'centre',
    repeat: 6,
    defaultWidthMm: 4,
    defaultLengthMm: 1.2,
    drops: steps(6, k => [-0.5 + Math.sin((Math.PI * k) / 6), k]),
  },
  {
    id: 'blanket',
    name: 'Blanket',
    use: 'appliqué edges',
    alignment: 'centre',
    repeat: 1,
    defaultWidthMm: 3.5,
    defaultLengthMm: 2.5,
    drops: at([0.5, 0], [-0.5, 0], [0.5, 0]),
  },
  {
    id: 'blind-hem',
    name: 'Blind hem',
    use: 'hems: runs at the edge, bites now and then',
    alignment: 'right',
    repeat: 4,
    defaultWidthMm: 3,
    defaultLengthMm: 1.5,
    drops: at([0.5, 0], [0.5, 1], [0.5, 2], [0.5, 3], [-0.5, 3.5]),
  },
  {
    id: 'overcast',
    name: 'Overcast',
    use: 'raw edges',
    alignment: 'right',
    repeat: 2,
    defaultWidthMm: 5,
    defaultLengthMm: 2,
    drops: at([0.5, 0], [-0.5, 0.5], [0.5, 1], [0, 1.5]),
  },
  {
    id: 'satin-leaf',
    name: 'Satin leaf',
    use: 'filled borders',
    alignment: 'centre',
    repeat: 2 * LEAF_PAIRS,
    defaultWidthMm: 5,
    defaultLengthMm: SATIN_LENGTH_MM,
    drops: satin(LEAF_PAIRS, j => 0.5 * Math.sin((Math.PI * (j + 0.5)) / LEAF_PAIRS)),
  },
  {
    id: 'satin-diamond',
    name: 'Satin diamond',
    use: 'filled borders',
    alignment: 'centre',
    repeat: 2 * DIAMOND_PAIRS,
    defaultWidthMm: 5,
    defaultLengthMm: SATIN_LENGTH_MM,
    drops: satin(DIAMOND_PAIRS, j => 0.5 * (1 - Math.abs(j - (DIAMOND_PAIRS - 1) / 2) / (DIAMOND_PAIRS / 2))),
  },
  {
    id: 'satin-wave',
    name: 'Satin wave',
    use: 'filled borders that sway',
    alignment: 'centre',
    repeat: 2 * WAVE_PAIRS,
    defaultWidthMm: 5,
    defaultLengthMm: SATIN_LENGTH_MM,
    drops: satin(
      WAVE_PAIRS,
      () => 0.18,
      j => 0.32 * Math.sin((2 * Math.PI * j) / WAVE_PAIRS),
    ),
  },
  {
    id: 'star',
    name: 'Star',
    use: 'scattered motifs',
    alignment: 'centre',
    repeat: 3,
    defaultWidthMm: 5,
    defaultLengthMm: 2.5,
    drops: at(
      [0, 1],
      [0, 0],
      [0, 1],
      [0.35, 0.3],
      [0, 1],
      [0.5, 1],
      [0, 1],
      [0.35, 1.7],
      [0, 1],
      [0, 2],
      [0, 1],
      [-0.35, 1.7],
      [0, 1],
      [-0.5, 1],
      [0, 1],
      [-0.35, 0.3],
      [0, 1],
      [0, 2],
    ),
  },
  {
    id: 'cross',
    name: 'Cross',
    use: 'sailor bands, samplers',
    alignment: 'centre',
    repeat: 1.5,
    defaultWidthMm: 4,
    defaultLengthMm: 3,
    drops: at([-0.5, 0], [0.5, 1], [0, 0.5], [0.5, 0], [-0.5, 1]),
  },
  {
    id: 'ladder',
    name: 'Ladder',
    use: 'over ribbon and cord',
    alignment: 'centre',
    repeat: 1,
    defaultWidthMm: 4,
    defaultLengthMm: 2.5,
    drops: at([-0.5, 0], [-0.5, 1], [0.5, 1], [0.5, 0], [0.5, 1], [-0.5, 1]),
  },
  {
    id: 'vine',
    name: 'Vine',
    use: 'borders with leaves',
    alignment: 'centre',
    repeat: 4,
    defaultWidthMm: 5,
    defaultLengthMm: 2,
    drops: at([0, 0], [0.2, 1], [0.5, 0.5], [0.2, 1], [0, 2], [-0.2, 3], [-0.5, 2.5], [-0.2, 3]),
  },
  {
    id: 'arrowhead',
    name: 'Arrowhead',
    use: 'pointed borders',
    alignment: 'centre',
    repeat: 1.2,
    defaultWidthMm: 4,
    defaultLengthMm: 2.5,
    drops: at([0, 1], [-0.5, 0], [0, 1], [0.5, 0], [0, 1]),
  },
  {
    id: 'meander',
    name: 'Meander',
    use: 'square-cornered bands',
    alignment: 'centre',
    repeat: 2,
    defaultWidthMm: 4,
    defaultLengthMm: 2,
    drops: at([-0.5, 0], [0.5, 0], [0.5, 1], [-0.5, 1]),
  },
  {
    id: 'fern',
    name: 'Fern',
    use: 'leafy borders, seam covers',
    alignment: 'centre',
    repeat: 1,
    defaultWidthMm: 5,
    defaultLengthMm: 2.5,
    drops: at([0, 0], [0, 1], [-0.5, 0.3], [0, 1], [0.5, 0.3]),
  },
]

/**
 * A library stitch by its id, or null.
 *
 * @example
 * findStitch('zigzag')?.name // 'Zigzag'
 */
export function findStitch(id: string): LibraryStitch | null {
  return STITCHES.find(stitch => stitch.id === id) ?? null
}

/**
 * A stitch by its id, of the library or one's own: from here on it travels as it is, so that nobody looks
 * up by its id what it is. null: it is gone.
 *
 * @param own - stitches of one's own, by id.
 *
 * @example
 * stitchOf('zigzag', new Map())?.name // 'Zigzag'
 */
export const stitchOf = <Own>(id: string, own: ReadonlyMap<string, Own>): LibraryStitch | Own | null =>
  findStitch(id) ?? own.get(id) ?? null
