import { type DialScale, type Feed, PLAIN_SCALE, UNKNOWN_FEED } from '#core/fit'
import { feedFrom, fromRuler } from '#core/measure'
import { giveOrTake } from '#core/measured'
import { spreadOf } from '../fields'
import type { Cloth, TopstitchPiece } from '../records'
import type { SetupContent } from '../setup'

/** How long stitches come out on a cloth, where it was measured on it; null: it was not. */
export function clothFeedOf(cloth: Cloth | null): Feed | null {
  if (!cloth || cloth.feedFactor === null) return null
  const spread = spreadOf(cloth, 'feedFactor')
  return {
    factor: cloth.feedFactor,
    // Typed without saying how well: no better than nothing known.
    giveOrTake: spread === null ? UNKNOWN_FEED.giveOrTake : giveOrTake({ value: cloth.feedFactor, spread }),
  }
}

/** Stitches sewn and measured for one piece. */
export type PieceFeed = TopstitchPiece['feed']

/**
 * How long stitches come out: as they were measured for this piece, else on its cloth; null: nobody measured.
 *
 * @throws {CoreError} as `feedFrom`.
 */
export function feedOf(measuredHere: PieceFeed, cloth: Cloth | null): Feed | null {
  if (!measuredHere) return clothFeedOf(cloth)
  const { sewnMm, stitches, dialledMm, readMm } = measuredHere
  const found = feedFrom(fromRuler(sewnMm, readMm), stitches, dialledMm)
  return { factor: found.value, giveOrTake: giveOrTake(found) }
}

/** How planned lengths stand on the dial on this cloth: at its word where nobody measured. */
export function dialScaleOf(
  measuredHere: PieceFeed,
  { clothId }: Pick<SetupContent, 'clothId'>,
  { cloths }: { readonly cloths: ReadonlyMap<string, Cloth> },
): DialScale {
  const feed = feedOf(measuredHere, cloths.get(clothId ?? '') ?? null)
  return feed ? { ...PLAIN_SCALE, feedFactor: feed.factor } : PLAIN_SCALE
}
