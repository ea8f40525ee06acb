import * as z from 'zod/mini'
import { idField, momentField, within } from '../fields'

export const settingsSchema = z.strictObject({
  id: z.literal('settings'),
  unit: z.enum(['mm', 'inch']),
  clearanceMm: within('clearanceMm'),
  schools: z.strictObject({
    margin: z.enum(['bare', 'careful', 'roomy', 'own']),
    ownMarginMm: within('marginMm'),
    tripleGap: z.enum(['neighbour', 'total']),
    wideGap: z.enum(['straight-only', 'arithmetic']),
    heavyBobbin: z.enum(['ordinary', 'same']),
    pearlTension: z.enum(['home', 'plus-one']),
    cutter: z.enum(['never', 'allowed']),
    threading: z.enum(['divider', 'one-by-one', 'together']),
    lastGuide: z.enum(['each-side', 'first-in', 'both-in']),
  }),
  /** Jobs twins are wanted for. */
  twinJobs: z.array(idField).check(z.maxLength(30, 'has at most 30 jobs')),
  /** When the book was last exported; null: never. */
  backedUpAt: z.nullable(momentField),
})
