import type { Goal, Technique } from '#core/terms'
import type { TrialGoal } from '#core/trial'

export const JOB_IDS = [
  'seam',
  'hem',
  'topstitching',
  'pintucks',
  'decorative-row',
  'satin',
  'metallic-line',
  'hidden-edge',
  'blanket-edge',
  'pearl-line',
  'bobbin-work',
] as const
/** What is being sewn. */
export type JobId = (typeof JOB_IDS)[number]

/** What a job settles before anything is known of machine, needle and thread. */
export interface Job {
  readonly name: string
  /** What it is, in a few words. */
  readonly about: string
  readonly technique: Technique
  readonly goal: Goal
  /** Stitches of the library it is sewn with, the usual one first; any of them, or one's own, may stay. */
  readonly stitchIds: readonly [string, ...string[]]
  /** Whether one's own stitches may stay too. */
  readonly takesOwnStitches: boolean
  /** Several needles are what makes it; null: as one likes. The gap in mm. */
  readonly twinGapMm: readonly [least: number, most: number] | null
  /** It is turned at points with the needle down, which several needles cannot. */
  readonly isTurned: boolean
  /** The thick thread lies on the bobbin, past its tension. */
  readonly isBobbinWork: boolean
  /** How close its stitches lie: where it begins, and between what a person's own is kept; null: as usual. */
  readonly density: { readonly lengthMm: number; readonly keptMm: readonly [number, number] } | null
  /** How many layers a piece of it begins with; null: as many as the piece before. */
  readonly layers: number | null
}

const PLAIN = {
  takesOwnStitches: false,
  twinGapMm: null,
  isTurned: false,
  isBobbinWork: false,
  density: null,
  layers: null,
} as const

/** Source: common practice; which stitch stands first is our own choice. */
export const JOBS: Readonly<Record<JobId, Job>> = {
  'seam': {
    ...PLAIN,
    name: 'Seam',
    about: 'two cloths held together',
    technique: 'seam',
    goal: 'balanced',
    stitchIds: ['straight'],
  },
  'hem': {
    ...PLAIN,
    name: 'Hem',
    about: 'flat rows, knit or woven',
    technique: 'hem',
    goal: 'flat',
    stitchIds: ['straight'],
  },
  'topstitching': {
    ...PLAIN,
    name: 'Topstitching',
    about: 'rows that show, beside an edge',
    technique: 'topstitching',
    goal: 'flat',
    stitchIds: ['straight'],
  },
  'pintucks': {
    ...PLAIN,
    name: 'Pintucks',
    about: 'raised tucks between two needles',
    technique: 'pintucks',
    goal: 'raised',
    stitchIds: ['straight'],
    twinGapMm: [1.6, 2.5],
    layers: 1,
  },
  'decorative-row': {
    ...PLAIN,
    name: 'Decorative row',
    about: 'open patterns, bands',
    technique: 'decorative',
    goal: 'balanced',
    stitchIds: [
      'honeycomb',
      'serpentine',
      'feather',
      'scallop',
      'zigzag',
      'three-step-zigzag',
      'star',
      'cross',
      'ladder',
      'vine',
      'arrowhead',
      'meander',
      'fern',
    ],
    takesOwnStitches: true,
  },
  'satin': {
    ...PLAIN,
    name: 'Satin',
    about: 'closed, shining columns',
    technique: 'decorative',
    goal: 'balanced',
    // A close zigzag; the motifs are others of the family.
    stitchIds: ['zigzag', 'satin-leaf', 'satin-diamond', 'satin-wave'],
    takesOwnStitches: true,
    density: { lengthMm: 0.4, keptMm: [0.2, 0.6] },
  },
  'metallic-line': {
    ...PLAIN,
    name: 'Metallic line',
    about: 'metallic or flat metallic, lying unstrained',
    technique: 'decorative',
    goal: 'balanced',
    stitchIds: ['straight', 'serpentine', 'zigzag', 'honeycomb'],
    takesOwnStitches: true,
  },
  'hidden-edge': {
    ...PLAIN,
    name: 'Hidden edge',
    about: 'appliqué held by a stitch nobody sees',
    technique: 'appliqué edge',
    goal: 'invisible',
    stitchIds: ['zigzag'],
    isTurned: true,
  },
  'blanket-edge': {
    ...PLAIN,
    name: 'Blanket edge',
    about: 'appliqué edge with bites that show',
    technique: 'blanket stitch',
    goal: 'balanced',
    stitchIds: ['blanket'],
    isTurned: true,
  },
  'pearl-line': {
    ...PLAIN,
    name: 'Pearl line',
    about: 'a cord of pearl cotton on the cloth',
    technique: 'decorative',
    goal: 'balanced',
    stitchIds: ['straight'],
  },
  'bobbin-work': {
    ...PLAIN,
    name: 'Bobbin work',
    about: 'thick thread from below, wrong side up',
    technique: 'decorative',
    goal: 'balanced',
    stitchIds: ['straight', 'serpentine', 'zigzag', 'feather', 'meander'],
    takesOwnStitches: true,
    isBobbinWork: true,
  },
}

const FOR_GOAL: Readonly<Partial<Record<Goal, TrialGoal>>> = {
  'flat': 'flat',
  'raised': 'raised',
  'bobbin hair': 'bobbinHair',
  'invisible': 'invisible',
}

/**
 * What a trial strip of a job is read for. Source: common practice.
 *
 * @param threadKinds - of the threads above.
 *
 * @example
 * trialGoalOf('satin', 'balanced', ['rayon']) // 'satin'
 */
export function trialGoalOf(job: JobId, goal: Goal, threadKinds: readonly string[]): TrialGoal {
  const said = FOR_GOAL[goal]
  if (said) return said
  if (job === 'blanket-edge') return 'blanket'
  if (job === 'metallic-line' || threadKinds.some(kind => kind === 'metallic' || kind === 'film'))
    return 'metallic'
  return job === 'satin' || job === 'decorative-row' ? 'satin' : 'balanced'
}
