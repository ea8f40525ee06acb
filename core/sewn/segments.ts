import type { SewnPicture, SewnStyle, SewnThread } from './picture'
import { ThreadRun } from './threadRun'

/** Collects segments, holes and styles while threads are laid. */
export class SegmentList {
  private readonly segments: number[] = []
  private readonly holes: number[] = []
  private readonly styles: SewnStyle[] = []
  private leftMm = Infinity
  private rightMm = -Infinity

  /**
   * @param thread - its colours and thickness.
   * @param place - its blade's place from the left, or −1 for the bobbin.
   * @returns What lays that thread from point to point; a stretch of no length only takes up hidden thread.
   */
  layer(thread: SewnThread, place: number) {
    const run = new ThreadRun(thread.colours)
    const firstStyle = this.styles.length
    for (const { hex } of thread.colours) {
      this.styles.push({ colour: hex, diameterMm: thread.diameterMm, look: thread.look, thread: place })
    }
    return (x1: number, y1: number, x2: number, y2: number, hiddenMm: number): void => {
      const lengthMm = Math.hypot(x2 - x1, y2 - y1)
      if (lengthMm > 0) {
        run.lay(lengthMm, (colour, from, to) => {
          this.segments.push(
            x1 + (x2 - x1) * from,
            y1 + (y2 - y1) * from,
            x1 + (x2 - x1) * to,
            y1 + (y2 - y1) * to,
            firstStyle + colour,
          )
        })
        const half = thread.diameterMm / 2
        this.leftMm = Math.min(this.leftMm, x1 - half, x2 - half)
        this.rightMm = Math.max(this.rightMm, x1 + half, x2 + half)
      }
      run.hide(hiddenMm)
    }
  }

  hole(x: number, y: number, place: number): void {
    this.holes.push(x, y, place)
  }

  picture(seamMm: number): SewnPicture {
    return {
      seamMm,
      leftMm: Math.min(this.leftMm, 0),
      rightMm: Math.max(this.rightMm, 0),
      styles: this.styles,
      segments: Float32Array.from(this.segments),
      holes: Float32Array.from(this.holes),
    }
  }
}
