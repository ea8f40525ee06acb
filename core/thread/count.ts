import { CoreError, requireInRange } from '#core/errors'

export const COUNT_SYSTEMS = ['tex', 'dtex', 'denier', 'nm', 'ne', 'wt', 'ticket'] as const
export type CountSystem = (typeof COUNT_SYSTEMS)[number]

/** Grams in 1000 m of Ne 1. Source: ISO 2947 (from memory). */
const NE_CONSTANT = 590.5
/** Metres of a gram of Nm 1 in 1000 m; also what a fixed-weight label counts. */
const NM_CONSTANT = 1000
const TICKET_CONSTANT = 3000
const DENIER_PER_TEX = 9
const DTEX_PER_TEX = 10

/** The range of threads anyone sews or couches with, in tex. */
export const TEX_LIMITS = { min: 0.5, max: 5000 } as const
const MOST_PLIES = 24

/** In these the number is of one ply; wt and ticket are of the whole thread. */
const COUNTS_ONE_PLY: Readonly<Record<CountSystem, boolean>> = {
  tex: true,
  dtex: true,
  denier: true,
  nm: true,
  ne: true,
  wt: false,
  ticket: false,
}

/**
 * What a label states exactly; makers differ in the other two, so those are nominal.
 *
 * @example
 * isNominal('wt') // true
 */
export function isNominal(system: CountSystem): boolean {
  return !COUNTS_ONE_PLY[system]
}

/**
 * Linear density of a thread from its count.
 *
 * Tex, dtex and denier are mass per length and grow with thickness; Nm, Ne, wt and ticket are length per
 * mass and fall with it. Two plies of 120 denier weigh twice one ply; `wt` and `ticket` already name the
 * whole thread, so plies do not change them.
 *
 * @param system - one of {@link COUNT_SYSTEMS}.
 * @param value - the number on the label, more than 0.
 * @param plies - 1 to 24.
 * @returns tex, in g per 1000 m, 0.5 to 5000.
 * @throws {CoreError} `non-finite`, `out-of-range` (value, plies or the tex that follows).
 *
 * Source: ISO 1144, ISO 2947, ASTM D861; ticket: ASTM D3823 (all from memory); wt: common practice.
 *
 * @example
 * texOf('ne', 50, 2) // 23.62
 */
export function texOf(system: CountSystem, value: number, plies = 1): number {
  requireInRange(value, 'value', 1e-6, 1e6)
  requireInRange(plies, 'plies', 1, MOST_PLIES)
  if (!Number.isInteger(plies))
    throw new CoreError('out-of-range', 'plies must be a whole number', {
      field: 'plies',
      min: 1,
      max: MOST_PLIES,
    })
  const tex = ofOne(system, value) * (COUNTS_ONE_PLY[system] ? plies : 1)
  return requireInRange(tex, 'tex', TEX_LIMITS.min, TEX_LIMITS.max)
}

function ofOne(system: CountSystem, value: number): number {
  switch (system) {
    case 'tex':
      return value
    case 'dtex':
      return value / DTEX_PER_TEX
    case 'denier':
      return value / DENIER_PER_TEX
    case 'nm':
      return NM_CONSTANT / value
    case 'ne':
      return NE_CONSTANT / value
    case 'wt':
      return NM_CONSTANT / value
    case 'ticket':
      return TICKET_CONSTANT / value
  }
}

/** One linear density in every system, as of a single-ply thread of that mass. */
export type Counts = Readonly<Record<CountSystem, number>>

/**
 * A linear density said in all systems.
 *
 * @param tex - more than 0.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * @example
 * countsOf(25).nm // 40
 */
export function countsOf(tex: number): Counts {
  requireInRange(tex, 'tex', TEX_LIMITS.min, TEX_LIMITS.max)
  return {
    tex,
    dtex: tex * DTEX_PER_TEX,
    denier: tex * DENIER_PER_TEX,
    nm: NM_CONSTANT / tex,
    ne: NE_CONSTANT / tex,
    wt: NM_CONSTANT / tex,
    ticket: TICKET_CONSTANT / tex,
  }
}

/**
 * Linear density by weighing a length: the surest way, whatever the label says.
 *
 * @param grams - what the length weighs, more than 0.
 * @param metres - its length, more than 0.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * @example
 * texByWeighing(0.83, 10) // 83
 */
export function texByWeighing(grams: number, metres: number): number {
  requireInRange(grams, 'grams', 1e-3, 1e5)
  requireInRange(metres, 'metres', 1e-2, 1e6)
  return requireInRange((1000 * grams) / metres, 'tex', TEX_LIMITS.min, TEX_LIMITS.max)
}
