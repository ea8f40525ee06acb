import { bobbinMatches, outlineFor, toneApartFrom } from '#core/colour'
import { bladeOffsetsMm, type Needle, threadedBladesOf } from '#core/needle'
import { seamDropsMm, type StitchSetting, type StitchShape } from '#core/stitch'
import { type SeamPlace, UNCHOSEN_HEX } from './colours'

/** A short piece of a seam for small drawings: where each blade lands, in mm, along and across. */
export interface SeamPoints {
  readonly blades: readonly {
    readonly colour: string
    /** Drawn round it where it would not be seen on the cloth; null: it is. */
    readonly outline: string | null
    readonly points: readonly { readonly along: number; readonly across: number }[]
  }[]
  readonly bobbin: string
  readonly bobbinOutline: string | null
  /** For telling it apart from the threads above: its own colour, or another tone where they look alike. */
  readonly bobbinApart: string
  readonly cloth: string
  readonly longMm: number
  readonly wideMm: number
  /** Between neighbouring needles; 0: there is one. */
  readonly gapMm: number
}

/** The little a small drawing needs of a seam. */
export interface SeamSketch {
  readonly needle: Needle | null
  /** null: a plain straight one is drawn. */
  readonly sewn: {
    readonly shape: StitchShape
    readonly setting: StitchSetting
    readonly maxWidthMm: number
  } | null
  /** `#rrggbb`; left out: a colour of our own. */
  readonly hex: Readonly<Partial<Record<SeamPlace, string>>>
}

const LEAST_MM = 15
const MOST_MM = 32
/** As long as small pictures are for their height. */
const LONG_FOR_WIDE = 3.3
const PLAIN_MM = 2.5
/**
 * Where the blades land on a piece of seam, with its middle at 0.
 *
 * @example
 * seamPointsOf({ needle: null, sewn: null, hex: {} }).blades.length // 1
 */
export function seamPointsOf({ needle, sewn, hex }: SeamSketch): SeamPoints {
  const { construction, gapMm, sizeNm } = needle ?? { construction: 'single' as const, gapMm: 0, sizeNm: 80 }
  const offsets = bladeOffsetsMm({ construction, gapMm, sizeNm })
  const wide = (sewn?.setting.widthMm ?? 0) + offsets.at(-1)! - offsets[0]!
  const longMm = Math.min(MOST_MM, Math.max(LEAST_MM, LONG_FOR_WIDE * wide))
  const drops = sewn
    ? seamDropsMm(sewn.shape, sewn.setting, sewn.maxWidthMm, longMm)
    : Array.from({ length: LEAST_MM / PLAIN_MM + 1 }, (_, i) => ({ xMm: 0, yMm: PLAIN_MM * i }))
  const blades = offsets.map((offset, place) => {
    const side = threadedBladesOf(construction)[place]!
    return {
      colour: hex[side] ?? UNCHOSEN_HEX[side],
      points: drops.map(({ xMm, yMm }) => ({ along: yMm, across: xMm + offset })),
    }
  })
  const across = blades.flatMap(({ points }) => points.map(point => point.across))
  const [low, high] = [Math.min(...across), Math.max(...across)]
  const cloth = hex.cloth ?? UNCHOSEN_HEX.cloth
  const bobbin = hex.bobbin ?? UNCHOSEN_HEX.bobbin
  const above = blades.map(({ colour }) => colour)
  return {
    blades: blades.map(({ colour, points }) => ({
      colour,
      outline: outlineFor(colour, cloth),
      points: points.map(point => ({ along: point.along, across: point.across - (low + high) / 2 })),
    })),
    bobbin,
    bobbinOutline: outlineFor(bobbin, cloth),
    bobbinApart: bobbinMatches(bobbin, above) ? toneApartFrom([...above, cloth]) : bobbin,
    cloth,
    longMm,
    wideMm: high - low,
    gapMm: construction === 'single' ? 0 : gapMm,
  }
}
