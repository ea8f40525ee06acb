import type { NeedleState } from '#core/care'
import type { Construction } from '#core/needle'
import type { ThreadClass } from '#core/pairing'
import type { StabilizerKind, Technique } from '#core/terms'

/** What is seen on the right side, seen on the wrong side, heard or felt while sewing, or found after. */
export const SIGN_PLACES = ['front', 'back', 'sewing', 'after'] as const
export type SignPlace = (typeof SIGN_PLACES)[number]

export const SIGNS = [
  { id: 'bobbin-on-top', place: 'front', words: 'Bobbin thread on the right side' },
  { id: 'loops-below', place: 'back', words: 'Top thread loops below' },
  { id: 'ridge', place: 'front', words: 'The cloth stands up between the rows' },
  { id: 'skips', place: 'sewing', words: 'Stitches skipped' },
  { id: 'breaks', place: 'sewing', words: 'The thread breaks or shreds' },
  { id: 'holes', place: 'front', words: 'Holes along the seam' },
  { id: 'crooked', place: 'front', words: 'The line is crooked' },
  { id: 'lost', place: 'front', words: 'The stitch is lost in the cloth' },
  { id: 'muddy', place: 'front', words: 'The satin is muddy' },
  { id: 'ribbon-curls', place: 'front', words: 'The ribbon curls' },
  { id: 'lumpy', place: 'after', words: 'Lumpy after washing' },
  { id: 'wool-creeps', place: 'sewing', words: 'Wool or felt creeps' },
  { id: 'odd-sound', place: 'sewing', words: 'An odd sound' },
  { id: 'bulk-at-point', place: 'front', words: 'Bulk at a point' },
] as const satisfies readonly { readonly id: string; readonly place: SignPlace; readonly words: string }[]
export type SignId = (typeof SIGNS)[number]['id']

/** What is on the machine now; null: not known. */
export interface SignContext {
  readonly construction: Construction
  readonly swings: boolean
  readonly threads: readonly ThreadClass[]
  readonly technique: Technique
  /** Tension as a share of the way from normal tension to the end stop. */
  readonly tensionShare: number | null
  /** Whether anybody described the tension dial: else it is told in turns. */
  readonly isDialKnown: boolean
  readonly needleState: NeedleState | null
  /** Share of the needle's life that is sewn. */
  readonly needleSpent: number | null
  /** Share of the eye the thread fills. */
  readonly eyeFill: number | null
  readonly lengthMm: number
  readonly pressure: 'home' | 'less' | 'more'
  readonly stabilizer: 'none' | 'tear-away' | 'cut-away' | 'other'
  /** The bobbin has the colour of what lies above it. */
  readonly bobbinMatches: boolean | null
  readonly walked: boolean
  readonly holesDense: boolean
}

/** Shorter stitches than this perforate the cloth, in mm. A guess. */
export const DENSE_HOLES_MM = 0.5

/**
 * A stabilizer as the signs tell it apart; null: none is under the cloth.
 *
 * @example
 * stabilizerForSigns('tear-away')
 */
export function stabilizerForSigns(kind: StabilizerKind | null): SignContext['stabilizer'] {
  if (kind === null) return 'none'
  return kind === 'tear-away' || kind === 'cut-away' ? kind : 'other'
}

/** The one change a suspect asks for. */
export type SignChange =
  | { readonly kind: 'tension'; readonly way: 'up' | 'down' }
  | { readonly kind: 'length'; readonly byMm: number }
  | { readonly kind: 'pressure'; readonly to: 'less' }
  | { readonly kind: 'speed'; readonly to: 'slow' }
  | { readonly kind: 'stabilizer'; readonly to: 'tear-away' | 'cut-away' }
  /** Done by hand at the machine; nothing of the piece changes. */
  | { readonly kind: 'hand' }

export interface Suspect {
  readonly id: string
  readonly cause: string
  /** One change to try. */
  readonly change: string
  /** What should happen then. */
  readonly expect: string
  readonly does: SignChange
  /** Why it ranks where it does on this machine now; '' where only the usual order speaks. */
  readonly because: string
  /** What can hurt or break here; '' where nothing can. */
  readonly caution: string
}
