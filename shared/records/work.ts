import * as z from 'zod/mini'
import { BOBBIN_TENSIONS, PRESSURES } from '#core/terms'
import { idField, momentField, nameField, within } from '../fields'
import { seenSchema } from './owned'
import { setupFields } from './setup'

const TIME_SOURCES = ['timer', 'metres', 'typed'] as const
export const NEEDLE_ENDS = ['hours', 'bent', 'broken', 'burred', 'sticky', 'other'] as const

/** That someone turned the handwheel through exactly this combination, and when. */
export const handWalkSchema = z.strictObject({
  id: idField,
  key: z.string().check(z.minLength(1), z.maxLength(200_000)),
  summary: z.string().check(z.minLength(1), z.maxLength(300)),
  walkedAt: momentField,
})

/** What is known to be on one machine, and when it was cared for. Its id is the machine's. */
export const machineStateSchema = z.strictObject({
  id: idField,
  state: z.strictObject({
    twinMode: z.nullable(z.enum(['on', 'off'])),
    /** A needle or foot that is no longer owned is one about which nothing is known. */
    needleId: z.nullable(idField),
    footId: z.nullable(idField),
    plate: z.nullable(z.enum(['zigzag', 'single-hole'])),
    tension: z.nullable(z.number().check(z.gte(-20), z.lte(20))),
    bobbinTension: z.nullable(z.enum(BOBBIN_TENSIONS)),
    pressure: z.nullable(z.enum(PRESSURES)),
    widthMm: z.nullable(within('widthMm')),
    positionMm: z.nullable(within('positionMm')),
  }),
  /** null: not noted. */
  cleanedAt: z.nullable(momentField),
  oiledAt: z.nullable(momentField),
  /** The session that is running; null: none. */
  sewingSince: z.nullable(momentField),
})

/** A threading walk, begun or finished. */
export const walkSchema = z.strictObject({
  id: idField,
  machineId: idField,
  /** What was ticked: each step with all it depended on. */
  keys: z
    .array(z.string().check(z.minLength(1), z.maxLength(2000)))
    .check(z.maxLength(100, 'has at most 100 steps')),
  /** The step that was open last; null: none. */
  at: z.nullable(z.string().check(z.maxLength(80))),
  startedAt: momentField,
  finishedAt: z.nullable(momentField),
  /** What it was for, in words, and as it stood when it was finished. */
  summary: z.string().check(z.minLength(1), z.maxLength(300)),
  setup: z.nullable(z.strictObject(setupFields)),
})

/** Time sewn with a needle. */
export const needleTimeSchema = z.strictObject({
  id: idField,
  needleId: idField,
  machineId: z.nullable(idField),
  at: momentField,
  hours: within('hours'),
  source: z.enum(TIME_SOURCES),
  sewn: z.strictObject({
    pearl: z.boolean(),
    felt: z.boolean(),
    metallic: z.boolean(),
    fusible: z.boolean(),
  }),
})

/** A needle taken out of use: its count is closed. */
export const needleEndSchema = z.strictObject({
  id: idField,
  needleId: idField,
  label: nameField,
  hours: z.nullable(within('hours')),
  blocks: within('count'),
  seen: seenSchema,
  why: z.enum(NEEDLE_ENDS),
  at: momentField,
})
