import type { Needle } from '#core/needle'
import type { StitchSetting, StitchShape } from '#core/stitch'
import type { ThreadLook } from '#core/thread'

/** One colour of a thread and how far it runs along the thread before the next, in mm. */
export interface ColourRun {
  /** `#rrggbb` */
  readonly hex: string
  readonly runMm: number
}

export interface SewnThread {
  /** In order, repeating; one entry is a plain thread. */
  readonly colours: readonly ColourRun[]
  readonly diameterMm: number
  readonly look: ThreadLook
}

export interface SewnInput {
  readonly stitch: StitchShape & StitchSetting
  readonly maxWidthMm: number
  readonly needle: Needle
  /** One a blade, left to right. */
  readonly threads: readonly SewnThread[]
  readonly bobbin: SewnThread
  /** Length of seam to show, in mm. */
  readonly seamMm: number
  /** Every stitch takes this much thread into the cloth; 0 when not measured. */
  readonly clothThicknessMm: number
}

export interface SewnStyle {
  readonly colour: string
  readonly diameterMm: number
  readonly look: ThreadLook
  /** Which thread: its blade's place from the left, or −1 for the bobbin. */
  readonly thread: number
}

/** Thread as it lies, in sewing order: later segments lie on top. */
export interface SewnPicture {
  readonly seamMm: number
  /** Outermost thread edges, in mm from the needle bar's middle. */
  readonly leftMm: number
  readonly rightMm: number
  readonly styles: readonly SewnStyle[]
  /** Five numbers a segment: x1, y1, x2, y2 in mm and the index of its style. */
  readonly segments: Float32Array
  /** Where needles went through: three numbers a hole: x, y in mm and the blade's place from the left. */
  readonly holes: Float32Array
}
