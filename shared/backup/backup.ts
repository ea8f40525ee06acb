import * as z from 'zod/mini'
import type { LengthUnit } from '#core/units'
import { issueLine, momentField, MOST_NAME } from '../fields'
import {
  type Tables,
  isTable,
  type AnyRecord,
  GONE_TABLES,
  TABLE_NAMES,
  TABLES,
  type TableName,
  referencesOf,
  RECORDS_VERSION,
  upgradeRecords,
} from '../records'

import { isTooDeep } from './depth'

export const BACKUP_FORMAT = 'lacy-spool'
export const BACKUP_VERSION = RECORDS_VERSION
/** Larger files are refused before they are read, in bytes. */
export const MOST_BACKUP_BYTES = 20_000_000

const tables = Object.fromEntries(TABLE_NAMES.map(name => [name, z.array(TABLES[name].schema)])) as {
  [T in TableName]: z.ZodMiniArray<(typeof TABLES)[T]['schema']>
}

/** The whole book as one file. */
export const backupSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(BACKUP_VERSION),
  exportedAt: momentField,
  records: z.strictObject(tables),
})
export type Backup = z.output<typeof backupSchema>

/** What an import would do, before it does anything. */
export interface ImportPreview {
  readonly added: readonly Entry[]
  readonly changed: readonly Entry[]
  readonly same: number
  readonly refused: readonly Refusal[]
}
export interface Entry {
  readonly table: TableName
  readonly record: AnyRecord
}
export interface Refusal {
  readonly table: string
  readonly name: string
  readonly message: string
}
export type BackupReading =
  | {
      readonly ok: true
      readonly preview: ImportPreview
      /** In which lengths were written where it comes from; null: it does not say. */
      readonly unit: LengthUnit | null
    }
  | {
      readonly ok: false
      readonly code: 'too-large' | 'not-json' | 'not-ours' | 'newer' | 'wrong-version' | 'damaged'
      readonly message: string
    }

/** Everything in the book as a file's content. */
export function writeBackup(book: Tables, exportedAt: string): Backup {
  const records = Object.fromEntries(TABLE_NAMES.map(name => [name, [...book[name].values()]]))
  return { format: BACKUP_FORMAT, version: BACKUP_VERSION, exportedAt, records } as unknown as Backup
}

/**
 * Reads a backup file and says what importing it would do; writes nothing.
 *
 * A file that is not ours is refused whole. A record that breaks its schema, comes twice or points at
 * something that is neither in the book nor in the file is refused by itself and named.
 *
 * @param text - the file's text.
 * @param book - what is there now.
 */
export function readBackup(text: string, book: Tables): BackupReading {
  if (text.length > MOST_BACKUP_BYTES)
    return refuse(
      'too-large',
      `The file is larger than ${MOST_BACKUP_BYTES / 1e6} MB: it is not a Lacy Spool backup.`,
    )
  const raw = parsed(text)
  if (raw === undefined)
    return refuse('not-json', 'The file is damaged or not JSON: export it again, or choose another file.')
  const envelope = z
    .looseObject({
      format: z.literal(BACKUP_FORMAT),
      version: z.unknown(),
      records: z.unknown(),
      // Told by a share only; in a backup the settings say it. What is no unit is as if none were told.
      unit: z.catch(z.optional(z.enum(['mm', 'inch'])), undefined),
    })
    .safeParse(raw)
  if (!envelope.success)
    return refuse(
      'not-ours',
      'This JSON file was not written by Lacy Spool: its “format” is not “lacy-spool”.',
    )
  const { version, records, unit = null } = envelope.data
  if (typeof version === 'number' && version > BACKUP_VERSION) {
    return refuse(
      'newer',
      `The file has version ${version}, but this app reads up to ${BACKUP_VERSION}. Update the app first.`,
    )
  }
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refuse('wrong-version', `The file’s version must be a whole number from 1 to ${BACKUP_VERSION}.`)
  const lists = z.record(z.string(), z.array(z.unknown())).safeParse(records)
  if (!lists.success) return refuse('damaged', `The file’s records are damaged: ${issueLine(lists.error)}.`)
  return { ok: true, preview: previewOf(lists.data, version, book), unit }
}

