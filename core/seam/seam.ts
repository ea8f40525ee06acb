import type { BladeName } from '#core/needle'
import type { SewnInput, SewnThread } from '#core/sewn'
import type { SwingInput } from '#core/swing'
import type { DrawnDiameter } from '#core/thread'
import { type Usage, threadUsage } from '#core/usage'

/**
 * One seam to look at, whatever it comes from: what is on the machine, a kept plan, a row of a planner. Every
 * drawing and sum over a seam takes this and nothing else.
 */
export interface Seam {
  /** Machine, plate, foot, needle and stitch, as they are judged. */
  readonly swing: SwingInput
  /** One a blade, left to right. */
  readonly threads: readonly SewnThread[]
  /** Blades whose thread is not chosen: drawn in a colour of ours. */
  readonly unthreaded: readonly BladeName[]
  readonly bobbin: SewnThread
  /** Where the widths of the threads come from: as sure as the least sure of them. */
  readonly threadWidthSource: DrawnDiameter['source']
  /** `#rrggbb` */
  readonly clothHex: string
  /** Sewn wrong side up: what the bobbin lays is what will be seen. */
  readonly wrongSideUp: boolean
  /** Cloth under the foot, all layers, in mm; null: not measured. */
  readonly clothThicknessMm: number | null
}

/**
 * A length of seam as the drawing of both sides wants it.
 *
 * @param seamMm - length to draw, in mm, over 0.
 * @returns null while the stitch has no length: there is nothing to draw yet. Cloth not measured is drawn as
 *   none: it hides no thread.
 *
 * @example
 * rightSide(sewnInputOf(seam, 40)!).segments
 */
export function sewnInputOf(seam: Seam, seamMm: number): SewnInput | null {
  const { stitch, machine, needle } = seam.swing
  if (!(stitch.lengthMm > 0)) return null
  return {
    stitch,
    maxWidthMm: machine.maxWidthMm,
    needle,
    threads: seam.threads,
    bobbin: seam.bobbin,
    seamMm,
    clothThicknessMm: seam.clothThicknessMm ?? 0,
  }
}

/**
 * Thread a seam takes: {@link threadUsage} of it.
 *
 * @param seamM - length sewn, in m, 0.01 to 10 000.
 * @param waste - share added for tails and trials, 0 to 1.
 * @throws {CoreError} as `threadUsage`.
 *
 * @example
 * seamUsage(seam, 3.2, USUAL_WASTE).bobbinM // 4.9
 */
export function seamUsage(
  { swing, clothThicknessMm }: Pick<Seam, 'swing' | 'clothThicknessMm'>,
  seamM: number,
  waste: number,
): Usage {
  return threadUsage({
    stitch: swing.stitch,
    maxWidthMm: swing.machine.maxWidthMm,
    needle: swing.needle,
    seamM,
    thicknessMm: clothThicknessMm,
    waste,
  })
}
