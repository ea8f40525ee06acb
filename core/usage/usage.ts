import { requireInRange } from '#core/errors'
import { bladeNames, type BladeName, bladeOffsetsMm, type Needle } from '#core/needle'
import { seamDropsMm, type StitchSetting, type StitchShape } from '#core/stitch'

/** Thread cut off, tails and trials, as a share of what is sewn. Common practice: 10 to 15 %. */
export const USUAL_WASTE = 0.12

export interface UsageInput {
  readonly stitch: StitchShape & StitchSetting
  readonly maxWidthMm: number
  readonly needle: Needle
  /** Length of seam, in m, over 0 to 1e9. */
  readonly seamM: number
  /** Cloth under the foot, all layers, in mm; null: not measured, and then what is said is the least. */
  readonly thicknessMm: number | null
  /** Share added, 0 to 1. */
  readonly waste: number
}

export interface Usage {
  /** One a blade, in m, waste included. */
  readonly needleThreads: readonly { readonly blade: BladeName; readonly metres: number }[]
  readonly bobbinM: number
  readonly stitches: number
  /** Every stitch takes the cloth's thickness, at each hole; without it the numbers are a least. */
  readonly atLeast: boolean
}

/** All copies of a project together: a million kilometres, so that no number of copies is too large. */
const MOST_SEAM_M = 1e9
/** Nobody sews through a metre. */
const MOST_THICK_MM = 1000
/** Enough whole repeats to make the ends not matter, in mm. */
const SAMPLE_MM = 200

/**
 * Thread a seam takes, by the rectangular lockstitch model: each stitch takes its length on the cloth and the
 * cloth's thickness, above and below. Under several needles the bobbin thread also runs from hole to hole,
 * and rises to the lock in the middle of the cloth at each: g + √(g² + L²) + 2 t for a straight twin seam.
 *
 * @throws {CoreError} as `seamDropsMm`; `out-of-range` for the length (0.01 to 10 000 m), thickness or waste.
 *
 * Source: O'Dwyer & Munden 1975; Ukponmwan et al., Sewing threads, Textile Progress 30 (2000) (from memory).
 *
 * @example
 * threadUsage({ …straight, lengthMm: 2.5, thicknessMm: 0.9, seamM: 1, waste: 0 }).bobbinM // 1.36
 */
export function threadUsage({ stitch, maxWidthMm, needle, seamM, thicknessMm, waste }: UsageInput): Usage {
  requireInRange(seamM, 'seamM', 1e-6, MOST_SEAM_M)
  requireInRange(waste, 'waste', 0, 1)
  if (thicknessMm !== null) requireInRange(thicknessMm, 'thicknessMm', 0, MOST_THICK_MM)
  requireInRange(stitch.lengthMm, 'lengthMm', 0.05, 100)
  const repeatMm = stitch.repeat * stitch.lengthMm
  const repeats = Math.max(1, Math.round(SAMPLE_MM / repeatMm))
  // One drop more than whole repeats, so that every stitch in them is counted once.
  const drops = seamDropsMm(stitch, stitch, maxWidthMm, repeats * repeatMm).slice(
    0,
    repeats * stitch.drops.length + 1,
  )
  const sampleMm = repeats * repeatMm
  const offsets = bladeOffsetsMm(needle)
  const first = offsets[0]!
  const last = offsets[offsets.length - 1]!
  let above = 0
  let below = 0
  let stitches = 0
  for (let i = 1; i < drops.length; i++) {
    const [from, to] = [drops[i - 1]!, drops[i]!]
    const dx = to.xMm - from.xMm
    const dy = to.yMm - from.yMm
    stitches++
    above += Math.hypot(dx, dy) + (thicknessMm ?? 0)
    below += Math.hypot(dx + first - last, dy) + (last - first) + offsets.length * (thicknessMm ?? 0)
  }
  const perMetre = (mm: number) => (mm / sampleMm) * seamM * (1 + waste)
  return {
    needleThreads: bladeNames(needle.construction).map(blade => ({ blade, metres: perMetre(above) })),
    bobbinM: perMetre(below),
    stitches: Math.round((stitches / sampleMm) * seamM * 1000),
    atLeast: thicknessMm === null,
  }
}

/**
 * Share of a wound bobbin that is thread: round threads side by side leave gaps, and winding is loose. A
 * guess.
 */
const WINDING_PACKING = 0.6

/**
 * Thread a bobbin holds, from its winding space: volume × packing / thread cross-section. A weighed or known
 * length beats it.
 *
 * @param outerMm - diameter over which it is filled.
 * @param coreMm - diameter of the core.
 * @param wideMm - width between the flanges.
 * @param threadMm - thickness of the thread.
 * @returns metres.
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * bobbinCapacityM(20, 6, 9, 0.2) // 49.1
 */
export function bobbinCapacityM(outerMm: number, coreMm: number, wideMm: number, threadMm: number): number {
  requireInRange(coreMm, 'coreMm', 1, 100)
  requireInRange(outerMm, 'outerMm', coreMm, 100)
  requireInRange(wideMm, 'wideMm', 1, 100)
  requireInRange(threadMm, 'threadMm', 0.02, 5)
  const volumeMm3 = (Math.PI / 4) * (outerMm ** 2 - coreMm ** 2) * wideMm
  return (volumeMm3 * WINDING_PACKING) / ((Math.PI / 4) * threadMm ** 2) / 1000
}
