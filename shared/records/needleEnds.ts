import * as z from 'zod/mini'
import { idField, momentField, nameField, within } from '../fields'
import { table } from './manifest'
import { seenSchema } from './needles'

export const NEEDLE_ENDS = ['hours', 'bent', 'broken', 'burred', 'sticky', 'other'] as const

/** A needle taken out of use: its count is closed. */
const needleEndSchema = z.strictObject({
  id: idField,
  needleId: idField,
  label: nameField,
  hours: z.nullable(within('hours')),
  blocks: within('count'),
  seen: seenSchema,
  why: z.enum(NEEDLE_ENDS),
  at: momentField,
})

export const needleEnds = table({
  schema: needleEndSchema,
  since: 3,
  blank: null,
  holdsSetup: 'nowhere',
  // A log points at nothing: it stays true when what it speaks of is gone.
  refersTo: null,
  words: { one: 'needle closed', many: 'needles closed' },
  demo: true,
})
