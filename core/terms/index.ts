// The words a setup is described with, apart from the rules about them, so that forms and files need no
// rules.

export const TECHNIQUES = [
  'seam',
  'hem',
  'topstitching',
  'pintucks',
  'decorative',
  'appliqué edge',
  'blanket stitch',
] as const
export type Technique = (typeof TECHNIQUES)[number]

export const GOALS = ['balanced', 'flat', 'raised', 'bobbin hair', 'invisible'] as const
/** What the tension is to do; each technique has a usual one. */
export type Goal = (typeof GOALS)[number]

/** The usual goal of each technique. Source: common practice. */
export const USUAL_GOAL: Readonly<Record<Technique, Goal>> = {
  'seam': 'balanced',
  'hem': 'flat',
  'topstitching': 'flat',
  'pintucks': 'raised',
  'decorative': 'balanced',
  'appliqué edge': 'invisible',
  'blanket stitch': 'balanced',
}

const STRAIGHT: ReadonlySet<Technique> = new Set(['seam', 'hem', 'topstitching', 'pintucks'])
/**
 * Whether a technique is sewn straight where nobody says otherwise. Source: common practice.
 *
 * @example
 * isSewnStraight('pintucks') // true
 */
export const isSewnStraight = (technique: Technique): boolean => STRAIGHT.has(technique)

export const CLOTH_STRUCTURES = ['woven', 'knit', 'felt', 'leather'] as const
export const CLOTH_WEIGHTS = ['light', 'medium', 'heavy'] as const
/** What rules need to know of the cloth; null: not known, and then not judged. */
export interface ClothFacts {
  readonly structure: (typeof CLOTH_STRUCTURES)[number] | null
  readonly weight: (typeof CLOTH_WEIGHTS)[number] | null
}

export const UNDER_KINDS = ['wadding', 'backing', 'interfacing', 'other'] as const
/** What may lie under the cloth that is sewn. */
export type UnderKind = (typeof UNDER_KINDS)[number]

export const SUPPLY_PLACES = [
  'spool pin',
  'second pin',
  'winder pin',
  'over the winder',
  'in front of the machine',
  'stand',
  'cup',
] as const
export type SupplyPlace = (typeof SUPPLY_PLACES)[number]
export const DRAWS = ['over the end', 'rolling off'] as const
export type Draw = (typeof DRAWS)[number]
/** How a thread comes off, in the words of the trade; records keep their own. */
export const DRAW_WORDS: Readonly<Record<Draw, string>> = {
  'over the end': 'over the top',
  'rolling off': 'unwinds from the side',
}
/** How one thread comes off its spool; null: not said. */
export interface Supply {
  readonly place: SupplyPlace | null
  readonly draw: Draw | null
}

export const SECOND_SPOOLS = ['spool', 'bobbin'] as const
/** Where the second of two needles has the same thread from: a spool of its own, or a bobbin wound of it. */
export type SecondSpool = (typeof SECOND_SPOOLS)[number]

export const FOOT_KINDS = [
  'zigzag',
  'open toe',
  'satin',
  'pintuck',
  'straight',
  'quarter-inch',
  'edge guide',
  'walking',
  'other',
] as const
export type FootKind = (typeof FOOT_KINDS)[number]
export const SOLES = ['flat', 'tunnel', 'grooved'] as const
export type Sole = (typeof SOLES)[number]

export const STABILIZER_KINDS = ['tear-away', 'cut-away', 'wash-away', 'fusible', 'interfacing'] as const
export type StabilizerKind = (typeof STABILIZER_KINDS)[number]

/** A tension dial: its ends and its normal mark. */
export interface TensionDial {
  readonly min: number
  readonly home: number
  readonly max: number
}

export const HOOKS = ['up', 'front', 'left'] as const
/** Where the hook with its bobbin faces. It decides which way the needle's flat and the threading go. */
export type Hook = (typeof HOOKS)[number]
export const BOBBIN_TENSIONS = ['home', 'changed', 'bypassed'] as const
export type BobbinTension = (typeof BOBBIN_TENSIONS)[number]
export const PRESSURES = ['home', 'less', 'more'] as const
/** How hard the presser foot presses. */
export type Pressure = (typeof PRESSURES)[number]
export const SPEEDS = ['slow', 'medium', 'usual'] as const
export type Speed = (typeof SPEEDS)[number]

/**
 * How a bobbin tension or a foot pressure is called: records and routes keep their own word for normal.
 *
 * @example
 * settingWord('home') // 'normal'
 */
export const settingWord = (value: string): string => (value === 'home' ? 'normal' : value)

/** What a machine and its place have, as far as preparing it goes; null: not known. */
export interface MachineTraits {
  /** A tension divider: two grooves, one thread each. */
  readonly divider: boolean | null
  /** Guides just above the needle. */
  readonly needleGuides: 0 | 1 | 2 | null
  readonly spoolPins: 1 | 2 | 3 | null
  /** A thread stand, and a cup for balls, beside it. */
  readonly stand: boolean | null
  readonly cup: boolean | null
  /** Built in. */
  readonly threader: boolean | null
  readonly cutter: boolean | null
  /** It can be locked while it stays on. */
  readonly lock: boolean | null
  readonly hook: Hook | null
}

/** All that a number may come from, as it is said beside it. */
export type Source = 'measured' | 'sewn' | 'your plan' | 'rule' | 'guess' | 'not measured'
/** Where a number comes from, and what that rests on: a sentence. */
export interface SourceNote {
  readonly of: Source
  readonly why: string
}
