import { colourDifference } from './difference'

/** Tones a drawing may take where two threads are of one colour. Ours; none is a thread’s. */
const TONES = ['#1d1b22', '#f3e7cf', '#b3202e', '#0f6a7c'] as const

/**
 * A tone for drawing one thread so that it is told apart from others and from the cloth: the one of ours that
 * differs most from the nearest of them.
 *
 * @param hexes - `#rrggbb` each, at least one.
 *
 * @example
 * toneApartFrom(['#101010', '#f0f0f0']) // a red or a blue green
 */
export function toneApartFrom(hexes: readonly string[]): string {
  const nearest = (tone: string) => Math.min(...hexes.map(hex => colourDifference(tone, hex)))
  return TONES.reduce<string>((best, tone) => (nearest(tone) > nearest(best) ? tone : best), TONES[0])
}
