import * as z from 'zod/mini'
import { idField } from '../fields'
import { table } from './manifest'

const inHandSchema = z.strictObject({
  id: z.literal('current'),
  /** null: none was begun. */
  pieceId: z.nullable(idField),
})

/** The piece that was in hand last, for a new tab to begin with; each tab goes on with its own. */
export const inHand = table({
  schema: inHandSchema,
  since: 11,
  blank: { id: 'current', pieceId: null },
  holdsSetup: 'nowhere',
  // It says where one stood: the piece is looked up, and may be gone.
  refersTo: null,
  asides: ['pieceId'],
  words: null,
  demo: true,
})
