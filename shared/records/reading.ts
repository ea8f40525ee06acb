import * as z from 'zod/mini'
import { READINGS_SAID } from '#core/trial'
import { idField } from '../fields'

const SOUNDS = ['usual', 'odd'] as const

/** What a row looks, sounds and feels like; null: not read. */
export const readingFields = {
  ridge: z.nullable(z.literal(READINGS_SAID)),
  show: z.nullable(z.literal(READINGS_SAID)),
  skips: z.boolean(),
  breaks: z.boolean(),
  holes: z.boolean(),
  sound: z.nullable(z.enum(SOUNDS)),
}
/** Photos by name, kept beside the book; null: none. */
export const photoFields = z.strictObject({ front: z.nullable(idField), back: z.nullable(idField) })
