import * as z from 'zod/mini'
import { MOST_LENGTH_MARKS } from '#core/fit'
import { within } from '../fields'

/** A machine's dial for stitch length. */
export const lengthDialSchema = z
  .strictObject({
    minMm: within('dialLengthMm'),
    maxMm: within('dialLengthMm'),
    stepMm: within('stepMm'),
  })
  .check(
    z.superRefine(({ minMm, maxMm, stepMm }, context) => {
      if (maxMm < minMm)
        context.addIssue({ code: 'custom', path: ['maxMm'], message: 'must be at least the shortest' })
      else if ((maxMm - minMm) / stepMm >= MOST_LENGTH_MARKS)
        context.addIssue({
          code: 'custom',
          path: ['stepMm'],
          message: `makes over ${MOST_LENGTH_MARKS} marks`,
        })
    }),
  )
