import * as z from 'zod/mini'
import { BOBBIN_TENSIONS, PRESSURES } from '#core/terms'
import { dialMark, idField, momentField, within } from '../fields'
import { table } from './manifest'

/** What is known to be on one machine, and when it was cared for. Its id is the machine's. */
const machineStateSchema = z.strictObject({
  id: idField,
  state: z.strictObject({
    twinMode: z.nullable(z.enum(['on', 'off'])),
    /** A needle or foot that is no longer owned is one about which nothing is known. */
    needleId: z.nullable(idField),
    footId: z.nullable(idField),
    plate: z.nullable(z.enum(['zigzag', 'single-hole'])),
    tension: z.nullable(dialMark),
    bobbinTension: z.nullable(z.enum(BOBBIN_TENSIONS)),
    pressure: z.nullable(z.enum(PRESSURES)),
    widthMm: z.nullable(within('widthMm')),
    positionMm: z.nullable(within('positionMm')),
  }),
  /** null: not noted. */
  cleanedAt: z.nullable(momentField),
  oiledAt: z.nullable(momentField),
  /** The session that is running; null: none. */
  sewingSince: z.nullable(momentField),
})

export const machineStates = table({
  schema: machineStateSchema,
  since: 3,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: {
    find: ({ id }) => [{ table: 'machines', id }],
    // What was known of a machine goes with it.
    whenGone: () => null,
  },
  words: null,
  demo: true,
})
