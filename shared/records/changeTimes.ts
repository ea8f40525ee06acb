import * as z from 'zod/mini'
import { CHANGES } from '#core/order'
import { idField, momentField, within } from '../fields'
import { table } from './manifest'

/** How long one change took on the way from piece to piece. */
const changeTimeSchema = z.strictObject({
  id: idField,
  change: z.enum(CHANGES),
  minutes: within('changeMinutes'),
  at: momentField,
})

export const changeTimes = table({
  schema: changeTimeSchema,
  since: 9,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'timed change', many: 'timed changes' },
  demo: false,
})
