import { type EdgePoint, narrowsOverMm, offeredTurn, type SatinTurn, turnsOf } from '#core/edge'
import type { EdgePiece } from '../records'

/** Points of one angle, and how satin is turned there. */
export interface TurnedPoints {
  /** Measured in the cloth, in whole degrees. */
  readonly insideDeg: number
  readonly kind: EdgePoint['kind']
  readonly count: number
  readonly how: SatinTurn
  readonly offered: SatinTurn
  /** So long before the point the width is turned down, in mm; 0: it stays. */
  readonly narrowsOverMm: number
}

/** As a person wants points of this angle turned, else as is offered for it. */
export function howTurned({ turns }: Pick<EdgePiece, 'turns'>, { insideDeg, kind }: EdgePoint): SatinTurn {
  const own = turns.find(turn => turn.insideDeg === Math.round(insideDeg))?.how
  return own !== undefined && turnsOf(kind).includes(own) ? own : offeredTurn(insideDeg)
}

/** What is turned at each angle, the sharpest first. */
export function turnsIn(
  plan: Pick<EdgePiece, 'turns'>,
  points: readonly EdgePoint[],
  widthMm: number,
): TurnedPoints[] {
  const byAngle = new Map<number, EdgePoint[]>()
  for (const point of points) {
    const deg = Math.round(point.insideDeg)
    byAngle.set(deg, [...(byAngle.get(deg) ?? []), point])
  }
  return [...byAngle]
    .sort(([a], [b]) => a - b)
    .map(([insideDeg, alike]) => {
      const [point] = alike
      const how = howTurned(plan, point!)
      return {
        insideDeg,
        kind: point!.kind,
        count: alike.length,
        how,
        offered: offeredTurn(point!.insideDeg),
        narrowsOverMm: narrowsOverMm(how, point!.insideDeg, widthMm),
      }
    })
}

/** How far from a point satin is narrowed, for each mm of its width. */
export const narrowedBy = (plan: Pick<EdgePiece, 'turns'>, point: EdgePoint): number =>
  narrowsOverMm(howTurned(plan, point), point.insideDeg, 1)
