import { needleNameAndType } from '#core/needle'
import { type AnyRecord, TABLES, type TableName, type RecordOf } from './tables'

/**
 * What a person calls a record; its id is never shown.
 *
 * @example
 * calledOf('needles', needle) // '2.5/80 metallic'
 */
export function calledOf(table: TableName, record: AnyRecord): string {
  if (table === 'needles') return needleNameAndType(record as RecordOf<'needles'>)
  if ('name' in record && typeof record.name === 'string' && record.name !== '') return record.name
  return `a ${TABLES[table].words?.one ?? 'note'}`
}
