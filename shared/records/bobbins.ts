import * as z from 'zod/mini'
import { idField, measured, nameField, within } from '../fields'
import { table } from './manifest'

const bobbinSchema = z.strictObject({
  id: idField,
  name: nameField,
  /** What is wound on it; null: empty. */
  threadId: z.nullable(idField),
  woundM: z.nullable(within('metres')),
  /** What it holds of its thread when full, known or weighed; beats what the winding space would give. */
  holdsM: z.nullable(within('metres')),
  /** Its winding space: over which diameter it is filled, the core, and between the flanges. */
  outerMm: measured('bobbinMm'),
  coreMm: measured('bobbinMm'),
  wideMm: measured('bobbinMm'),
})

export const bobbins = table({
  schema: bobbinSchema,
  since: 2,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: {
    find: ({ threadId }) => (threadId === null ? [] : [{ table: 'threads', id: threadId }]),
    // A bobbin whose thread goes is empty.
    whenGone: bobbin => ({ ...bobbin, threadId: null, woundM: null }),
  },
  words: { one: 'bobbin', many: 'bobbins' },
  demo: true,
})
