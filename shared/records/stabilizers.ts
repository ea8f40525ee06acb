import * as z from 'zod/mini'
import { STABILIZER_KINDS } from '#core/terms'
import { idField, nameField } from '../fields'
import { table } from './manifest'

const stabilizerSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(STABILIZER_KINDS),
})

export const stabilizers = table({
  schema: stabilizerSchema,
  since: 2,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'stabilizer', many: 'stabilizers' },
  demo: true,
})
