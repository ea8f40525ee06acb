import { libraryAlike } from './alike'
import { hasSwing, type StitchShape } from './shape'

/** Stitches that pull alike: one tension holds for all of a family. */
export const STITCH_FAMILIES = ['straight', 'open', 'dense', 'edge'] as const
export type StitchFamily = (typeof STITCH_FAMILIES)[number]

/** Stitches that lock at an edge pull to one side. */
const EDGES: ReadonlySet<string> = new Set(['blanket', 'blind-hem', 'overcast'])
/** Needle positions nearer than this along the seam lie side by side, in mm. A guess. */
const DENSE_MM = 0.6

/**
 * The family of a stitch, by how it is drawn and the length it is usually sewn at.
 *
 * @param shape - one of the library, or of one's own.
 *
 * Source: that straight, swinging, satin and edge stitches want tensions of their own is common practice;
 * where one family ends is ours.
 *
 * @example
 * stitchFamily(findStitch('zigzag')!) // 'open'
 */
export function stitchFamily(shape: StitchShape & { readonly defaultLengthMm: number }): StitchFamily {
  if (!hasSwing(shape)) return 'straight'
  if (EDGES.has(libraryAlike(shape)?.id ?? '')) return 'edge'
  const apartMm = (shape.defaultLengthMm * shape.repeat) / shape.drops.length
  return apartMm < DENSE_MM ? 'dense' : 'open'
}
