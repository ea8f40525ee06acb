import { giveOrTake } from '#core/measured'
import { spreadOf } from '#shared/fields'

/**
 * A length of a record with how well it was measured, where anybody noted that.
 *
 * @param length - writes a length with its unit; null as “not measured”.
 *
 * @example
 * knownLength(length, foot, 'slotMm') // '8.2 mm ± 0.2 mm'
 */
export function knownLength<Field extends string>(
  length: (mm: number | null) => string,
  record: Parameters<typeof spreadOf<Field>>[0],
  field: Field,
): string {
  const spread = spreadOf(record, field)
  const value = length(record[field])
  return spread === null ? value : `${value} ± ${length(giveOrTake({ value: 0, spread }))}`
}
