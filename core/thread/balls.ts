import { requireInRange } from '#core/errors'

/** Pearl cotton comes in balls of 10 g. Common practice. */
const BALL_G = 10

/**
 * Balls of pearl cotton that hold so much thread. A ball of 10 g holds 10 000/tex metres (a tex is
 * a gram a kilometre).
 *
 * @param metres - 0 to 1 000 000.
 * @param tex - 0.5 to 5000.
 *
 * @example
 * pearlBalls(100, 125) // 2: 80 m a ball
 */
export function pearlBalls(metres: number, tex: number): number {
  requireInRange(metres, 'metres', 0, 1e6)
  requireInRange(tex, 'tex', 0.5, 5000)
  return Math.ceil((metres * tex) / (1000 * BALL_G))
}
