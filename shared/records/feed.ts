import * as z from 'zod/mini'
import { wholeWithin, within } from '../fields'

/** How long a stitch came out on this cloth: so many sewn, measured, against the dial. */
export const feedSchema = z.strictObject({
  sewnMm: within('pieceMm'),
  stitches: wholeWithin('count'),
  dialledMm: within('dialLengthMm'),
  readMm: within('readMm'),
})
