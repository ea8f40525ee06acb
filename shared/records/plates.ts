import * as z from 'zod/mini'
import { idField, measured, nameField, spreadsOver } from '../fields'
import { table } from './manifest'

const plateSchema = z.strictObject({
  id: idField,
  name: nameField,
  slotMm: measured('openingMm'),
  singleHole: z.boolean(),
  spreads: spreadsOver(['slotMm']),
})

/** A plate of which only the name is known. */
export const UNKNOWN_PLATE = {
  slotMm: null,
  singleHole: false,
  spreads: {},
} satisfies Omit<z.output<typeof plateSchema>, 'id' | 'name'>

export const plates = table({
  schema: plateSchema,
  since: 2,
  blank: UNKNOWN_PLATE,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'plate', many: 'plates' },
  demo: true,
})
