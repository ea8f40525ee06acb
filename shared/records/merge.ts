import { dequal as equal } from 'dequal/lite'
import { type AnyRecord, type TableName, TABLES } from './tables'

/** One record as it stood when somebody began to change it, and as they want it; null: it is not there. */
export interface RecordEdit {
  readonly table: TableName
  readonly id: string
  readonly before: AnyRecord | null
  readonly after: AnyRecord | null
}

/**
 * What becomes of an edit beside what is stored now.
 *
 * - `written`: as it was meant. `merged`: with what somebody else changed in the meantime.
 * - `gone`: somebody else took the record away, so it is not brought back.
 */
export interface Merged {
  readonly outcome: 'written' | 'merged' | 'gone'
  readonly record: AnyRecord | null
}

/**
 * Joins an edit with what somebody else stored since it was begun, field by field: what the edit left alone
 * stays as it is stored, what it changed is as it wants it. Taking a record away always counts.
 *
 * @param stored - what is there now; null: nothing.
 *
 * @example
 * // Begun at tension 4 and 2 layers; meanwhile somebody else stored 9 layers.
 * mergeEdit(toTension6, { …, tension: 4, layers: 9 }).record // { …, tension: 6, layers: 9 }
 */
export function mergeEdit({ table, before, after }: RecordEdit, stored: AnyRecord | null): Merged {
  if (after === null || equal(stored, before) || equal(stored, after))
    return { outcome: 'written', record: after }
  if (stored === null) return { outcome: 'gone', record: null }
  // Two that were begun at once were both begun from what a new record is.
  const begun = before ?? TABLES[table].blank ?? {}
  return { outcome: 'merged', record: mergeValues(begun, after, stored) as AnyRecord }
}

type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function mergeValues(before: unknown, mine: unknown, theirs: unknown): unknown {
  if (equal(mine, before)) return theirs
  if (equal(theirs, before)) return mine
  if (isFields(mine) && isFields(theirs)) return mergeFields(isFields(before) ? before : {}, mine, theirs)
  if (Array.isArray(before) && Array.isArray(mine) && Array.isArray(theirs))
    return mergeLists(before, mine, theirs)
  return mine
}

function mergeFields(before: Fields, mine: Fields, theirs: Fields): Fields {
  const names = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
  return Object.fromEntries(names.map(name => [name, mergeValues(before[name], mine[name], theirs[name])]))
}

/** Two that both added to a list, as rows to a strip, have added to it both; else a list is one value. */
function mergeLists(before: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]) {
  const bothAdded = [mine, theirs].every(list => equal(list.slice(0, before.length), before))
  return bothAdded ? [...theirs, ...mine.slice(before.length)] : mine
}

/** How an edit is taken back in what stands now. */
export type TakenBack =
  | { readonly ok: true; readonly edit: RecordEdit }
  /** Somebody changed the same fields since: taking it back would take that too. */
  | { readonly ok: false; readonly inTheWay: readonly string[] }

/**
 * Takes an edit back, and nothing but it: fields it changed go back, all others stay as they stand now.
 *
 * @param now - the record as it stands; null: it is not there.
 *
 * @example
 * takeBack(tensionFrom4To6, { tension: 6, layers: 9 }).edit.after // { tension: 4, layers: 9 }
 */
export function takeBack({ table, id, before, after }: RecordEdit, now: AnyRecord | null): TakenBack {
  if (equal(now, after)) return { ok: true, edit: { table, id, before: now, after: before } }
  // It was made or taken away since, or by the edit itself and changed since.
  if (now === null || after === null || before === null) return { ok: false, inTheWay: [] }
  const changed = changedNames(before, after)
  const [was, meant, stands] = [before, after, now] as unknown as Fields[]
  const inTheWay = changed.filter(name => !equal(stands![name], meant![name]))
  if (inTheWay.length > 0) return { ok: false, inTheWay }
  const back = Object.fromEntries(changed.map(name => [name, was![name]]))
  return { ok: true, edit: { table, id, before: now, after: { ...now, ...back } as AnyRecord } }
}

/** The fields of a record that an edit changed. */
function changedNames(before: AnyRecord, after: AnyRecord): string[] {
  const [was, is] = [before, after] as unknown as Fields[]
  return Object.keys(is!).filter(name => !equal(was![name], is![name]))
}
