import * as z from 'zod/mini'
import { idField, measured, nameField } from '../fields'
import { table } from './manifest'

export const FOOT_KINDS = [
  'zigzag',
  'open toe',
  'satin',
  'pintuck',
  'straight',
  'quarter-inch',
  'edge guide',
  'walking',
  'other',
] as const
export const SOLES = ['flat', 'tunnel', 'grooved'] as const

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
