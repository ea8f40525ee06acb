import * as z from 'zod/mini'
import { MOST_ROWS, TRIAL_CARE, TRIAL_GOALS } from '#core/trial'
import { dialMark, idField, momentField } from '../fields'
import { setupSchema } from '../setup'
import { table } from './manifest'
import { personField } from './readers'
import { photoFields, readingFields } from './reading'

/** A trial strip: rows sewn side by side, one number after the other. */
const trialSchema = z.strictObject({
  id: idField,
  goal: z.enum(TRIAL_GOALS),
  care: z.enum(TRIAL_CARE),
  /** As it was when the rows that count were sewn. */
  setup: setupSchema,
  startedAt: momentField,
  /** Whose eyes read the rows. */
  readBy: personField,
  rows: z
    .array(
      z.strictObject({
        dial: dialMark,
        ...readingFields,
        /** False: something else was changed since. */
        comparable: z.boolean(),
        /** What was changed before it, besides the tension; empty: nothing. */
        changed: z.string().check(z.maxLength(300)),
        at: momentField,
        photos: photoFields,
      }),
    )
    .check(z.maxLength(MOST_ROWS, `has at most ${MOST_ROWS} rows: begin a new strip`)),
  /** Kept, given up, or replaced by a new strip. */
  closed: z.boolean(),
})

export const trials = table({
  schema: trialSchema,
  since: 4,
  blank: null,
  holdsSetup: 'inside',
  // A log points at nothing: it stays true when what it speaks of is gone.
  refersTo: null,
  words: { one: 'trial strip', many: 'trial strips' },
  demo: true,
})
