export const CONSTRUCTIONS = ['single', 'twin', 'triple'] as const
export type Construction = (typeof CONSTRUCTIONS)[number]

export const NEEDLE_TYPES = [
  'universal',
  'stretch',
  'ballpoint',
  'embroidery',
  'metallic',
  'topstitch',
  'jeans',
  'sharp',
  'quilting',
  'non-stick',
  'leather',
  'wing',
] as const
export type NeedleType = (typeof NEEDLE_TYPES)[number]

/** What the geometry needs to know of a needle. */
export interface Needle {
  readonly construction: Construction
  /** Centre to centre of neighbouring needles, in mm; 0 for a single needle. */
  readonly gapMm: number
  /** Metric size: blade diameter in hundredths of a millimetre. */
  readonly sizeNm: number
}

/** The two size scales side by side: [metric, other]. Source: common size tables, from memory. */
export const NEEDLE_SIZES: readonly (readonly [nm: number, other: number])[] = [
  [60, 8],
  [65, 9],
  [70, 10],
  [75, 11],
  [80, 12],
  [85, 13],
  [90, 14],
  [100, 16],
  [110, 18],
  [120, 19],
]
