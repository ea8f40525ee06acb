import { requireInRange } from '#core/errors'
import { TEX_LIMITS } from './count'
import { type Fibre, FIBRE_DENSITIES, THREAD_KINDS, type ThreadKind } from './kinds'

/**
 * Diameter of a round thread from its linear density: d = √(4·Tex / (π·1000·ρ)), ρ = packing × fibre density.
 *
 * @param tex - linear density in tex (g per 1000 m).
 * @param fibre - sets the density.
 * @param packing - share of the cross-section that is fibre, 0.1 to 1: about 0.6 spun and plied, 0.5 pearl,
 *   1 monofilament.
 * @returns The diameter in mm.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * Source: cylinder of that mass; for cotton it agrees within 1 % with F. T. Peirce, The geometry of cloth
 * structure, J. Textile Inst. 28 (1937) T45 (from memory).
 *
 * @example
 * roundDiameterMm(25, 'cotton', 0.6) // 0.187
 */
export function roundDiameterMm(tex: number, fibre: Fibre, packing: number): number {
  requireInRange(tex, 'tex', TEX_LIMITS.min, TEX_LIMITS.max)
  requireInRange(packing, 'packing', 0.1, 1)
  return Math.sqrt((4 * tex) / (Math.PI * 1000 * FIBRE_DENSITIES[fibre] * packing))
}

/**
 * {@link roundDiameterMm} with the fibre and packing usual for a kind of thread.
 *
 * @example
 * threadDiameterMm(25, 'cotton') // 0.187
 */
export function threadDiameterMm(tex: number, kind: ThreadKind): number {
  const { fibre, packing } = THREAD_KINDS[kind]
  return roundDiameterMm(tex, fibre, packing)
}

/** Drawn for a thread about which nothing is known, in mm: a guess, and said to be one. */
const GUESSED_DIAMETER_MM = 0.3

export interface DrawnDiameter {
  readonly mm: number
  readonly source: 'measured' | 'rule' | 'guess'
}

/**
 * How thick to draw a thread, and where that number comes from: measured beats computed beats guessed.
 *
 * @example
 * drawnDiameter({ kind: 'cotton', tex: 25, diameterMm: 0.2 }) // { mm: 0.2, source: 'measured' }
 */
export function drawnDiameter(
  thread: {
    readonly kind: ThreadKind
    readonly tex: number | null
    readonly diameterMm: number | null
  } | null,
): DrawnDiameter {
  if (thread?.diameterMm != null) return { mm: thread.diameterMm, source: 'measured' }
  if (thread?.tex != null) return { mm: threadDiameterMm(thread.tex, thread.kind), source: 'rule' }
  return { mm: GUESSED_DIAMETER_MM, source: 'guess' }
}

/**
 * Where several numbers together come from: as sure as the least sure of them.
 *
 * @param sources - none: nothing was guessed, and nothing measured either; taken as a guess.
 *
 * @example
 * leastSure(['measured', 'rule']) // 'rule'
 */
export function leastSure(sources: readonly DrawnDiameter['source'][]): DrawnDiameter['source'] {
  if (sources.length === 0 || sources.includes('guess')) return 'guess'
  return sources.includes('rule') ? 'rule' : 'measured'
}
