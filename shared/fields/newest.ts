/**
 * Records by a moment of theirs, the newest first; those of one moment stay in their order.
 *
 * @param momentOf - ISO 8601 with a zone, as `momentField` takes it.
 *
 * @example
 * newestFirst(plans, ({ keptAt }) => keptAt)[0] // the plan kept last
 */
export function newestFirst<T>(records: Iterable<T>, momentOf: (record: T) => string): T[] {
  // Read once each: sorting asks far more often than there are records.
  const timed = Array.from(records, record => ({ record, ms: Date.parse(momentOf(record)) }))
  return timed.sort((a, b) => b.ms - a.ms).map(({ record }) => record)
}
