import * as z from 'zod/mini'
import { idField, momentField } from '../fields'
import { setupSchema } from '../setup'
import { table } from './manifest'

/** A threading walk, begun or finished. */
const walkSchema = z.strictObject({
  id: idField,
  machineId: idField,
  /** What was ticked: each step with all it depended on. */
  keys: z
    .array(z.string().check(z.minLength(1), z.maxLength(2000)))
    .check(z.maxLength(100, 'has at most 100 steps')),
  /** The step that was open last; null: none. */
  at: z.nullable(z.string().check(z.maxLength(80))),
  startedAt: momentField,
  finishedAt: z.nullable(momentField),
  /** What it was for, in words, and as it stood when it was finished. */
  summary: z.string().check(z.minLength(1), z.maxLength(300)),
  setup: z.nullable(setupSchema),
})

export const walks = table({
  schema: walkSchema,
  since: 3,
  blank: null,
  holdsSetup: 'inside',
  // A finished walk is a log: it stays true when its machine is gone. One under way goes with its machine.
  refersTo: {
    find: ({ finishedAt, machineId }) => (finishedAt === null ? [{ table: 'machines', id: machineId }] : []),
    whenGone: () => null,
  },
  asides: ['at'],
  words: { one: 'threading walk', many: 'threading walks' },
  demo: true,
})
