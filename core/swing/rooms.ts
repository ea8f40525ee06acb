import { leastOf } from '#core/measured'
import type { Part, SwingInput } from './types'

/** Taken off by the careful school. Source: common practice. */
export const DEFAULT_MARGIN_MM = 0.5
/** Kept free each side of a measured opening. Source: common practice. */
export const DEFAULT_CLEARANCE_MM = 0.25
/** Differences below this are rounding, in mm: far under what a needle's play could show. */
export const ROUNDING_MM = 1e-9

/** How far from the middle a blade's centre may land, for one part. */
export interface Room {
  readonly part: Part
  /** Why: the machine's half width, a measured opening, or a single round hole. */
  readonly kind: 'half-width' | 'opening' | 'single-hole'
  /** Before the part is struck, in mm. */
  readonly bareMm: number
  /** With margin or clearance kept, in mm; may be negative. */
  readonly safeMm: number
}

/**
 * From a needle position to what it could hit: a measured opening if there is one, else the machine's half
 * width. A part that is struck always counts, so that a hit is negative and nothing else is.
 *
 * @param outMm - the blade centre's distance from the middle, towards the side asked for.
 */
export const spareAtMm = (rooms: readonly Room[], outMm: number): number =>
  nearestRoom(rooms, outMm).bareMm - outMm

/** The room {@link spareAtMm} counts to. */
export function nearestRoom(rooms: readonly Room[], outMm: number): Room {
  const measured = rooms.some(({ kind }) => kind === 'opening')
  return rooms
    .filter(({ kind, part, bareMm }) => {
      const isUsual = measured ? kind === 'opening' : part === 'machine'
      return isUsual || outMm - bareMm > ROUNDING_MM
    })
    .reduce((nearest, room) => (room.bareMm < nearest.bareMm ? room : nearest))
}

/**
 * What the careful keep free of the machine's swing: a single needle may use all of it, that is what it was
 * built for.
 */
export function keptMarginMm({ needle, marginMm }: Pick<SwingInput, 'needle' | 'marginMm'>): number {
  return needle.construction === 'single' ? 0 : marginMm
}

/**
 * What a measured opening is counted as: its narrow end, where it is known how well it was measured.
 *
 * @returns mm; null: not measured.
 *
 * @example
 * openingMm({ …input, foot: { slotMm: 8, slotSpreadMm: 0.1, singleHole: false } }, 'foot') // 7.8
 */
export function openingMm({ machine, foot }: SwingInput, part: Exclude<Part, 'machine'>): number | null {
  const [value, spread = 0] =
    part === 'foot' ? [foot.slotMm, foot.slotSpreadMm] : [machine.plateSlotMm, machine.plateSpreadMm]
  return value === null ? null : leastOf({ value, spread })
}

/** How far the machine swings at its widest setting, in mm on the cloth. */
export const widestSwingMm = ({ machine, stitch }: Pick<SwingInput, 'machine' | 'stitch'>): number =>
  machine.maxWidthMm * (stitch.widthFactor ?? 1)

/**
 * The rooms that bound a needle position: machine first, then plate and foot where they bound at all.
 *
 * @example
 * roomsOf(input).map(({ part }) => part) // ['machine', 'foot']
 */
export function roomsOf(input: SwingInput): readonly Room[] {
  const { foot, plate, needle, clearanceMm } = input
  const half = widestSwingMm(input) / 2
  const safeHalf = half - keptMarginMm(input) / 2
  const rooms: Room[] = [{ part: 'machine', kind: 'half-width', bareMm: half, safeMm: safeHalf }]
  const openings = [
    { part: 'plate', slotMm: openingMm(input, 'plate'), singleHole: plate.singleHole },
    { part: 'foot', slotMm: openingMm(input, 'foot'), singleHole: foot.singleHole },
  ] as const
  for (const { part, slotMm, singleHole } of openings) {
    // A round hole takes one blade in its middle and nothing else.
    if (singleHole) rooms.push({ part, kind: 'single-hole', bareMm: 0, safeMm: 0 })
    if (slotMm !== null) {
      const bareMm = slotMm / 2 - needle.sizeNm / 200
      rooms.push({ part, kind: 'opening', bareMm, safeMm: bareMm - clearanceMm })
    }
  }
  return rooms
}
