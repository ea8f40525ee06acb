/**
 * Records by a moment of theirs, the newest first; those of one moment stay in their order.
 *
 * @param momentOf - ISO 8601 with a zone, as `momentField` takes it.
 *
 * @example
 * newestFirst(plans, ({ keptAt }) => keptAt)[0] // the plan kept last
 */
export function newestFirst<T>(records: Iterable<T>, momentOf: (record: T) => string): T[] {
  const told = Array.from(records, record => ({ record, moment: momentOf(record) }))
  const sorted = told.every(({ moment }) => sortsAsText(moment))
    ? told.sort((a, b) => downwards(a.moment, b.moment))
    : told
        .map(({ record, moment }) => ({ record, ms: Date.parse(moment) }))
        .sort((a, b) => downwards(a.ms, b.ms))
  return sorted.map(({ record }) => record)
}

const UTC_TO_THE_MILLISECOND = '2026-11-26T12:00:00.000Z'.length

/** As the app writes them, and then reading five thousand of them can be spared. */
const sortsAsText = (moment: string): boolean =>
  moment.length === UTC_TO_THE_MILLISECOND && moment.endsWith('Z')

function downwards<V extends string | number>(a: V, b: V): number {
  if (a === b) return 0
  return a < b ? 1 : -1
}
