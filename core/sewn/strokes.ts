import { outlineFor } from '#core/colour'
import type { SewnStyle } from './picture'

/** One line drawn along a segment; several on top of each other look like thread. */
export interface StrokeLayer {
  readonly colour: string
  readonly opacity: number
  readonly widthMm: number
  /** Moved aside, in mm, both ways: only the shadow is. */
  readonly asideMm: number
  /** Dash and gap in mm, or null for a whole line. */
  readonly dashMm: readonly [number, number] | null
}

const SHADOW_OPACITY = 0.22
/** Seen at the scale of the drawings, and thin beside a thread. */
const OUTLINE_MM = 0.06

/**
 * How a thread is drawn, bottom layer first: an outline where the cloth has nearly its colour, its shadow,
 * its body, and the light on it or its twist.
 *
 * @example
 * strokesOf({ colour: '#2b4c7e', diameterMm: 0.3, look: 'matt', thread: 0 }, '#ffffff').length // 3
 */
export function strokesOf(
  { colour, diameterMm: d, look }: SewnStyle,
  clothHex: string,
): readonly StrokeLayer[] {
  const outline = outlineFor(colour, clothHex)
  const body = strokesWithout(colour, d, look)
  if (outline === null) return body
  return [{ colour: outline, opacity: 1, widthMm: d + 2 * OUTLINE_MM, asideMm: 0, dashMm: null }, ...body]
}

function strokesWithout(colour: string, d: number, look: SewnStyle['look']): readonly StrokeLayer[] {
  const shadow: StrokeLayer = {
    colour: '#000000',
    opacity: SHADOW_OPACITY,
    widthMm: d * 1.15,
    asideMm: d * 0.22,
    dashMm: null,
  }
  const body: StrokeLayer = {
    colour,
    opacity: look === 'clear' ? 0.4 : 1,
    widthMm: d,
    asideMm: 0,
    dashMm: null,
  }
  const light = (opacity: number, share: number, dashMm: readonly [number, number] | null): StrokeLayer => ({
    colour: '#ffffff',
    opacity,
    widthMm: d * share,
    asideMm: 0,
    dashMm,
  })
  const ply = (opacity: number, widthMm: number, dashMm: readonly [number, number]): StrokeLayer => ({
    colour: '#000000',
    opacity,
    widthMm,
    asideMm: 0,
    dashMm,
  })
  switch (look) {
    case 'sheen':
      return [shadow, body, light(0.38, 0.32, null)]
    // Two plies wound hard about each other: their turns show as slanting bands.
    case 'twist':
      return [shadow, body, light(0.3, 0.35, null), ply(0.34, d, [d * 0.26, d * 0.52])]
    case 'glint':
      return [shadow, body, light(0.8, 0.4, [d * 1.2, d * 1.8])]
    case 'film':
      return [shadow, body, light(0.5, 0.6, [d * 3, d * 3])]
    case 'clear':
      return [body, light(0.5, 0.25, null)]
    case 'matt':
      return [shadow, body, ply(0.16, d, [d * 0.35, d * 0.75])]
  }
}
