import * as z from 'zod/mini'
import { JOB_IDS } from '#core/job'
import {
  BOBBIN_TENSIONS,
  DRAWS,
  GOALS,
  PRESSURES,
  SECOND_SPOOLS,
  SPEEDS,
  SUPPLY_PLACES,
  UNDER_KINDS,
} from '#core/terms'
import { dialMark, idField, measured, MOST_LAYERS, MOST_UNDER, within } from '../fields'

const stitchSettingSchema = z.strictObject({
  stitchId: idField,
  widthMm: within('widthMm'),
  lengthMm: within('lengthMm'),
  mirror: z.boolean(),
  positionMm: within('positionMm'),
})

const supplySchema = z.strictObject({
  place: z.nullable(z.enum(SUPPLY_PLACES)),
  draw: z.nullable(z.enum(DRAWS)),
})

const threadIdsSchema = z.strictObject({
  left: z.nullable(idField),
  middle: z.nullable(idField),
  right: z.nullable(idField),
})

/** One layer under the cloth. */
const underLayerSchema = z.strictObject({ kind: z.enum(UNDER_KINDS), thicknessMm: measured('thicknessMm') })

/**
 * What was on the machine when the tension was set: it belongs to that, and is carried over to anything else.
 * The ids are hints, and may point at what is gone.
 */
const tensionFromSchema = z.strictObject({
  /** As it stood on that machine’s dial. */
  tension: dialMark,
  how: z.enum(['typed', 'sewn', 'start']),
  machineId: z.nullable(idField),
  needleId: z.nullable(idField),
  stitchId: idField,
  threadIds: threadIdsSchema,
})

/** What a piece is sewn with. */
export const setupSchema = z.strictObject({
  machineId: z.nullable(idField),
  footId: z.nullable(idField),
  plate: z.enum(['zigzag', 'single-hole']),
  /** A plate of one's own; null: the machine's, of the kind above. */
  plateId: z.nullable(idField),
  needleId: z.nullable(idField),
  stitch: stitchSettingSchema,
  threadIds: threadIdsSchema,
  bobbinId: z.nullable(idField),
  /** As on this machine's own dial; null: not set. */
  tension: z.nullable(dialMark),
  /** null: not set, or nobody knows for what. */
  tensionFrom: z.nullable(tensionFromSchema),
  clothId: z.nullable(idField),
  layers: z.int().check(z.gte(1), z.lte(MOST_LAYERS)),
  /** Under the cloth, from the top down. */
  under: z.array(underLayerSchema).check(z.maxLength(MOST_UNDER, `has at most ${MOST_UNDER} layers`)),
  stabilizerId: z.nullable(idField),
  /** What is being sewn, and what its tension is to do. */
  job: z.enum(JOB_IDS),
  goal: z.enum(GOALS),
  /** Washed and tumbled often. */
  washed: z.boolean(),
  supplies: z.strictObject({ left: supplySchema, middle: supplySchema, right: supplySchema }),
  /** Where the second needle has the same thread from; null: not said. */
  secondSpool: z.nullable(z.enum(SECOND_SPOOLS)),
  /** The built-in needle threader is used; the automatic cutter is on. */
  threader: z.boolean(),
  cutter: z.boolean(),
  sharedDiscs: z.nullable(z.boolean()),
  /** Length of the seam planned, in m. */
  seamM: within('seamM'),
  bobbinTension: z.enum(BOBBIN_TENSIONS),
  pressure: z.enum(PRESSURES),
  /** null: as the rule for the thread says. */
  speed: z.nullable(z.enum(SPEEDS)),
})
export type SetupContent = z.output<typeof setupSchema>
