import { base32nopad } from '@scure/base'
import { deflate, Inflate } from 'pako'
import type { LengthUnit } from '#core/units'
import { BACKUP_FORMAT, BACKUP_VERSION, type BackupReading, readBackup } from '../backup'
import {
  type AnyRecord,
  DEFAULT_SETTINGS,
  referencesOf,
  type Settings,
  type TableName,
  type Tables,
} from '../records'
import dictionary from './dictionary-1.json'

/**
 * The first letters of a packed share say how it is packed, so that later ways can be told from this one:
 * JSON, deflated with the dictionary of version 1 (RFC 1950, with its checksum), in base 32 (RFC 4648).
 */
const MARK = 'LS1'
const DICTIONARY = new TextEncoder().encode(dictionary.words)
/** Longer links are nobody's, in characters. */
export const MOST_SHARE_CHARACTERS = 60_000
/** What unpacks to more is not taken in, in bytes. */
const MOST_UNPACKED_BYTES = 1_000_000

export interface ShareRoot {
  readonly table: TableName
  readonly id: string
}
/** Records on their way: the same form as a backup, of a few records. */
export interface Share {
  readonly format: typeof BACKUP_FORMAT
  readonly version: number
  readonly exportedAt: string
  /** In which its lengths were read by the one who shares them. */
  readonly unit: LengthUnit
  readonly records: Readonly<Partial<Record<TableName, readonly AnyRecord[]>>>
}

/**
 * Some records with everything they point at, as they leave the book; photos stay.
 *
 * @param exportedAt - ISO moment.
 * @param extra - records that are not in the book, such as a piece that is not begun.
 */
export function shareOf(
  roots: readonly ShareRoot[],
  book: Tables,
  exportedAt: string,
  extra: readonly { readonly table: TableName; readonly record: AnyRecord }[] = [],
): Share {
  const taken = new Map<string, { table: TableName; record: AnyRecord }>()
  function take(table: TableName, record: AnyRecord | undefined): void {
    const key = `${table}/${record?.id}`
    if (!record || taken.has(key)) return
    taken.set(key, { table, record: withoutPhotos(record) })
    for (const to of referencesOf(table, record)) take(to.table, book[to.table].get(to.id))
  }
  for (const { table, record } of extra) take(table, record)
  for (const { table, id } of roots) take(table, book[table].get(id))
  const records: Partial<Record<TableName, AnyRecord[]>> = {}
  for (const { table, record } of taken.values()) (records[table] ??= []).push(record)
  const { unit } = (book.settings.get('settings') as Settings | undefined) ?? DEFAULT_SETTINGS
  return { format: BACKUP_FORMAT, version: BACKUP_VERSION, exportedAt, unit, records }
}

function withoutPhotos(record: AnyRecord): AnyRecord {
  return 'photos' in record ? { ...record, photos: { front: null, back: null } } : record
}

/** A share as letters and digits, for the end of a link or a code. */
export function packShare(share: Share): string {
  const packed = deflate(JSON.stringify(share), { level: 9, dictionary: DICTIONARY })
  return MARK + base32nopad.encode(packed)
}

/** A link to a share: capitals all of it, which take least room in a code; nothing of it is sent anywhere. */
export function shareLink(origin: string, share: Share): string {
  return `${origin}/open#`.toUpperCase() + packShare(share)
}

export type ShareReading =
  | Extract<BackupReading, { ok: true }>
  | {
      readonly ok: false
      readonly code: 'empty' | 'too-large' | 'not-ours' | 'newer' | 'damaged'
      readonly message: string
    }

/**
 * Reads what a link or a code holds, and says what taking it in would do; writes nothing.
 *
 * @param text - a whole link, or what stands after its `#`.
 */
export function readShare(text: string, book: Tables): ShareReading {
  // Some programs write a link in small letters; the letters of a share are capitals all of them.
  const packed = text
    .slice(text.indexOf('#') + 1)
    .trim()
    .toUpperCase()
  if (packed === '') return refuse('empty', 'There is nothing in this link after its “#”: copy it whole.')
  if (packed.length > MOST_SHARE_CHARACTERS)
    return refuse('too-large', 'This is far longer than any share of Lacy Spool: it was not read.')
  if (/^LS\d/.test(packed) && !packed.startsWith(MARK))
    return refuse('newer', 'This was packed by a newer app: update this one first.')
  if (!packed.startsWith(MARK))
    return refuse('not-ours', 'This code or link is not from Lacy Spool: nothing of it was read.')
  const json = unpacked(packed.slice(MARK.length))
  if (json === null)
    return refuse('damaged', 'The code or link is damaged or cut off: scan or copy it again, whole.')
  const reading = readBackup(json, book)
  if (reading.ok) return reading
  return refuse(reading.code === 'newer' ? 'newer' : 'damaged', reading.message.replace('The file', 'It'))
}

/** null: damaged, or more than anybody shares. */
function unpacked(letters: string): string | null {
  try {
    const inflate = new Inflate({ dictionary: DICTIONARY })
    let bytes = 0
    const chunks: Uint8Array[] = []
    inflate.onData = data => {
      const chunk = data as Uint8Array
      bytes += chunk.length
      if (bytes > MOST_UNPACKED_BYTES) throw new Error('too large')
      chunks.push(chunk)
    }
    let isWhole = false
    inflate.onEnd = status => {
      isWhole = status === 0
    }
    inflate.push(base32nopad.decode(letters), true)
    if (!isWhole) return null
    return new TextDecoder('utf-8', { fatal: true }).decode(joined(chunks, bytes))
  } catch {
    return null
  }
}

function joined(chunks: readonly Uint8Array[], bytes: number): Uint8Array {
  const all = new Uint8Array(bytes)
  let at = 0
  for (const chunk of chunks) {
    all.set(chunk, at)
    at += chunk.length
  }
  return all
}

function refuse(code: Extract<ShareReading, { ok: false }>['code'], message: string): ShareReading {
  return { ok: false, code, message }
}
