import * as z from 'zod/mini'
import { CHANGES, DEFAULT_CHANGE_MINUTES } from '#core/order'
import { DEFAULT_SCHOOLS } from '#core/schools'
import { DEFAULT_CLEARANCE_MM } from '#core/swing'
import { idField, momentField, within } from '../fields'
import { table } from './manifest'
import { personField } from './readers'

const settingsSchema = z.strictObject({
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
    thickPearl: z.enum(['bobbin', 'needle']),
    pearlEye: z.enum(['eye', 'as-sewn']),
    filmSpeed: z.enum(['slow', 'full']),
    satinFilm: z.enum(['never', 'sewn']),
    hiddenBobbin: z.enum(['matched', 'fine-grey']),
    cutter: z.enum(['never', 'allowed']),
    threading: z.enum(['divider', 'one-by-one', 'together']),
    lastGuide: z.enum(['each-side', 'first-in', 'both-in']),
    unwinding: z.enum(['back', 'front']),
  }),
  /** Jobs twins are wanted for. */
  twinJobs: z.array(idField).check(z.maxLength(30, 'has at most 30 jobs')),
  /** Threads in drawings: their own colours, or one of ours for each blade and the bobbin on plain cloth. */
  threadColours: z.enum(['true', 'diagram']),
  /** Minutes one change takes, where none was timed. */
  changeMinutes: z.record(z.enum(CHANGES), within('changeMinutes')),
  /** Who reads rows and practises now. */
  readsAs: personField,
  /** When the book was last exported; null: never. */
  backedUpAt: z.nullable(momentField),
})

export const DEFAULT_SETTINGS = {
  id: 'settings',
  unit: 'mm',
  threadColours: 'true',
  backedUpAt: null,
  readsAs: '',
  changeMinutes: DEFAULT_CHANGE_MINUTES,
  clearanceMm: DEFAULT_CLEARANCE_MM,
  schools: DEFAULT_SCHOOLS,
  twinJobs: [
    'pintuck-fine',
    'pintuck',
    'decorative',
    'decorative-rayon',
    'metallic',
    'knit-hem',
    'knit-narrow',
    'plain-hem',
    'strip',
    'jeans',
    'wide-hem',
  ],
} satisfies z.output<typeof settingsSchema>

export const settings = table({
  schema: settingsSchema,
  since: 1,
  blank: DEFAULT_SETTINGS,
  holdsSetup: 'nowhere',
  refersTo: null,
  asides: ['backedUpAt'],
  words: null,
  demo: false,
})
