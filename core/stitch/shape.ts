/**
 * Where a needle drops, for width 1 and stitch length 1. x from −0.5 (left) to 0.5; y along the seam, in
 * stitch lengths.
 */
export interface UnitDrop {
  readonly x: number
  readonly y: number
}

/** Which end of the machine's swing a stitch is held at; `centre` about the needle bar's middle. */
export type Alignment = 'centre' | 'left' | 'right'

/** The shape of a stitch, whatever its size. */
export interface StitchShape {
  readonly alignment: Alignment
  readonly drops: readonly UnitDrop[]
  /** How far one repeat moves along the seam, in stitch lengths; more than 0. */
  readonly repeat: number
}

/** How a shape is set on the machine. */
export interface StitchSetting {
  readonly widthMm: number
  readonly lengthMm: number
  readonly mirror: boolean
  /** Needle position: added to every needle position, right is positive, in mm. */
  readonly positionMm: number
  /** Sewn width over dialled width, where it was measured; left out: as the dial says. */
  readonly widthFactor?: number
}

/**
 * Whether the needle swings at all, at any width above 0.
 *
 * @example
 * hasSwing(findStitch('straight')!) // false
 */
export function hasSwing({ drops }: Pick<StitchShape, 'drops'>): boolean {
  const first = drops[0]
  return drops.some(({ x }) => x !== first!.x)
}
