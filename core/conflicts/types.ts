import type { NeedleUse } from '#core/care'
import type { Blade, Construction, NeedleType } from '#core/needle'
import type { ThreadFacts } from '#core/pairing'
import type { Schools } from '#core/schools'
import type {
  ClothFacts,
  FootKind,
  Goal,
  Hook,
  Sole,
  StabilizerKind,
  Supply,
  Technique,
  TensionDial,
} from '#core/terms'

/** A thread on its way to a blade. */
export interface ThreadedBlade {
  readonly blade: Blade
  readonly thread: ThreadFacts
  readonly supply: Supply
}

/** The whole setup as the conflict rules see it; what is not known is null and raises nothing. */
export interface ConflictInput {
  readonly needle: {
    readonly construction: Construction
    readonly gapMm: number
    readonly sizeNm: number
    readonly type: NeedleType
    readonly wear: NeedleUse
  } | null
  /** Where the machine's hook faces; null: not known. */
  readonly hook: Hook | null
  readonly foot: {
    /** null: not said. */
    readonly kind: FootKind | null
    readonly sole: Sole | null
    readonly singleHole: boolean
    /** Its opening; null: not measured. */
    readonly slotMm: number | null
  } | null
  readonly plate: { readonly singleHole: boolean }
  readonly stitch: {
    readonly swings: boolean
    /** Width over the stitch length: 5 and up lies like satin. */
    readonly dense: boolean
    readonly lengthMm: number
  } | null
  readonly threads: readonly ThreadedBlade[]
  readonly bobbin: ThreadFacts | null
  readonly cloth: ClothFacts
  readonly technique: Technique
  /** The thick thread is to lie below. */
  readonly isBobbinWork: boolean
  readonly goal: Goal
  readonly washed: boolean
  /** null: not said. */
  readonly stabilizer: StabilizerKind | 'none' | null
  readonly tension: number | null
  readonly dial: TensionDial | null
  /** What that dial can be set by; null: not known. */
  readonly dialStep: number | null
  /** Where one begins here by what was sewn or kept; null: nothing was, and the rule says. */
  readonly ownStart: number | null
  /** What is not as it was when the tension was set, in words. */
  readonly carriedOver: readonly string[]
  readonly threader: boolean
  readonly cutter: boolean
  /** Both threads between the same two tension discs; null: not said. */
  readonly sharedDiscs: boolean | null
  readonly schools: Pick<
    Schools,
    'cutter' | 'wideGap' | 'thickPearl' | 'pearlEye' | 'pearlTension' | 'filmSpeed' | 'satinFilm'
  >
}

export type Severity = 'stop' | 'warn' | 'note'

/** One press that takes a conflict away: what to change in the setup. */
export type Mend =
  | { readonly kind: 'plate'; readonly label: string }
  | { readonly kind: 'foot' | 'plate-and-foot'; readonly label: string }
  /** `tension`: the dial's normal tension, for the thread that comes above; null: not known. */
  | {
      readonly kind: 'to-bobbin'
      readonly label: string
      readonly blade: Blade
      readonly tension: number | null
    }
  | { readonly kind: 'threader-off' | 'cutter-off' | 'split-discs'; readonly label: string }
  | {
      readonly kind: 'supply'
      readonly label: string
      readonly blade: Blade
      readonly supply: Partial<Supply>
    }
  /** Another spool of the same thread. */
  | { readonly kind: 'thread-as'; readonly label: string; readonly blade: Blade; readonly like: Blade }
  | { readonly kind: 'tension'; readonly label: string; readonly dial: number }
  | { readonly kind: 'length'; readonly label: string; readonly lengthMm: number }
  | { readonly kind: 'stabilizer'; readonly label: string; readonly stabilizer: StabilizerKind }

/** What a rule says of a setup that breaks it. */
export interface Finding {
  /** What is wrong and what to do. */
  readonly message: string
  readonly why: string
  /** null where there is no single right change. */
  readonly mend: Mend | null
}
