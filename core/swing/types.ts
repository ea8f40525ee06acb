import type { BladeName, Needle } from '#core/needle'
import type { StitchSetting, StitchShape } from '#core/stitch'

export type Verdict = 'clear' | 'close' | 'strikes'
/** What can be struck: the machine's own half width, the presser foot, the needle plate. */
export type Part = 'machine' | 'foot' | 'plate'

/** Everything the verdict depends on. Lengths in mm; an opening nobody measured is null. */
export interface SwingInput {
  readonly machine: {
    readonly maxWidthMm: number
    readonly plateSlotMm: number | null
    /** One standard deviation; left out: nobody noted how well it was measured. */
    readonly plateSpreadMm?: number
  }
  readonly foot: {
    readonly slotMm: number | null
    readonly singleHole: boolean
    readonly slotSpreadMm?: number
  }
  readonly plate: { readonly singleHole: boolean }
  readonly needle: Needle
  readonly stitch: StitchShape & StitchSetting
  /** Taken off the machine's widest stitch before a stitch may swing. */
  readonly marginMm: number
  /** Kept free on each side of a measured opening. */
  readonly clearanceMm: number
}

/** The needle position farthest from the middle: the one that hits first. */
export interface WorstDrop {
  /** 0-based, in the stitch's own order. */
  readonly index: number
  readonly blade: BladeName
  /** Blade centre, in mm from the needle bar's middle, right positive. */
  readonly xMm: number
  readonly yMm: number
}

export type ReasonCode =
  | 'single-hole'
  | 'beyond-machine'
  | 'beyond-foot'
  | 'beyond-plate'
  | 'held-at-side'
  | 'spread-undecided'
  | 'within-margin'
  | 'straight-within-margin'
  | 'within-foot-clearance'
  | 'within-plate-clearance'
  | 'fits'
  | 'openings-unmeasured'
  | 'safe-width'
  | 'straight-only'
  | 'no-width-helps'
  | 'hand-walk'

export interface Reason {
  readonly code: ReasonCode
  readonly message: string
}

export interface SwingResult {
  readonly verdict: Verdict
  /** Widest setting by the machine rule and bare openings; null when no width helps. */
  readonly limitWidthMm: number | null
  /** Widest setting with margin and clearance kept; null when no width helps. */
  readonly safeWidthMm: number | null
  /** The tightest part. */
  readonly binding: Part
  /** What binds is a single round hole: it takes one needle in its middle, and no swing. */
  readonly isHole: boolean
  /** All parts that hit, or, when none hits, all that are closer than they should be. */
  readonly broken: readonly Part[]
  /**
   * Blade edge to the nearest measured opening, or blade centre to the machine's half width when none is
   * measured. Negative when it hits.
   */
  readonly spareMm: number
  /** What is left in the part that binds: the number to quote beside the verdict. */
  readonly bindingSpareMm: number
  readonly spareLeftMm: number
  readonly spareRightMm: number
  /**
   * Outermost blade edge left and right of the middle, as distances; negative when it stays on the other
   * side.
   */
  readonly reachLeftMm: number
  readonly reachRightMm: number
  /** Outermost to outermost blade centre: the width of what is sewn. */
  readonly spanMm: number
  /** Columns overlap by this much; negative is a clear space; null with a single needle. */
  readonly overlapMm: number | null
  /**
   * Overlap as a share of one column, 0 to 1; 0 for a space between rows; null with a single needle or no
   * swing.
   */
  readonly interlacedShare: number | null
  readonly worstDrop: WorstDrop
  /** Whether the needle swings at all at this width. */
  readonly swings: boolean
}
