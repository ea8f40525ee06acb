import { heading, moved, type Point, turnOfWays } from '#core/plane'
import { walkAlong } from './land'
import type { EdgePoint } from './parts'
import type { EdgePlan, EdgeSide, PlannedStretch } from './planEdge'

export const SATIN_TURNS = ['overlap', 'mitre', 'taper', 'fan'] as const
/** How a column of satin is turned at a point. */
export type SatinTurn = (typeof SATIN_TURNS)[number]

/** What each is called, and why one would choose it. Common practice. */
export const TURN_WORDS: Readonly<Record<SatinTurn, { readonly name: string; readonly why: string }>> = {
  overlap: {
    name: 'Pivot and overlap',
    why: 'Quick and strong: both columns lie full width over the corner. Thick there.',
  },
  mitre: {
    name: 'Mitre',
    why: 'Both columns narrow to the point along the diagonal, flat like a picture frame.',
  },
  taper: {
    name: 'Taper the tip',
    why: 'Both columns narrow until they meet and cover the tip. Nothing sticks out.',
  },
  fan: {
    name: 'Fan round it',
    why: 'Bites turn round the corner’s own hole: no gap opens where the columns part.',
  },
}

/** Below this a full bite at the point sticks out past the other side; below that two halves have no room. */
const OVERLAP_FROM_DEG = 90
const MITRE_FROM_DEG = 45
/** Round an inside corner over this the columns part so far that sewing on leaves a gap. */
const FAN_FROM_DEG = 300
/** A bite narrower than this holds nothing, and one column covers a tip as narrow as this, in mm. Guesses. */
const LEAST_TIP_MM = 0.5
const TIP_MM = 1

/**
 * How a point can be turned.
 *
 * @example
 * turnsOf('inner') // ['overlap', 'fan']
 */
export const turnsOf = (kind: EdgePoint['kind']): readonly SatinTurn[] =>
  kind === 'inner' ? ['overlap', 'fan'] : ['overlap', 'mitre', 'taper']

/**
 * The turn that is offered for an angle, measured in the cloth. Where each begins is a guess of ours; why is
 * plane geometry.
 *
 * @param insideDeg - 0 to 360.
 *
 * @example
 * offeredTurn(90) // 'overlap'
 * offeredTurn(30) // 'taper'
 */
export function offeredTurn(insideDeg: number): SatinTurn {
  if (insideDeg > 180) return insideDeg > FAN_FROM_DEG ? 'fan' : 'overlap'
  if (insideDeg >= OVERLAP_FROM_DEG - 1e-6) return 'overlap'
  return insideDeg >= MITRE_FROM_DEG ? 'mitre' : 'taper'
}

/**
 * How long before a point the width is turned down, in mm; 0: it stays.
 *
 * @param widthMm - of the column, over 0.
 *
 * @example
 * narrowsOverMm('mitre', 90, 3) // 3
 */
export const narrowsOverMm = (how: SatinTurn, insideDeg: number, widthMm: number): number =>
  isNarrowed(how) ? widthMm / diagonal(insideDeg) : 0

const isNarrowed = (how: SatinTurn) => how === 'mitre' || how === 'taper'
/** How far in the line half-way between two sides lies, for each mm along one of them. */
const diagonal = (insideDeg: number) => Math.tan((insideDeg * Math.PI) / 360)
/** The same of the other side itself; past a right angle it is out of reach. */
const acrossTip = (insideDeg: number) => (insideDeg < 90 ? Math.tan((insideDeg * Math.PI) / 180) : Infinity)

/** A column of satin as it is sewn along one stretch. */
export interface SatinSewn {
  readonly drops: readonly Point[]
  /** Drops that are sewn at points beside those along the edge, and how far they go on, in mm. */
  readonly extraDrops: number
  readonly extraMm: number
}

/**
 * Every needle position of a satin column, with its points turned: one beside the edge at each stitch point,
 * one inside half-way to the next, straight across the side it lies on. At a point the bites narrow, go on
 * past it, or turn round it.
 *
 * @param stitch - width of the column, from point to point, and how far outside the edge it begins.
 * @param howOf - how points of an angle are turned.
 *
 * @example
 * satinAlong(plan, { widthMm: 3, lengthMm: 0.8, outsideMm: 0.3 }, ({ insideDeg }) => offeredTurn(insideDeg))
 */
