import * as z from 'zod/mini'
import { idField, momentField, MOST_NOTE, nameField } from '../fields'
import { setupReferences, setupSchema } from '../setup'
import { table } from './manifest'

const planSchema = z.strictObject({
  id: idField,
  name: nameField,
  setup: setupSchema,
  keptAt: momentField,
  note: z.string().check(z.maxLength(MOST_NOTE)),
})

export const plans = table({
  schema: planSchema,
  since: 1,
  blank: null,
  holdsSetup: 'inside',
  refersTo: {
    find: ({ setup }) => setupReferences(setup),
    // What a kept plan needs stays as long as the plan does.
    whenGone: 'blocks',
  },
  words: { one: 'kept plan', many: 'kept plans' },
  demo: true,
})
