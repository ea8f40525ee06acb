import { type Feed, UNKNOWN_FEED } from '#core/fit'
import { giveOrTake } from '#core/measured'
import { spreadOf } from '../fields'
import type { Cloth } from '../records'

/** How long stitches come out on a cloth, where it was measured on it; null: it was not. */
export function clothFeedOf(cloth: Cloth | null): Feed | null {
  if (!cloth || cloth.feedFactor === null) return null
  const spread = spreadOf(cloth, 'feedFactor')
  return {
    factor: cloth.feedFactor,
    // Typed without saying how well: no better than nothing known.
    spread: spread === null ? UNKNOWN_FEED.spread : giveOrTake({ value: cloth.feedFactor, spread }),
  }
}
