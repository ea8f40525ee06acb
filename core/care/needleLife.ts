import { requireInRange } from '#core/errors'
import { formatShort } from '#core/units'
import type { NeedleState, NeedleUse } from './needleUse'

export interface NeedleLife {
  readonly advice: 'now' | 'soon' | 'fine' | 'not counted'
  readonly why: string
  /** Hours it may sew, and where that comes from. */
  readonly limitHours: number
  readonly source: 'rule' | 'guess'
  /** Share of its life that is used, 0 and up; null: not counted. */
  readonly share: number | null
}

/** Change after about this many hours of sewing. Common practice. */
const NEEDLE_LIFE_HOURS = 8
/** Common practice says sooner after metallic, without a number: half as long is a guess. */
const AFTER_METALLIC_HOURS = NEEDLE_LIFE_HOURS / 2
/** Common practice: after about six fused-wool blocks. */
export const BLOCKS_PER_NEEDLE = 6
/** From this share of its life on it is soon. */
const SOON = 0.8
const SPENT: Readonly<Record<Exclude<NeedleState, 'good'>, string>> = {
  bent: 'bent: into the tin at once',
  burred: 'burred: it cuts threads and cloth; change it at once',
  sticky: 'sticky: wipe it with alcohol, or change it at once',
}

/**
 * Whether a needle is to be changed.
 *
 * Source: common practice: about 8 hours; sooner after metallic; about 6 fused-wool blocks; bent, burred or
 * sticky at once.
 *
 * @example
 * needleLife({ state: 'good', hoursSewn: 8, blocksSewn: 0, seen: nothing }).advice // 'now'
 */
export function needleLife(use: NeedleUse): NeedleLife {
  const { state, hoursSewn, blocksSewn, seen } = use
  const limitHours = limitOf(use)
  const source = seen.metallic ? 'guess' : 'rule'
  const share = shareSewn(use)
  const advice = needleAdvice(use)
  if (state !== 'good') return { limitHours, source, share, advice, why: SPENT[state] }
  if (share === null)
    return { limitHours, source, share, advice, why: `change after about ${limitHours} hours` }
  const hours = `${formatShort(hoursSewn ?? 0)} of about ${limitHours} hours`
  const sooner = seen.metallic ? ', fewer because it has sewn metallic' : ''
  const byBlocks = blocksSewn / BLOCKS_PER_NEEDLE > (hoursSewn ?? 0) / limitHours
  const why = byBlocks ? `${blocksSewn} of about ${BLOCKS_PER_NEEDLE} fused blocks` : `${hours}${sooner}`
  return { limitHours, source, share, advice, why }
}

/**
 * Whether a needle is to be changed, without the words: quick enough for every needle of a case.
 *
 * @example
 * needleAdvice({ state: 'bent', hoursSewn: null, blocksSewn: 0, seen: nothing }) // 'now'
 */
export function needleAdvice(use: NeedleUse): NeedleLife['advice'] {
  if (use.state !== 'good') return 'now'
  const share = shareSewn(use)
  if (share === null) return 'not counted'
  if (share >= 1) return 'now'
  return share >= SOON ? 'soon' : 'fine'
}

/**
 * Hours a needle lasts: half as long once it sews metallic, which is a guess.
 *
 * @example
 * needleHours(true) // 4
 */
export const needleHours = (sewsMetallic: boolean): number =>
  sewsMetallic ? AFTER_METALLIC_HOURS : NEEDLE_LIFE_HOURS
const limitOf = ({ seen }: NeedleUse) => needleHours(seen.metallic)

/**
 * How many pieces a fresh needle lasts: by its hours or by fused blocks, whichever comes first; at least one.
 *
 * @param hoursEach - it sews for one, 0 and up.
 *
 * @example
 * piecesPerNeedle(2, false) // 4
 */
export function piecesPerNeedle(hoursEach: number, sewsMetallic: boolean): number {
  requireInRange(hoursEach, 'hoursEach', 0, Infinity)
  if (hoursEach === 0) return BLOCKS_PER_NEEDLE
  return Math.max(1, Math.min(BLOCKS_PER_NEEDLE, Math.floor(needleHours(sewsMetallic) / hoursEach)))
}

/** Share of its life that is sewn; null: not counted. */
function shareSewn(use: NeedleUse): number | null {
  const { hoursSewn, blocksSewn } = use
  if (hoursSewn === null && blocksSewn === 0) return null
  return Math.max((hoursSewn ?? 0) / limitOf(use), blocksSewn / BLOCKS_PER_NEEDLE)
}
