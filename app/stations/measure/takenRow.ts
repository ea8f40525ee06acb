import type { Measurement } from '#core/measured'
import type { RowReading } from '#core/photo'

/** A row as a person took it over: its stitches as they see them, how long it is, how far across. */
export interface TakenRow {
  readonly count: number
  /** From the first hole to the last. */
  readonly alongMm: Measurement
  readonly acrossMm: Measurement | null
}

/**
 * What a reading comes to once somebody looked: another count changes how many stitches there are, not where
 * the first and the last hole lie.
 */
export function takenRow({ stitches, lengthMm, acrossMm }: RowReading, count: number): TakenRow {
  const alongMm = { value: stitches * lengthMm.value, spread: stitches * lengthMm.spread }
  return { count, alongMm, acrossMm }
}
