import * as z from 'zod/mini'
import { FOOT_KINDS, SOLES } from '#core/terms'
import { idField, measured, nameField, spreadsOver, wholeWithin } from '../fields'
import { table } from './manifest'

const footSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(FOOT_KINDS),
  slotMm: measured('openingMm'),
  sole: z.enum(SOLES),
  singleHole: z.boolean(),
  /** Grooves under a pintuck foot, and from one to the next. */
  grooves: z.nullable(wholeWithin('grooves')),
  groovePitchMm: measured('pitchMm'),
  /** What can run along an edge, from the needle in the middle: a flange, the toe's inside, its outside. */
  flangeMm: measured('guideMm'),
  toeInsideMm: measured('guideMm'),
  toeOutsideMm: measured('guideMm'),
  spreads: spreadsOver(['slotMm', 'groovePitchMm', 'flangeMm', 'toeInsideMm', 'toeOutsideMm']),
})

/** What nobody said of a foot yet. */
export const UNKNOWN_FOOT = {
  kind: 'zigzag',
  slotMm: null,
  sole: 'flat',
  singleHole: false,
  grooves: null,
  groovePitchMm: null,
  flangeMm: null,
  toeInsideMm: null,
  toeOutsideMm: null,
  spreads: {},
} satisfies Omit<z.output<typeof footSchema>, 'id' | 'name'>

export const feet = table({
  schema: footSchema,
  since: 1,
  blank: UNKNOWN_FOOT,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'foot', many: 'feet' },
  demo: true,
})
