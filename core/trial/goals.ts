/** The two things a row is read for. Both rise with the top tension, and people mix them up. */
export const READINGS = ['ridge', 'show'] as const
export type ReadingName = (typeof READINGS)[number]

/**
 * Seven steps, −3 to 3. Tuck height: slack … 0 flat … stands up. Thread balance: top thread pulled under …
 * 0 locked inside … bobbin thread on the right side.
 */
export const READING_STEPS = [-3, -2, -1, 0, 1, 2, 3] as const
export type ReadingStep = (typeof READING_STEPS)[number]
/** All one may say of a row, from the lowest: halves lie between two steps. */
export const READINGS_SAID = [-3, -2.5, -2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2, 2.5, 3] as const
export type Reading = (typeof READINGS_SAID)[number]

export const TRIAL_GOALS = [
  'flat',
  'raised',
  'balanced',
  'bobbinHair',
  'invisible',
  'satin',
  'metallic',
  'blanket',
] as const
export type TrialGoal = (typeof TRIAL_GOALS)[number]
