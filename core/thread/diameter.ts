import { requireInRange } from '#core/errors'
import { THREAD_KINDS, type ThreadKind } from './kinds'

/**
 * Diameter of a round thread from its linear density: d = √(4·Tex / (π·1000·ρ)), ρ = packing × fibre density.
 *
 * @param tex - linear density in tex (g per 1000 m), more than 0.
 * @param kind - sets fibre density and packing.
 * @returns The diameter in mm.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * Source: cylinder of that mass; for cotton it agrees within 1 % with F. T. Peirce, The geometry of cloth
 * structure, J. Textile Inst. 28 (1937) T45 (from memory).
 *
 * @example
 * threadDiameterMm(25, 'cotton') // 0.187
 */
export function threadDiameterMm(tex: number, kind: ThreadKind): number {
  requireInRange(tex, 'tex', 0.1, 5000)
  const { fibreDensity, packing } = THREAD_KINDS[kind]
  return Math.sqrt((4 * tex) / (Math.PI * 1000 * fibreDensity * packing))
}

/** Drawn for a thread about which nothing is known, in mm: a guess, and said to be one. */
const GUESSED_DIAMETER_MM = 0.3

export interface DrawnDiameter {
  readonly mm: number
  readonly source: 'measured' | 'rule' | 'guess'
}

/** How thick to draw a thread, and where that number comes from: measured beats computed beats guessed. */
export function drawnDiameter(thread: { readonly kind: ThreadKind, readonly tex: number | null, readonly diameterMm: number | null } | null): DrawnDiameter {
  if (thread?.diameterMm != null) return { mm: thread.diameterMm, source: 'measured' }
  if (thread?.tex != null) return { mm: threadDiameterMm(thread.tex, thread.kind), source: 'rule' }
  return { mm: GUESSED_DIAMETER_MM, source: 'guess' }
}
