import { hasSwing, type StitchSetting, type StitchShape } from '#core/stitch'
import type { ConflictInput } from './types'

/** From here on the swing is so wide for its length that the stitch lies like satin. Common practice. */
const DENSE_RATIO = 5

/**
 * How a stitch lies, as the conflict rules see it.
 *
 * @example
 * stitchFacts(zigzag, { widthMm: 5, lengthMm: 0.4 }).dense // true
 */
export function stitchFacts(
  shape: StitchShape,
  { widthMm, lengthMm }: Pick<StitchSetting, 'widthMm' | 'lengthMm'>,
): NonNullable<ConflictInput['stitch']> {
  const swings = hasSwing(shape) && widthMm > 0
  return { swings, dense: swings && widthMm / lengthMm >= DENSE_RATIO, lengthMm }
}
