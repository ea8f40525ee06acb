import * as z from 'zod/mini'
import { FOOT_KINDS, SOLES } from '#core/terms'
import { idField, measured, nameField } from '../fields'
import { table } from './manifest'

const footSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(FOOT_KINDS),
  slotMm: measured('openingMm'),
  sole: z.enum(SOLES),
  singleHole: z.boolean(),
})

export const feet = table({
  schema: footSchema,
  since: 1,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'foot', many: 'feet' },
  demo: true,
})
