import * as z from 'zod/mini'
import { MOST_PATH_CHARS } from '#core/shape'
import { within } from '../fields'

export const MOST_DRAWN = 400

/** A point as one clicks it. */
export const drawnPointSchema = z.strictObject({
  x: within('outlineMm'),
  y: within('outlineMm'),
  curved: z.boolean(),
})
/** Path data as an SVG has it. */
export const pathField = z
  .string()
  .check(
    z.minLength(1, 'is empty'),
    z.maxLength(MOST_PATH_CHARS, `has at most ${MOST_PATH_CHARS} characters`),
  )
