import type { Reading, ReadingName, TrialGoal } from './goals'

export interface GoalFacts {
  readonly name: string
  /** The reading it is about. */
  readonly leads: ReadingName
  readonly target: Reading
  /** More of it is as good. */
  readonly atLeast: boolean
  /** Where the other reading may lie. */
  readonly other: readonly [Reading, Reading]
  /** What to look for, in a few words. */
  readonly look: string
  /** Where to begin without an own swatch: a share of the way from normal tension to the end stop. */
  readonly startShare: number
}

/**
 * What each goal asks of the two readings. The directions are common practice; where on the seven steps each
 * lies is our own reading of it.
 */
export const GOAL_FACTS: Readonly<Record<TrialGoal, GoalFacts>> = {
  flat: {
    name: 'Flat hem',
    leads: 'ridge',
    target: 0,
    atLeast: false,
    other: [-2, 1],
    look: 'the cloth between the rows lies flat',
    startShare: -0.5 / 4.5,
  },
  raised: {
    name: 'Raised pintuck',
    leads: 'ridge',
    target: 2,
    atLeast: true,
    other: [-3, 3],
    look: 'the tuck stands up by itself',
    startShare: 1,
  },
  balanced: {
    name: 'Balanced topstitch',
    leads: 'show',
    target: 0,
    atLeast: false,
    other: [-1, 1],
    look: 'the threads lock inside the cloth',
    startShare: 0,
  },
  bobbinHair: {
    name: 'Bobbin a hair up',
    leads: 'show',
    target: 1,
    atLeast: false,
    other: [-1, 1],
    look: 'a hair of bobbin thread shows between the stitches',
    startShare: 1 / 4.5,
  },
  invisible: {
    name: 'Invisible edge',
    leads: 'show',
    target: -1,
    atLeast: false,
    other: [-1, 0],
    look: 'the top thread dips under, nothing of the bobbin shows',
    startShare: -0.5 / 4.5,
  },
  satin: {
    name: 'Decorative satin',
    leads: 'show',
    target: -1,
    atLeast: false,
    other: [-1, 1],
    look: 'the top thread wraps to the wrong side at both edges',
    startShare: -0.5 / 4.5,
  },
  metallic: {
    name: 'Metallic line',
    leads: 'show',
    target: -1,
    atLeast: false,
    other: [-1, 1],
    look: 'the thread lies on the cloth unstrained',
    startShare: -1.5 / 4.5,
  },
  blanket: {
    name: 'Blanket stitch',
    leads: 'show',
    target: 0,
    atLeast: false,
    other: [-1, 0],
    look: 'the bites lie flat and lock at the edge',
    startShare: 0,
  },
}
