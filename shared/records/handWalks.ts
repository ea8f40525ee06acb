import * as z from 'zod/mini'
import { idField, momentField } from '../fields'
import { table } from './manifest'

/** That someone turned the handwheel through exactly this combination, and when. */
const handWalkSchema = z.strictObject({
  id: idField,
  key: z.string().check(z.minLength(1), z.maxLength(200_000)),
  summary: z.string().check(z.minLength(1), z.maxLength(300)),
  walkedAt: momentField,
})

export const handWalks = table({
  schema: handWalkSchema,
  since: 1,
  blank: null,
  holdsSetup: 'nowhere',
  // A log points at nothing: it stays true when what it speaks of is gone.
  refersTo: null,
  words: { one: 'hand turn', many: 'hand turns' },
  demo: true,
})
