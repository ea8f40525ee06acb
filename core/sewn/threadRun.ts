import { CoreError } from '#core/errors'
import type { ColourRun } from './picture'

/**
 * A thread running off its spool: colours change along the thread, so where they change along the seam
 * depends on how much thread each stitch takes.
 */
export class ThreadRun {
  private readonly periodMm: number
  private alongMm = 0

  /** @throws {CoreError} `out-of-range` without colours or with a run that is not above 0. */
  constructor(private readonly colours: readonly ColourRun[]) {
    if (colours.length === 0 || colours.some(({ runMm }) => !(runMm > 0))) {
      throw new CoreError('out-of-range', 'A thread needs at least one colour with a run above 0 mm', {
        field: 'colours',
      })
    }
    this.periodMm = colours.reduce((sum, { runMm }) => sum + runMm, 0)
  }

  /** Thread that goes where it is not seen, such as down into the cloth. */
  hide(lengthMm: number): void {
    this.alongMm += lengthMm
  }

  /**
   * Lays thread that is seen.
   *
   * @param lengthMm - 0 or more.
   * @param piece - called for each stretch of one colour with its share of the length, 0 to 1.
   */
  lay(lengthMm: number, piece: (colour: number, from: number, to: number) => void): void {
    if (this.colours.length === 1) piece(0, 0, 1)
    else {
      let done = 0
      while (lengthMm - done > 1e-9) {
        const { colour, leftMm } = this.colourAt(this.alongMm + done)
        const step = Math.min(leftMm, lengthMm - done)
        piece(colour, done / lengthMm, (done + step) / lengthMm)
        done += step
      }
    }
    this.alongMm += lengthMm
  }

  private colourAt(alongMm: number): { colour: number; leftMm: number } {
    let into = alongMm % this.periodMm
    for (const [colour, { runMm }] of this.colours.entries()) {
      if (into < runMm - 1e-9) return { colour, leftMm: runMm - into }
      into -= runMm
    }
    return { colour: 0, leftMm: this.colours[0]!.runMm }
  }
}
