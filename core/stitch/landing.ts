import { CoreError, requireInRange } from '#core/errors'
import type { StitchSetting, StitchShape } from './shape'

/** A point on the cloth in mm: x right of the needle bar's middle, y along the seam. */
export interface Drop {
  readonly xMm: number
  readonly yMm: number
}

/** Longest run of drops computed at once: 10 m of dense satin. */
const MOST_DROPS = 50_000
/** No stitch reaches farther, in widths and lengths of itself. */
const FARTHEST_X = 100
const FARTHEST_Y = 1e6
const SIDE = { left: -1, centre: 0, right: 1 } as const

/**
 * How a needle position depends on the width, for one unit drop: x(w) = at0 + slope · w, in mm.
 *
 * A centred stitch lands at w·x. One held at an end of the swing lands at ±(M − w)/2 + w·x, so its outer
 * edge stays put whatever the width. Mirror flips the sign, then the needle position is added.
 *
 * @param unitX - the drop's x, −0.5 to 0.5.
 * @param maxWidthMm - the machine's widest stitch M.
 * @param widthFactor - sewn width over dialled width: how far the bar really goes.
 *
 * @example
 * landing(0.5, 'centre', false, 0, 7) // { at0: 0, slope: 0.5 }: 2 mm out at width 4
 */
export function landing(
  unitX: number,
  alignment: StitchShape['alignment'],
  mirror: boolean,
  positionMm: number,
  maxWidthMm: number,
  widthFactor = 1,
) {
  const side = SIDE[alignment]
  const sign = mirror ? -1 : 1
  return {
    at0: widthFactor * (sign * side * (maxWidthMm / 2) + positionMm),
    slope: widthFactor * sign * (unitX - side / 2),
  }
}

/**
 * Where the needle bar's middle lands at every needle position of one repeat.
 *
 * @param shape - at least one drop.
 * @param setting - width 0 or more, length more than 0.
 * @param maxWidthMm - the machine's widest stitch.
 * @returns One point per drop, in order.
 * @throws {CoreError} `no-drops`, `non-finite`, `out-of-range`.
 *
 * @example
 * landingsMm(zigzag, { widthMm: 4, lengthMm: 1, mirror: false, positionMm: 0 }, 7) // [(−2, 0), (2, 1)]
 */
export function landingsMm(shape: StitchShape, setting: StitchSetting, maxWidthMm: number): Drop[] {
  if (shape.drops.length === 0) throw new CoreError('no-drops', 'A stitch needs at least one needle drop')
  requireInRange(setting.widthMm, 'widthMm', 0, 100)
  requireInRange(setting.lengthMm, 'lengthMm', 0, 100)
  requireInRange(setting.positionMm, 'positionMm', -100, 100)
  requireInRange(maxWidthMm, 'maxWidthMm', 0.1, 100)
  const { mirror, positionMm, widthFactor = 1 } = setting
  requireInRange(widthFactor, 'widthFactor', 0.1, 10)
  return shape.drops.map(({ x, y }, index) => {
    // The field's name is only made when it is needed: this runs for every needle position of every verdict.
    if (!(Math.abs(x) <= FARTHEST_X && Math.abs(y) <= FARTHEST_Y)) {
      requireInRange(x, `drops.${index}.x`, -FARTHEST_X, FARTHEST_X)
      requireInRange(y, `drops.${index}.y`, -FARTHEST_Y, FARTHEST_Y)
    }
    const { at0, slope } = landing(x, shape.alignment, mirror, positionMm, maxWidthMm, widthFactor)
    return { xMm: at0 + slope * setting.widthMm, yMm: y * setting.lengthMm }
  })
}

/**
 * The drops of as many repeats as cover a seam, starting one repeat early so that the pattern fills the view.
 *
 * @param seamMm - length to cover, in mm.
 * @returns The points in sewing order; y from below 0 to at least `seamMm`.
 * @throws {CoreError} as {@link landingsMm}; `bad-repeat` when a repeat does not move forward or is too
 *   fine for the seam.
 *
 * @example
 * seamDropsMm(straight, { …setting, lengthMm: 2.5 }, 7, 10).length // 6
 */
export function seamDropsMm(
  shape: StitchShape,
  setting: StitchSetting,
  maxWidthMm: number,
  seamMm: number,
): Drop[] {
  const once = landingsMm(shape, setting, maxWidthMm)
  const repeatMm = shape.repeat * setting.lengthMm
  requireInRange(seamMm, 'seamMm', 0, 1e5)
  if (!(repeatMm > 0)) throw new CoreError('bad-repeat', 'One repeat must move the cloth forward')
  const repeats = Math.ceil(seamMm / repeatMm) + 2
  if (repeats * once.length > MOST_DROPS) {
    throw new CoreError('bad-repeat', `A seam of ${seamMm} mm would take more than ${MOST_DROPS} drops`, {
      repeats,
    })
  }
  return Array.from({ length: repeats }, (_, r) =>
    once.map(({ xMm, yMm }) => ({ xMm, yMm: yMm + (r - 1) * repeatMm })),
  ).flat()
}
