import * as z from 'zod/mini'
import { MEASURE_WAYS } from '#core/measure'

const SPREAD = 'must be a number from 0 to 100000'
/** One standard deviation, in the value's own unit. */
export const spreadField = z.number({ error: SPREAD }).check(z.gte(0, SPREAD), z.lte(100_000, SPREAD))

const VALUE = 'must be a number from -100000 to 1000000'
const knownSchema = z.strictObject({
  /** What was measured: a value that is typed over it later has no spread. */
  value: z.number({ error: VALUE }).check(z.gte(-100_000, VALUE), z.lte(1_000_000, VALUE)),
  spread: spreadField,
  way: z.enum(MEASURE_WAYS),
})

/** How well fields of a record were measured, by field; what is not in it was typed. */
export const spreadsOver = <Field extends string>(fields: readonly [Field, ...Field[]]) =>
  z.partialRecord(z.enum(fields), knownSchema)

type Spreads = Partial<Record<string, z.output<typeof knownSchema>>>

/**
 * How well a field was measured: one standard deviation.
 *
 * @returns null: it was typed, or is not what was measured any more.
 *
 * @example
 * spreadOf({ slotMm: 8.2, spreads: { slotMm: { value: 8.2, spread: 0.1, way: 'wedge' } } }, 'slotMm') // 0.1
 */
export function spreadOf<Field extends string>(
  record: { readonly spreads: Spreads } & { readonly [F in Field]: number | null },
  field: Field,
): number | null {
  const known = record.spreads[field]
  return known && known.value === record[field] ? known.spread : null
}
