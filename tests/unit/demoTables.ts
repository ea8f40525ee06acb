import { demoBackup } from '#shared/demo'
import type { RecordOf, TableName } from '#shared/records'

/** Records by their ids, as the book holds them. */
export const byId = <T extends { readonly id: string }>(list: readonly T[]): ReadonlyMap<string, T> =>
  new Map(list.map(item => [item.id, item]))

/** Every table of the demo. */
export const demoTables = Object.fromEntries(
  Object.entries(demoBackup.records).map(([table, list]) => [table, byId<{ id: string }>(list)]),
) as unknown as { readonly [T in TableName]: ReadonlyMap<string, RecordOf<T>> }