/** How many records a backup file holds that a person would count; null: it is none of ours. */
export function recordsIn(text: string): number | null {
  const file = z
    .looseObject({ format: z.literal(BACKUP_FORMAT), records: z.record(z.string(), z.array(z.unknown())) })
    .safeParse(parsed(text))
  if (!file.success) return null
  const counted = Object.entries(file.data.records).filter(([table]) =>
    isTable(table) ? TABLES[table].words : table === 'plans',
  )
  return counted.reduce((sum, [, list]) => sum + list.length, 0)
}

/** undefined: it is no JSON, or none of ours by how deep it nests. */
function parsed(text: string): unknown {
  if (isTooDeep(text)) return undefined
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

function previewOf(lists: Record<string, unknown[]>, version: number, book: Tables): ImportPreview {
  const refused: Refusal[] = []
  const accepted: Entry[] = []
  const seen = new Set<string>()
  for (const [table, list] of Object.entries(lists)) {
    if (!isTable(table) && !isOfBefore(table, version)) {
      refused.push({
        table,
        name: '',
        message: `“${table.slice(0, 40)}” is not a known list: its ${list.length} records are left out.`,
      })
      continue
    }
    for (const [index, raw] of list.entries()) {
      const name = nameOf(raw) ?? `record ${index + 1}`
      for (const today of upgradeRecords(table, raw, version)) take(today, name)
    }
  }
  function take({ table, raw }: { readonly table: string; readonly raw: unknown }, name: string): void {
    if (!isTable(table)) return
    const parsed = TABLES[table].schema.safeParse(raw)
    if (!parsed.success) {
      refused.push({ table, name, message: issueLine(parsed.error) })
      return
    }
    const { id } = parsed.data
    const key = `${table}/${id}`
    if (seen.has(key))
      refused.push({ table, name, message: `id: ${id} stands in the file twice; the first is taken` })
    else accepted.push({ table, record: parsed.data })
    seen.add(key)
  }
  const whole = withoutDangling(accepted, book, refused)
  const fresh = whole.filter(({ table, record }) => !book[table].has(record.id))
  const changed = whole.filter(
    ({ table, record }) =>
      book[table].has(record.id) && canonical(book[table].get(record.id)) !== canonical(record),
  )
  return { added: fresh, changed, same: whole.length - fresh.length - changed.length, refused }
}

/** A table that a file of this version may have, and this one has no more. */
const isOfBefore = (table: string, version: number): boolean =>
  Object.hasOwn(GONE_TABLES, table) && version < GONE_TABLES[table]!.until

/** A record that points at nothing is refused, and so is what points at that one. */
function withoutDangling(entries: readonly Entry[], book: Tables, refused: Refusal[]): Entry[] {
  const whole = entriesPointingRight(entries, book, refused)
  return whole.length === entries.length ? whole : withoutDangling(whole, book, refused)
}

function entriesPointingRight(entries: readonly Entry[], book: Tables, refused: Refusal[]): Entry[] {
  const known = new Set(entries.map(({ table, record }) => `${table}/${record.id}`))
  return entries.filter(({ table, record }) => {
    const dangling = referencesOf(table, record).find(
      to => !known.has(`${to.table}/${to.id}`) && !book[to.table].has(to.id),
    )
    if (dangling)
      refused.push({
        table,
        name: nameOf(record) ?? record.id,
        message: `points at ${dangling.id} in ${dangling.table}, which is neither here nor in the file`,
      })
    return !dangling
  })
}

function nameOf(raw: unknown): string | null {
  const named = z.looseObject({ name: z.string() }).safeParse(raw)
  return named.success ? named.data.name.slice(0, MOST_NAME) : null
}

/** Key order does not make two records different. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) =>
    v && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  )
}

function refuse(code: Extract<BackupReading, { ok: false }>['code'], message: string): BackupReading {
  return { ok: false, code, message }
}
