import type { SwingInput } from '#core/swing'

/** What turning through by hand vouches for: these very parts with this very stitch. */
export interface Combination {
  readonly machineId: string
  /** null: no foot chosen. */
  readonly footId: string | null
  readonly needleId: string
  readonly swing: SwingInput
}

/**
 * One text for one combination: any change of machine, foot, plate, needle or stitch gives another, so the
 * turning through by hand is asked for again. Margin and clearance are wishes, not metal, and are left out.
 *
 * @example
 * combinationKey(before) === combinationKey(after) // the hand-walk still holds
 */
export function combinationKey({ machineId, footId, needleId, swing }: Combination): string {
  const { machine, foot, plate, needle, stitch } = swing
  return JSON.stringify([
    machineId,
    machine.maxWidthMm,
    machine.plateSlotMm,
    footId,
    foot.slotMm,
    foot.singleHole,
    plate.singleHole,
    needleId,
    needle.construction,
    needle.gapMm,
    needle.sizeNm,
    stitch.alignment,
    stitch.repeat,
    stitch.widthMm,
    stitch.lengthMm,
    stitch.mirror,
    stitch.positionMm,
    stitch.drops.map(({ x, y }) => [x, y]),
  ])
}
