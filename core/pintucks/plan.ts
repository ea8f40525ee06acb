import { requireInRange } from '#core/errors'
import { formatCloth, type LengthUnit, UNIT_SIGNS } from '#core/units'
import { type Groove, type GroovedFoot, grooveFor } from './groove'
import { type Layout, layOut, type TuckLayout } from './layout'
import { ridgeMm } from './ridge'
import { type MeasuredSwatch, type TakeUp, takeUpOf } from './takeUp'

/** All that a front of pintucks is planned from. Lengths in mm. */
export interface PintuckInput {
  readonly needle: { readonly gapMm: number; readonly sizeNm: number }
  readonly layout: TuckLayout
  /** Thickness of the cloth; null: not measured. */
  readonly clothMm: number | null
  /** Cloth more than the sum, half of it at each side. */
  readonly reserveMm: number
  /** null: not measured. */
  readonly takeUp: MeasuredSwatch | null
  readonly foot: GroovedFoot | null
  /** Thickness of a cord under the cloth; null: none. */
  readonly cordMm: number | null
}

export interface PintuckWarning {
  readonly code: 'take-up-above-gap' | 'cord-too-thick' | 'wider-than-piece'
  readonly message: string
}

export interface PintuckPlan extends Layout {
  readonly takeUp: TakeUp
  /** Centre lines on the flat cloth, from the blank's left edge; null: the take-up is not measured. */
  readonly flatMm: readonly number[] | null
  /** How wide to cut; null: only a range is known. */
  readonly blankMm: number | null
  readonly blankLeastMm: number
  readonly blankMostMm: number
  /** How high a tuck stands, if it stands round; null: not known. */
  readonly ridgeMm: number | null
  readonly groove: Groove | null
  readonly cordMostMm: number
  readonly warnings: readonly PintuckWarning[]
}

const SAME_MM = 1e-6

/**
 * The whole of a plan for pintucks: where they lie on the finished and on the flat cloth, how wide to cut,
 * what can ride in the foot's grooves, and what speaks against it.
 *
 * @param unit - what the warnings write lengths in.
 * @throws {CoreError} from its parts; a cord from 0.1 to 20 mm, an allowance from 0 to 10 000 mm.
 *
 * @example
 * planPintucks({
 *   needle: { gapMm: 2, sizeNm: 80 },
 *   layout: { wanted: { count: 6 }, spacingMm: 6, group: { of: 3, gapMm: 14 }, pieceMm: 60, edgeMm: null },
 *   clothMm: null,
 *   reserveMm: 20,
 *   takeUp: { beforeMm: 100, afterMm: 88, tucks: 10, readMm: 0.5 },
 *   foot: null,
 *   cordMm: null,
 * }).blankMm // 87.2
 */
export function planPintucks(input: PintuckInput, unit: LengthUnit = 'mm'): PintuckPlan {
  const { needle, reserveMm, cordMm, foot } = input
  requireInRange(reserveMm, 'reserveMm', 0, 10_000)
  requireInRange(needle.sizeNm, 'needle.sizeNm', 10, 500)
  if (cordMm !== null) requireInRange(cordMm, 'cordMm', 0.1, 20)
  const layout = layOut(input.layout, needle.gapMm)
  const takeUp = takeUpOf(input.takeUp, needle.gapMm, input.clothMm ?? 0)
  const blank = (eachMm: number) => layout.pieceMm + layout.count * eachMm + reserveMm
  const { eachMm } = takeUp
  const plan = {
    ...layout,
    takeUp,
    flatMm: eachMm === null ? null : layout.finishedMm.map((x, i) => flatMm(x, i, eachMm, reserveMm)),
    blankMm: eachMm === null ? null : blank(eachMm),
    blankLeastMm: blank(takeUp.leastMm),
    blankMostMm: blank(takeUp.mostMm),
    ridgeMm: eachMm === null ? null : ridgeMm(needle.gapMm, eachMm),
    groove: foot ? grooveFor(foot, input.layout.spacingMm) : null,
    cordMostMm: Math.max(0, needle.gapMm - needle.sizeNm / 100),
  }
  return { ...plan, warnings: warningsOf(input, plan, unit) }
}

/**
 * A tuck's centre line on the flat cloth: its finished place, the tucks before it, and half of itself.
 * Source: arithmetic.
 *
 * @param finishedMm - from the finished piece's left edge.
 * @param index - tucks before it.
 *
 * @example
 * flatMm(17, 1, 1.2, 20) // 28.8
 */
export function flatMm(finishedMm: number, index: number, eachMm: number, reserveMm: number): number {
  return finishedMm + index * eachMm + eachMm / 2 + reserveMm / 2
}

function warningsOf(
  { needle, cordMm }: PintuckInput,
  { takeUp, cordMostMm, finishedMm, pieceMm, spanMm }: Omit<PintuckPlan, 'warnings'>,
  unit: LengthUnit,
): PintuckWarning[] {
  const warnings: PintuckWarning[] = []
  const length = (mm: number) => `${formatCloth(mm, unit, 'mark')} ${UNIT_SIGNS[unit]}`
  if (takeUp.eachMm !== null && takeUp.eachMm > needle.gapMm + SAME_MM)
    warnings.push({
      code: 'take-up-above-gap',
      message:
        `Each tuck takes ${length(takeUp.eachMm)}, but the needle gap is ${length(needle.gapMm)}. `
        + 'Measure again: the cloth beside the tucks may draw in.',
    })
  if (cordMm !== null && cordMm > cordMostMm + SAME_MM)
    warnings.push({
      code: 'cord-too-thick',
      message: `A cord of ${length(cordMm)} does not go between the needles: ${length(cordMostMm)} at most.`,
    })
  if (finishedMm[0]! < -SAME_MM || finishedMm.at(-1)! > pieceMm + SAME_MM)
    warnings.push({
      code: 'wider-than-piece',
      message:
        `The tucks span ${length(spanMm)} and do not fit a piece of ${length(pieceMm)}. `
        + 'Plan fewer tucks, a smaller spacing, or another edge distance.',
    })
  return warnings
}
