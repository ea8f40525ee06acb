import { type LibraryStitch, STITCHES } from './library'
import { hasSwing, type StitchShape, type UnitDrop } from './shape'

type Drawn = Pick<StitchShape, 'drops' | 'repeat'>

/** Drops this near are one place, in widths, and in shares of a repeat. */
const SAME = 1e-3

/**
 * The library's stitch that is drawn the same: begun on whichever side, whatever stitch length its drawing
 * counts in. So a stitch of one's own that was copied from the library is known for what it is.
 *
 * @returns null: the library has none like it.
 *
 * @example
 * libraryAlike({ drops: [{ x: 0.5, y: 0 }, { x: -0.5, y: 3 }], repeat: 6 })?.id // 'zigzag'
 */
export function libraryAlike(shape: Drawn): LibraryStitch | null {
  if (isStraightOn(shape)) return STITCHES.find(({ id }) => id === 'straight') ?? null
  return STITCHES.find(stitch => isSame(shape, stitch, 1) || isSame(shape, stitch, -1)) ?? null
}

/** Whether a stitch runs on and on without a swing, each hole as far from the last. */
function isStraightOn({ drops, repeat }: Drawn): boolean {
  const [first] = drops
  if (!first || hasSwing({ drops })) return false
  return drops.every(({ y }, i) => Math.abs((y - first.y) / repeat - i / drops.length) < SAME)
}

function isSame(one: Drawn, other: Drawn, side: 1 | -1): boolean {
  if (one.drops.length !== other.drops.length) return false
  const share = ({ drops, repeat }: Drawn, { y }: UnitDrop) => (y - drops[0]!.y) / repeat
  return one.drops.every((drop, i) => {
    const like = other.drops[i]!
    return Math.abs(drop.x - side * like.x) < SAME && Math.abs(share(one, drop) - share(other, like)) < SAME
  })
}
