import * as z from 'zod/mini'
import { READINGS, READINGS_SAID } from '#core/trial'
import { idField, momentField, MOST_NAME } from '../fields'
import { table } from './manifest'

/** A name, or nothing where one person has the book to themselves. */
export const personField = z.string().check(z.maxLength(MOST_NAME, `must be at most ${MOST_NAME} characters`))
/** Older answers say less of how one reads today: so many are kept, the newest. */
export const MOST_ANSWERS = 60
const TRUTH = 'must be a number from -3 to 3'

/** What a person said of practice rows whose reading is known: how they read is worked out from it. */
const readerSchema = z.strictObject({
  id: idField,
  person: personField,
  reading: z.enum(READINGS),
  answers: z
    .array(
      z.strictObject({
        truth: z.number({ error: TRUTH }).check(z.gte(-3, TRUTH), z.lte(3, TRUTH)),
        said: z.literal(READINGS_SAID),
      }),
    )
    .check(z.maxLength(MOST_ANSWERS, `has at most ${MOST_ANSWERS} answers`)),
  /** When the newest was given. */
  readAt: momentField,
})

export const readers = table({
  schema: readerSchema,
  since: 13,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'practice', many: 'practices' },
  demo: false,
})
