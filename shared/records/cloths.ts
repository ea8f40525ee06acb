import * as z from 'zod/mini'
import { CLOTH_STRUCTURES, CLOTH_WEIGHTS } from '#core/terms'
import { hexField, idField, measured, nameField, spreadsOver } from '../fields'
import { table } from './manifest'

const clothSchema = z.strictObject({
  id: idField,
  name: nameField,
  thicknessMm: measured('thicknessMm'),
  /** Sewn length over dialled length on it. */
  feedFactor: measured('feedFactor'),
  spreads: spreadsOver(['thicknessMm', 'feedFactor']),
  hex: hexField,
  structure: z.nullable(z.enum(CLOTH_STRUCTURES)),
  weight: z.nullable(z.enum(CLOTH_WEIGHTS)),
})

export const UNKNOWN_CLOTH = {
  thicknessMm: null,
  feedFactor: null,
  spreads: {},
  structure: null,
  weight: null,
} as const satisfies Partial<z.output<typeof clothSchema>>

export const cloths = table({
  schema: clothSchema,
  since: 1,
  blank: UNKNOWN_CLOTH,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'cloth', many: 'cloths' },
  demo: true,
})
