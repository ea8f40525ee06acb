import * as z from 'zod/mini'
import { DRAWS } from '#core/terms'
import { THREAD_KINDS, type ThreadKind } from '#core/thread'
import { hexField, idField, measured, nameField, spreadsOver, within } from '../fields'
import { table } from './manifest'

export const THREAD_FORMS = ['spool', 'cone', 'ball'] as const
const TEX_BASES = ['weighed', 'label', 'nominal'] as const

const threadSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(Object.keys(THREAD_KINDS) as [ThreadKind, ...ThreadKind[]]),
  /** Linear density; null: not known. */
  tex: z.nullable(within('tex')),
  diameterMm: measured('diameterMm'),
  spreads: spreadsOver(['tex', 'diameterMm']),
  /** As printed on the spool; empty: not noted. */
  label: z.string({ error: 'must be text' }).check(z.maxLength(80, 'must be at most 80 characters')),
  /** Where tex comes from; null: typed without saying. */
  texBasis: z.nullable(z.enum(TEX_BASES)),
  /** null: not known; 0: used up. */
  metresLeft: z.nullable(within('metres')),
  form: z.nullable(z.enum(THREAD_FORMS)),
  unwinds: z.nullable(z.enum(DRAWS)),
  colours: z
    .array(z.strictObject({ hex: hexField, runMm: within('runMm') }))
    .check(z.minLength(1, 'needs at least one colour'), z.maxLength(24, 'has at most 24 colours')),
})

/** A thread about which nothing but kind and colour is known. */
export const UNKNOWN_THREAD = {
  kind: 'polyester',
  tex: null,
  diameterMm: null,
  spreads: {},
  label: '',
  texBasis: null,
  metresLeft: null,
  form: null,
  unwinds: null,
} as const satisfies Partial<z.output<typeof threadSchema>>

export const threads = table({
  schema: threadSchema,
  since: 1,
  blank: UNKNOWN_THREAD,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'thread', many: 'threads' },
  demo: true,
})
