import { currentSetupSchema, EMPTY_SETUP, setupReferences, setupWithout } from '../setup'
import { table } from './manifest'

/** The one on the bench. What it points at and is taken away is taken out of it. */
export const setup = table({
  schema: currentSetupSchema,
  since: 1,
  blank: EMPTY_SETUP,
  holdsSetup: 'whole',
  refersTo: {
    find: setupReferences,
    whenGone: setupWithout,
  },
  words: null,
  demo: true,
})
