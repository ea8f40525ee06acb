import { type BladeName, bladeNames, bladeOffsetsMm } from '#core/needle'
import {
  type DropClearance,
  evidenceOf,
  judgeSwing,
  openingMm,
  roomsOf,
  standingIn,
  type SwingInput,
  type SwingResult,
  widestSwingMm,
} from '#core/swing'

/** An opening over which the needles work: a slot across, or one round hole. Half its width, in mm. */
export interface Opening {
  readonly kind: 'slot' | 'hole'
  readonly halfMm: number
  /** False: nobody measured it, and it is drawn as wide as the machine can swing. */
  readonly measured: boolean
}

/** One blade seen from above: its centre, in mm from the needle bar's middle, right positive. */
export interface BladeAt {
  readonly blade: BladeName
  readonly xMm: number
  /** A blade here would hit machine, plate or foot. */
  readonly strikes: boolean
}

/** A dimension line between two places, in mm from the middle. */
export interface Dimension {
  readonly what: 'blades' | 'spare-left' | 'spare-right' | 'plate' | 'machine' | 'foot'
  readonly fromMm: number
  readonly toMm: number
  /** What it says, in mm; negative where something is struck. */
  readonly lengthMm: number
  /** It is the narrow end of what was measured. */
  readonly isLeast: boolean
}

/** The needle plate from above, to scale across the seam. Lengths in mm. */
export interface PlateView {
  readonly bladeRadiusMm: number
  /** Half of the machine's widest stitch: where a blade's centre may land at most. */
  readonly halfSwingMm: number
  readonly plate: Opening
  /** null: no foot is on, or nobody measured its opening. */
  readonly foot: Opening | null
  /** How wide the picture must be to hold all of it. */
  readonly wideMm: number
  /** Every place a blade lands at, each once. */
  readonly landings: readonly BladeAt[]
  /** The blades at the drop the handwheel stands at. */
  readonly now: readonly BladeAt[]
  readonly dimensions: readonly Dimension[]
  /** What the spares reach to: the nearer measured opening, or the end of the swing. */
  readonly spareTo: 'plate' | 'foot' | 'machine'
}

/** A round hole is drawn this much wider than its blade: how wide it is nobody measured. */
const HOLE_BY_BLADE = 1.5
/** Needle positions nearer to each other than this are drawn once, in mm. */
const SAME_PLACE_MM = 0.01
const MOST_LANDINGS = 150
const NOTHING_MM = 1e-6

/**
 * What the picture over the plate shows.
 *
 * @param input - the seam, as the verdict judges it.
 * @param drops - its clearances, from `dropClearances`.
 * @param drop - which of them the handwheel stands at; outside of them no blade is down.
 * @param result - the verdict of the same input, where it is at hand already.
 * @returns Geometry in mm; words and colours are the screen's own.
 * @throws {CoreError} as `judgeSwing`.
 *
 * @example
 * plateView(attic7Twin2, dropClearances(attic7Twin2), 0).now.map(({ blade }) => blade) // ['left', 'right']
 */
export function plateView(
  input: SwingInput,
  drops: readonly DropClearance[],
  drop: number,
  result: SwingResult = judgeSwing(input),
): PlateView {
  const bladeRadiusMm = input.needle.sizeNm / 200
  const halfSwingMm = widestSwingMm(input) / 2
  const plate = plateOpening(input, bladeRadiusMm, halfSwingMm)
  const foot = footOpening(input, bladeRadiusMm)
  const reachMm = Math.max(result.reachLeftMm, result.reachRightMm)
  const measuredPlateMm = plate.kind === 'slot' && plate.measured ? plate.halfMm : 0
  const measuredFootMm = foot?.kind === 'slot' ? foot.halfMm : 0
  const current = drops[drop]
  const edge = nearestEdge(input, result, plate, foot)
  return {
    bladeRadiusMm,
    halfSwingMm,
    plate,
    foot,
    wideMm: 2 * Math.max(halfSwingMm, measuredPlateMm, measuredFootMm, reachMm),
    landings: landingsOf(input, drops),
    now: current ? bladesAt(input, current.xMm) : [],
    dimensions: dimensionsOf(input, result, plate, foot, edge),
    spareTo: edge.of,
  }
}

/** Openings are drawn as they are counted: at their narrow end. */
function plateOpening(input: SwingInput, bladeRadiusMm: number, halfSwingMm: number): Opening {
  if (input.plate.singleHole) return { kind: 'hole', halfMm: HOLE_BY_BLADE * bladeRadiusMm, measured: false }
  const slotMm = openingMm(input, 'plate')
  if (slotMm === null) return { kind: 'slot', halfMm: halfSwingMm + bladeRadiusMm, measured: false }
  return { kind: 'slot', halfMm: slotMm / 2, measured: true }
}

