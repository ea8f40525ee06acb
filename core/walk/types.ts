import type { TensionDoubt, ThreadedBlade } from '#core/conflicts'
import type { Needle, NeedleType } from '#core/needle'
import type { ThreadFacts } from '#core/pairing'
import type { MachineState, StateChange } from '#core/putback'
import type { Schools } from '#core/schools'
import type { TwinMode, Verdict } from '#core/swing'
import type {
  BobbinTension,
  Draw,
  MachineTraits,
  Pressure,
  SecondSpool,
  SupplyPlace,
  TensionDial,
} from '#core/terms'

export interface WalkMachine extends MachineTraits {
  readonly id: string
  readonly maxWidthMm: number
  readonly twinMode: TwinMode
  readonly forgetsTwinMode: boolean | null
  readonly tensionDial: TensionDial | null
}

/** One thread above, with the name it goes by and how it is wound. */
export interface WalkThread extends ThreadedBlade {
  readonly id: string
  readonly name: string
  readonly form: 'spool' | 'cone' | 'ball' | null
  /** Of it the seam takes so much through this needle; null: not worked out. */
  readonly metres: number | null
}

/** Everything a walk follows from; null: not chosen or not known. */
export interface WalkInput {
  readonly machine: WalkMachine | null
  readonly needle: (Needle & { readonly id: string; readonly type: NeedleType }) | null
  readonly foot: { readonly id: string; readonly name: string; readonly singleHole: boolean } | null
  readonly plate: { readonly name: string; readonly singleHole: boolean }
  /** One a blade, left to right; a blade without one is left out. */
  readonly threads: readonly WalkThread[]
  /** Where the second needle has the same thread from; null: not said. */
  readonly secondSpool: SecondSpool | null
  readonly bobbin: (ThreadFacts & { readonly id: string; readonly name: string }) | null
  readonly stitch: {
    readonly name: string
    readonly swings: boolean
    readonly widthMm: number
    readonly lengthMm: number
    readonly positionMm: number
    /** What a plan dials in place of width and length; null: those. Lengths the shortest first. */
    readonly planned: { readonly widthMm: number; readonly lengthsMm: readonly number[] } | null
  } | null
  readonly verdict: Verdict | null
  readonly safeWidthMm: number | null
  readonly tension: number | null
  /** What speaks against that number; null: nothing does. */
  readonly tensionDoubt: TensionDoubt | null
  readonly bobbinTension: BobbinTension
  readonly pressure: Pressure
  /** Wished for: the built-in needle threader, the automatic cutter. */
  readonly threader: boolean
  readonly cutter: boolean
  readonly schools: Pick<Schools, 'threading' | 'lastGuide' | 'cutter' | 'unwinding'>
  /** What is known to be on the machine from last time. */
  readonly left: MachineState
  /** Names this very combination of machine, parts and stitch; null: not complete. */
  readonly combination: string | null
}

export type PathPoint = 'spool' | 'discs' | 'lever' | 'guide' | 'eye'

/** What the drawing beside a step shows. Lengths in mm. */
export type StepPicture =
  | { readonly kind: 'power' | 'cover' | 'uncover' | 'foot-up' | 'handwheel' | 'cutter' }
  | { readonly kind: 'mode'; readonly gapMm: number; readonly blades: number }
  | {
      readonly kind: 'needle'
      readonly gapMm: number
      readonly sizeNm: number
      readonly blades: number
      readonly flat: 'back' | 'right'
      readonly out: boolean
    }
  | {
      readonly kind: 'plate'
      readonly gapMm: number
      readonly sizeNm: number
      readonly blades: number
      readonly singleHole: boolean
      readonly reachMm: number
      /** null: not known, and then nothing in the picture is to scale across. */
      readonly maxWidthMm: number | null
    }
  | {
      readonly kind: 'supply'
      readonly strand: 'left' | 'middle' | 'right'
      readonly draw: Draw
      readonly place: SupplyPlace
      readonly film: boolean
    }
  | {
      readonly kind: 'path'
      readonly at: PathPoint
      readonly strands: readonly ('left' | 'middle' | 'right')[]
      readonly parted: boolean
      readonly apart: 'each-side' | 'first-in' | 'both-in' | null
    }
  | { readonly kind: 'bobbin'; readonly hook: 'up' | 'front' | 'left' | null; readonly bypassed: boolean }
  | { readonly kind: 'dial'; readonly dial: TensionDial; readonly value: number }

/** One step of a walk. */
export interface WalkStep {
  /** Its one place in the walk. */
  readonly id: string
  /** Id and all it depends on: a tick holds as long as this stays the same. */
  readonly key: string
  /** One short instruction. */
  readonly instruction: string
  /** Why, where it is not obvious; '' where it is. */
  readonly why: string
  /** What can hurt or break here; '' where nothing can. */
  readonly caution: string
  readonly picture: StepPicture
  /** What doing it changes on the machine; null: nothing that must be put back. */
  readonly effect: StateChange | null
  /** The school it follows, where sewists disagree. */
  readonly school: 'threading' | 'lastGuide' | 'cutter' | 'unwinding' | null
  /** Steps it prepares for, as the beginning of their ids: when one of them is done anew, so is this. */
  readonly serves: readonly string[]
  /** Steps it rests on, by id: undone with them. */
  readonly needs: readonly string[]
}

export type MissingCode =
  | 'machine'
  | 'needle'
  | 'foot'
  | 'single-hole'
  | 'threads'
  | 'bobbin'
  | 'tension'
  | 'stitch'
  | 'strikes'
  | 'side-hook'
/** What the walk cannot say yet, and what would mend it. */
export interface Missing {
  readonly code: MissingCode
  readonly message: string
}

export interface Walk {
  readonly steps: readonly WalkStep[]
  readonly missing: readonly Missing[]
}

/** A rule yields its step, or null where the setup does not need it. */
export interface WalkRule {
  readonly id: string
  readonly step: (input: WalkInput) => StepDraft | null
}
/** A step as its rule writes it; what is left out is empty. `on`: what it depends on. */
export type StepDraft = Pick<WalkStep, 'instruction' | 'picture'>
  & Partial<Pick<WalkStep, 'why' | 'caution' | 'effect' | 'school' | 'serves' | 'needs'>> & {
    readonly on: readonly unknown[]
  }
