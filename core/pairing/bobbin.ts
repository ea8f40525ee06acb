import { colourLook, type ColourLook, colourDifference, isGrey } from '#core/colour'
import type { Schools } from '#core/schools'
import { threadClassOf, type ThreadClass, type ThreadFacts } from './threadClass'

export type BobbinChoice = 'same' | 'fine' | 'fine-grey' | 'cotton-50' | 'matched-fine' | 'thick'

export interface BobbinThread extends ThreadFacts {
  readonly id: string
  /** `#rrggbb`; null: not known. */
  readonly hex: string | null
}

export interface BobbinInput {
  /** The thread that asks most of the bobbin; see `leadingThread`. */
  readonly top: ThreadFacts & { /** What the bobbin should match. */ readonly hex: string | null }
  /** Side to side: the under thread shows at the edges of the swing. */
  readonly swings: boolean
  readonly schools: Pick<Schools, 'heavyBobbin' | 'hiddenBobbin'>
  /** An edge that nobody is to see. @defaultValue false */
  readonly isHidden?: boolean
  /** A needle takes the thick thread, by the user’s school. @defaultValue false */
  readonly throughNeedle?: boolean
}

export interface BobbinAdvice {
  readonly mode: 'normal' | 'bobbin work'
  /** What to wind, best first, each with its reason. */
  readonly choices: readonly { readonly choice: BobbinChoice; readonly what: string; readonly why: string }[]
  /** What changes when the thick thread goes on the bobbin; empty otherwise. */
  readonly steps: readonly string[]
}

const WHAT: Readonly<Record<BobbinChoice, string>> = {
  'same': 'the same thread',
  'fine': 'fine bobbin thread, about 80 wt',
  'fine-grey': 'fine grey bobbin thread',
  'cotton-50': '50 wt cotton, colour-matched',
  'matched-fine': 'fine thread matched in colour',
  'thick': 'the thick thread itself',
}

/**
 * What to wind on the bobbin under a thread, best first. Source: common practice; where it disagrees, the
 * school decides.
 *
 * @example
 * bobbinAdvice({ top: metallic, swings: true, schools }).choices[0].choice // 'fine'
 */
export function bobbinAdvice({
  top,
  swings,
  schools,
  isHidden = false,
  throughNeedle = false,
}: BobbinInput): BobbinAdvice {
  const itsClass = threadClassOf(top)
  const threadClass = itsClass === 'thick' && throughNeedle ? 'pearl' : itsClass
  const order = isHidden && threadClass !== 'thick' ? UNDER_HIDDEN[schools.hiddenBobbin] : null
  const choices = (order ?? orderFor(threadClass, swings, schools.heavyBobbin)).map(([choice, why]) => ({
    choice,
    what: WHAT[choice],
    why,
  }))
  if (threadClass !== 'thick') return { mode: 'normal', choices, steps: [] }
  return {
    mode: 'bobbin work',
    choices,
    steps: [
      'Sew wrong side up: the pattern comes out mirrored.',
      'Bypass the bobbin tension, or loosen a second case kept for it.',
      'Bring the thick thread up first and hold it.',
      'Normal top tension, a top thread that matches, medium speed, no automatic cutter.',
    ],
  }
}

type Order = readonly (readonly [choice: BobbinChoice, why: string])[]

