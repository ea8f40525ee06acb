import * as z from 'zod/mini'
import { MEASURE_WAYS, QUANTITY_NAMES } from '#core/measure'
import { idField, measured, momentField, MOST_NOTE, nameField, spreadField } from '../fields'
import { table } from './manifest'

const VALUE = 'must be a number above 0'

/** One measuring: what came of it, how well, and by what. A log: it stays true when its thing is gone. */
const measureSchema = z.strictObject({
  id: idField,
  quantity: z.enum(QUANTITY_NAMES),
  /** The record it is of; null: nothing that is kept. */
  ofId: z.nullable(idField),
  /** What that was called. */
  name: nameField,
  value: z.number({ error: VALUE }).check(z.gt(0, VALUE), z.lte(1_000_000, VALUE)),
  spread: spreadField,
  way: z.enum(MEASURE_WAYS),
  /** What the dial stood at, of a length or width as sewn; null: it has nothing to do with a dial. */
  dialledMm: measured('dialLengthMm'),
  at: momentField,
  photoId: z.nullable(idField),
  note: z.string().check(z.maxLength(MOST_NOTE, `must be at most ${MOST_NOTE} characters`)),
})

export const measures = table({
  schema: measureSchema,
  since: 10,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'measuring', many: 'measurings' },
  demo: true,
})