export function satinAlong(
  plan: EdgePlan,
  stitch: { readonly widthMm: number; readonly lengthMm: number; readonly outsideMm: number },
  howOf: (point: EdgePoint) => SatinTurn,
): SatinSewn[] {
  return plan.stretches.map((stretch, s) => {
    const to = plan.stretches[s + 1]?.from ?? plan.landings.length
    const landings = plan.landings.slice(stretch.from, to)
    const drops: Point[] = []
    let [extraDrops, extraMm] = [0, 0]
    let startMm = 0
    stretch.sides.forEach((side, i) => {
      const own = landings.filter(landing => landing.side === i)
      const ends = [...own.slice(1).map(({ alongMm }) => alongMm - startMm), side.lengthMm]
      const [before, after] = pointsAbout(stretch, i)
      const walk = walkAlong(side.pathMm)
      own.forEach((landing, k) => {
        const fromMm = landing.alongMm - startMm
        const middleMm = (fromMm + ends[k]!) / 2
        const { at, out } = walk(middleMm)
        const normal = towards({ x: -out.y, y: out.x }, landing.inward)
        const room = Math.min(
          widthNear(before, middleMm, howOf, stitch.widthMm),
          widthNear(after, side.lengthMm - middleMm, howOf, stitch.widthMm),
        )
        drops.push(moved(landing, landing.inward, -stitch.outsideMm))
        drops.push(moved(at, normal, room - stitch.outsideMm))
      })
      if (after?.kind === 'inner') {
        const more = roundInside(stretch, i, after, stitch, howOf(after))
        drops.push(...more.drops)
        extraDrops += more.drops.length
        extraMm += more.alongMm
      }
      startMm += side.lengthMm
    })
    const end = stretch.closed ? landings[0] : landings.at(-1)
    if (end) drops.push(moved(end, end.inward, -stitch.outsideMm))
    return { drops, extraDrops, extraMm }
  })
}

/** The point a side begins and the one it ends on; null: it has none. */
function pointsAbout({ points, sides, closed }: PlannedStretch, side: number) {
  if (!closed) return [points[side - 1] ?? null, points[side] ?? null] as const
  if (points.length === 0) return [null, null] as const
  return [points[side]!, points[(side + 1) % sides.length]!] as const
}

/** The widest bite so far from a point. */
function widthNear(
  point: EdgePoint | null,
  awayMm: number,
  howOf: (point: EdgePoint) => SatinTurn,
  widthMm: number,
): number {
  if (!point || point.kind === 'inner') return widthMm
  const how = howOf(point)
  if (!isNarrowed(how)) return widthMm
  const half = awayMm * diagonal(point.insideDeg)
  const tip = how === 'taper' ? Math.min(TIP_MM, awayMm * acrossTip(point.insideDeg)) : 0
  return Math.min(widthMm, Math.max(LEAST_TIP_MM, half, tip))
}

/** What is sewn at an inside corner before the next side: on past it by a width, or round it. */
function roundInside(
  { sides }: PlannedStretch,
  side: number,
  point: EdgePoint,
  { widthMm, lengthMm, outsideMm }: { widthMm: number; lengthMm: number; outsideMm: number },
  how: SatinTurn,
): { readonly drops: readonly Point[]; readonly alongMm: number } {
  const next = sides[(side + 1) % sides.length]!
  const [into, out] = [headingAtEnd(sides[side]!), headingAtStart(next)]
  const turn = turnOfWays(into, out)
  // Round an inside corner the edge turns away from the cloth.
  const toCloth = turn > 0 ? -1 : 1
  const normal = { x: -into.y * toCloth, y: into.x * toCloth }
  if (how === 'fan') {
    const bites = Math.max(1, Math.ceil((widthMm * Math.abs(turn)) / lengthMm))
    const drops = Array.from({ length: bites }, (_, k) => {
      const bite = turned(normal, ((k + 0.5) / bites) * turn)
      return [point.at, moved(point.at, bite, widthMm - outsideMm)]
    })
    return { drops: drops.flat(), alongMm: 0 }
  }
  const stitches = Math.max(1, Math.ceil(widthMm / lengthMm))
  const drops = Array.from({ length: stitches }, (_, k) => {
    const at = moved(point.at, into, k * lengthMm)
    return [at, moved(moved(at, into, lengthMm / 2), normal, widthMm - outsideMm)]
  })
  return { drops: drops.flat(), alongMm: stitches * lengthMm }
}

const headingAtEnd = ({ pathMm }: EdgeSide) => heading(pathMm.at(-2)!, pathMm.at(-1)!)
const headingAtStart = ({ pathMm }: EdgeSide) => heading(pathMm[0]!, pathMm[1]!)
const turned = ({ x, y }: Point, rad: number): Point => ({
  x: x * Math.cos(rad) - y * Math.sin(rad),
  y: x * Math.sin(rad) + y * Math.cos(rad),
})
/** The same way, or the opposite, whichever lies on the side of another. */
const towards = (way: Point, side: Point): Point =>
  way.x * side.x + way.y * side.y < 0 ? { x: -way.x, y: -way.y } : way