function footOpening(input: SwingInput, bladeRadiusMm: number): Opening | null {
  if (input.foot.singleHole) return { kind: 'hole', halfMm: HOLE_BY_BLADE * bladeRadiusMm, measured: false }
  const slotMm = openingMm(input, 'foot')
  return slotMm === null ? null : { kind: 'slot', halfMm: slotMm / 2, measured: true }
}

function bladesAt(input: SwingInput, barMm: number): BladeAt[] {
  const offsets = bladeOffsetsMm(input.needle)
  const standingOf = standingIn(roomsOf(input), input)
  return bladeNames(input.needle.construction).map((blade, i) => {
    const xMm = barMm + offsets[i]!
    return { blade, xMm, strikes: standingOf(Math.abs(xMm)).verdict === 'strikes' }
  })
}

function landingsOf(input: SwingInput, drops: readonly DropClearance[]): BladeAt[] {
  const places = new Map<string, BladeAt>()
  for (const { xMm } of drops) {
    for (const at of bladesAt(input, xMm)) {
      places.set(`${at.blade}${Math.round(at.xMm / SAME_PLACE_MM)}`, at)
    }
  }
  return [...places.values()].slice(0, MOST_LANDINGS)
}

function dimensionsOf(
  input: SwingInput,
  result: SwingResult,
  plate: Opening,
  foot: Opening | null,
  edge: Edge,
): Dimension[] {
  const { reachLeftMm: left, reachRightMm: right } = result
  const { spreadsMm } = evidenceOf(input)
  const across = (what: 'plate' | 'machine' | 'foot', halfMm: number): Dimension => ({
    what,
    fromMm: -halfMm,
    toMm: halfMm,
    lengthMm: 2 * halfMm,
    isLeast: what !== 'machine' && (spreadsMm[what] ?? 0) > 0,
  })
  return [
    { what: 'blades', fromMm: -left, toMm: right, lengthMm: left + right, isLeast: false },
    ...(plate.kind === 'slot' ? sparesOf(result, edge) : []),
    plate.kind === 'slot' && plate.measured
      ? across('plate', plate.halfMm)
      : across('machine', widestSwingMm(input) / 2),
    ...(foot?.kind === 'slot' ? [across('foot', foot.halfMm)] : []),
  ]
}

interface Edge {
  readonly of: PlateView['spareTo']
  /** From the middle. */
  readonly edgeMm: number
  /** How far inside the blade's edge its spare begins. */
  readonly inwardMm: number
}

/**
 * Counted from the blade's edge to the nearer measured opening, or from its centre to the end of the swing
 * where nothing is measured, or where that is struck worse.
 */
function nearestEdge(input: SwingInput, result: SwingResult, plate: Opening, foot: Opening | null): Edge {
  const { reachLeftMm: left, reachRightMm: right } = result
  const bladeRadiusMm = input.needle.sizeNm / 200
  const halfSwingMm = widestSwingMm(input) / 2
  const openOf = (opening: Opening | null) =>
    opening?.kind === 'slot' && opening.measured ? opening.halfMm : Infinity
  const [plateMm, footMm] = [openOf(plate), openOf(foot)]
  const openMm = Math.min(plateMm, footMm)
  const out = Math.max(left, right)
  const toEdgeMm = openMm - out
  const toEndMm = halfSwingMm - (out - bladeRadiusMm)
  const byEdge = Number.isFinite(openMm) && !(toEndMm < 0 && toEndMm < toEdgeMm)
  if (!byEdge) return { of: 'machine', edgeMm: halfSwingMm, inwardMm: bladeRadiusMm }
  return { of: footMm < plateMm ? 'foot' : 'plate', edgeMm: openMm, inwardMm: 0 }
}

function sparesOf(result: SwingResult, { edgeMm, inwardMm }: Edge): Dimension[] {
  const { reachLeftMm: left, reachRightMm: right, spareLeftMm, spareRightMm } = result
  const spares: Dimension[] = [
    { what: 'spare-left', fromMm: -edgeMm, toMm: -left + inwardMm, lengthMm: spareLeftMm, isLeast: false },
    { what: 'spare-right', fromMm: right - inwardMm, toMm: edgeMm, lengthMm: spareRightMm, isLeast: false },
  ]
  return spares.filter(({ lengthMm }) => Math.abs(lengthMm) > NOTHING_MM)
}
