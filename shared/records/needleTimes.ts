import * as z from 'zod/mini'
import { idField, momentField, within } from '../fields'
import { table } from './manifest'

const TIME_SOURCES = ['timer', 'metres', 'typed'] as const

/** Time sewn with a needle. */
const needleTimeSchema = z.strictObject({
  id: idField,
  needleId: idField,
  machineId: z.nullable(idField),
  at: momentField,
  hours: within('hours'),
  source: z.enum(TIME_SOURCES),
  sewn: z.strictObject({
    pearl: z.boolean(),
    felt: z.boolean(),
    metallic: z.boolean(),
    fusible: z.boolean(),
  }),
})

export const needleTimes = table({
  schema: needleTimeSchema,
  since: 3,
  blank: null,
  holdsSetup: 'nowhere',
  // A log points at nothing: it stays true when what it speaks of is gone.
  refersTo: null,
  words: { one: 'sewing time', many: 'sewing times' },
  demo: true,
})