/** What to wind under each kind of thread, the first choice first. Common practice. */
const ORDERS: Readonly<Record<Exclude<ThreadClass, 'heavy' | 'embroidery'>, Order>> = {
  'thick': [['thick', 'it is too bulky for a needle, so it is sewn from below']],
  'pearl': [['cotton-50', 'pearl on top only: 50 wt holds it without bulk']],
  'fine': [
    ['fine', 'nothing under it may be thicker'],
    ['same', 'both sides look alike'],
  ],
  'monofilament': [
    ['matched-fine', 'fine cotton holds what would slip'],
    ['cotton-50', 'when you own none thinner'],
  ],
  'metallic': [
    ['fine', 'little pull from below spares the thread'],
    ['cotton-50', 'ordinary thread does too'],
  ],
  'film': [
    ['fine', 'little pull from below spares the thread'],
    ['cotton-50', 'ordinary thread does too'],
  ],
  'all-purpose': [
    ['same', 'balanced on both sides'],
    ['cotton-50', 'ordinary thread'],
  ],
}
/** Sewists disagree about the bobbin under heavy thread: a school. */
const UNDER_HEAVY: Readonly<Record<Schools['heavyBobbin'], Order>> = {
  same: [
    ['same', 'your school: both sides look alike'],
    ['cotton-50', 'thinner, and the seam stays flat'],
  ],
  ordinary: [
    ['cotton-50', 'your school: the seam stays flat and the tension is easy'],
    ['matched-fine', 'thinner still'],
    ['same', 'both sides look alike'],
  ],
}
/** Sewists disagree about the bobbin under an edge that is to vanish: a school. */
const UNDER_HIDDEN: Readonly<Record<Schools['hiddenBobbin'], Order>> = {
  'matched': [
    ['matched-fine', 'your school: fine cotton in the colour holds what would slip, and is not seen'],
    ['cotton-50', 'when you own none thinner'],
    ['same', 'what comes up looks like what lies on top'],
  ],
  'fine-grey': [
    ['fine-grey', 'your school: fine grey sinks in under most colours'],
    ['matched-fine', 'when there is no grey one'],
    ['cotton-50', 'when you own none thinner'],
  ],
}
const UNDER_SWINGING_EMBROIDERY: Order = [
  ['same', 'whatever shows at the edges has the right colour'],
  ['fine', 'less bulk under a dense stitch'],
  ['matched-fine', 'a compromise of both'],
]
const UNDER_STRAIGHT_EMBROIDERY: Order = [
  ['fine', 'less bulk'],
  ['same', 'both sides look alike'],
]

function orderFor(threadClass: ThreadClass, swings: boolean, school: Schools['heavyBobbin']): Order {
  if (threadClass === 'heavy') return UNDER_HEAVY[school]
  if (threadClass === 'embroidery') return swings ? UNDER_SWINGING_EMBROIDERY : UNDER_STRAIGHT_EMBROIDERY
  return ORDERS[threadClass]
}

export interface RankedBobbin {
  readonly id: string
  readonly choice: BobbinChoice
  /** ΔE₀₀ to the top thread; null when a colour is not known. */
  readonly deltaE: number | null
  readonly look: ColourLook | 'colour not known'
  readonly why: string
}

/**
 * Owned threads that fit one of the choices: in the order of the choices, nearest colour first.
 *
 * @example
 * rankBobbins(input, 'navy', owned)[0].look // 'matches'
 */
export function rankBobbins(
  input: BobbinInput,
  topId: string | null,
  owned: readonly BobbinThread[],
): RankedBobbin[] {
  const { choices } = bobbinAdvice(input)
  return owned
    .flatMap((thread): (RankedBobbin & { order: number })[] => {
      const order = choices.findIndex(({ choice }) => serves(choice, thread, topId))
      if (order < 0) return []
      const { choice, why } = choices[order]!
      const deltaE = input.top.hex && thread.hex ? colourDifference(input.top.hex, thread.hex) : null
      const look = deltaE === null ? 'colour not known' : colourLook(deltaE)
      return [{ id: thread.id, choice, deltaE, look, why, order }]
    })
    .sort((a, b) => a.order - b.order || (a.deltaE ?? Infinity) - (b.deltaE ?? Infinity))
    .map(({ id, choice, deltaE, look, why }) => ({ id, choice, deltaE, look, why }))
}

function serves(choice: BobbinChoice, thread: BobbinThread, topId: string | null): boolean {
  const threadClass = threadClassOf(thread)
  switch (choice) {
    case 'same':
    case 'thick':
      return thread.id === topId
    case 'fine':
    case 'matched-fine':
      return threadClass === 'fine'
    case 'fine-grey':
      return threadClass === 'fine' && thread.hex !== null && isGrey(thread.hex)
    case 'cotton-50':
      return threadClass === 'all-purpose' && thread.kind === 'cotton' && thread.tex !== null
  }
}
