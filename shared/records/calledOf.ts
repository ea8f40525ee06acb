import { JOBS } from '#core/job'
import { needleNameAndType } from '#core/needle'
import { type AnyRecord, type Piece, TABLES, type TableName, type RecordOf } from './tables'

/**
 * What a person calls a record; its id is never shown.
 *
 * @example
 * calledOf('needles', needle) // '2.5/80 metallic'
 */
export function calledOf(table: TableName, record: AnyRecord): string {
  if (table === 'needles') return needleNameAndType(record as RecordOf<'needles'>)
  if (table === 'pieces') return pieceName(record as Piece)
  if ('name' in record && typeof record.name === 'string' && record.name !== '') return record.name
  return `a ${TABLES[table].words?.one ?? 'note'}`
}

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' })

/**
 * What a piece is called: its name, else its job and the day it was begun.
 *
 * @example
 * pieceName({ ...piece, name: '', begunAt: '2026-05-20T20:00:00Z' }) // 'Pintucks of 20 May'
 */
export function pieceName({ name, setup, begunAt }: Pick<Piece, 'name' | 'setup' | 'begunAt'>): string {
  if (name !== '') return name
  const job = JOBS[setup.job].name
  return begunAt === null ? job : `${job} of ${DAY.format(Date.parse(begunAt))}`
}
