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

/**
 * How a thread is drawn, bottom layer first: its shadow, its body, and the light on it or its twist.
 *
 * @example
 * strokesOf({ colour: '#2b4c7e', diameterMm: 0.3, look: 'matt', thread: 0 }).length // 3
 */
export function strokesOf({ colour, diameterMm: d, look }: SewnStyle): readonly StrokeLayer[] {
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
  switch (look) {
    case 'sheen':
      return [shadow, body, light(0.38, 0.32, null)]
    case 'glint':
      return [shadow, body, light(0.8, 0.4, [d * 1.2, d * 1.8])]
    case 'film':
      return [shadow, body, light(0.5, 0.6, [d * 3, d * 3])]
    case 'clear':
      return [body, light(0.5, 0.25, null)]
    case 'matt':
      return [
        shadow,
        body,
        { colour: '#000000', opacity: 0.16, widthMm: d, asideMm: 0, dashMm: [d * 0.35, d * 0.75] },
      ]
  }
}
