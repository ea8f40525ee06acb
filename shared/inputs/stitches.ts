import { isStraightOnly } from '#core/schools'
import { hasSwing, type StitchSetting } from '#core/stitch'
import { beginningWidthMm, judgeSwing, type SwingInput } from '#core/swing'
import type { Settings } from '../records'
import type { SetupContent } from '../setup'
import { setupPartsOf, type SetupTables, type NamedStitch, swingInputOf } from './swing'

/**
 * How a stitch comes out with what is on the machine; `straight only`: its swing must be nothing, or is by
 * the user’s school; `not judged`: machine or needle are missing.
 */
export type StitchStanding = 'clear' | 'close' | 'straight only' | 'strikes' | 'not judged'

export interface FittedStitch {
  readonly stitch: NamedStitch
  /** At its usual size, or at the safe width where that is less. */
  readonly setting: StitchSetting & { readonly stitchId: string }
  readonly standing: StitchStanding
  /** As it would be sewn; null while machine or needle are missing. */
  readonly swing: SwingInput | null
}

/** A stitch as it would be set now: unmirrored, at its middle, no wider than is safe. */
export function fittedStitch(
  stitch: NamedStitch,
  setup: SetupContent,
  tables: SetupTables,
  settings: Settings,
): FittedStitch {
  const usual = {
    stitchId: stitch.id,
    widthMm: stitch.defaultWidthMm,
    lengthMm: stitch.defaultLengthMm,
    mirror: false,
    positionMm: 0,
  }
  const parts = { ...setupPartsOf(setup, tables), stitch }
  const asUsual = swingInputOf({ ...setup, stitch: usual }, parts, settings)
  if (!asUsual) return { stitch, setting: usual, standing: 'not judged', swing: null }
  const widthMm = beginningWidthMm(usual.widthMm, asUsual)
  const setting = { ...usual, widthMm }
  const swing = { ...asUsual, stitch: { ...asUsual.stitch, widthMm } }
  const { verdict } = judgeSwing(swing)
  const isHeldStraight = hasSwing(stitch) && (widthMm === 0 || isStraightOnly(swing.needle, settings.schools))
  return {
    stitch,
    setting,
    standing: isHeldStraight && verdict !== 'strikes' ? 'straight only' : verdict,
    swing,
  }
}
