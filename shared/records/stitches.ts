import * as z from 'zod/mini'
import { idField, nameField, within } from '../fields'
import { table } from './manifest'

export const ownStitchSchema = z.strictObject({
  id: idField,
  name: nameField,
  alignment: z.enum(['centre', 'left', 'right']),
  drops: z
    .array(
      z.strictObject({
        x: within('dropShare'),
        y: within('dropAlong'),
      }),
    )
    .check(z.minLength(1, 'needs at least one needle drop'), z.maxLength(2000, 'has at most 2000 drops')),
  repeat: within('repeat'),
  defaultWidthMm: within('widthMm'),
  defaultLengthMm: within('lengthMm'),
})

export const stitches = table({
  schema: ownStitchSchema,
  since: 1,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'own stitch', many: 'own stitches' },
  demo: false,
})
