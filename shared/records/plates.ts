import * as z from 'zod/mini'
import { idField, measured, nameField } from '../fields'
import { table } from './manifest'

const plateSchema = z.strictObject({
  id: idField,
  name: nameField,
  slotMm: measured('openingMm'),
  singleHole: z.boolean(),
})

export const plates = table({
  schema: plateSchema,
  since: 2,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'plate', many: 'plates' },
  demo: true,
})
