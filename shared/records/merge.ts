import { dequal as equal } from 'dequal/lite'
import { type Fields, joinValues, type Wins } from './join'
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
 * - `unfit`: together with what somebody else changed it would be no whole record: what is stored stays.
 */
export interface Merged {
  readonly outcome: 'written' | 'merged' | 'gone' | 'unfit'
  readonly record: AnyRecord | null
}

/**
 * Joins an edit with what somebody else stored since it was begun, field by field and item by item: what the
 * edit left alone stays as it is stored, what it changed is as it wants it. Taking a record away counts.
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
  const { record } = joinRecords(table, begun as Fields, after as Fields, stored as Fields, 'mine')
  return record ? { outcome: 'merged', record } : { outcome: 'unfit', record: stored }
}

interface JoinedRecord {
  /** null: it would be no whole record. */
  readonly record: AnyRecord | null
  /** The fields both sides changed in different ways. */
  readonly clashes: readonly string[]
}

function joinRecords(table: TableName, base: Fields, mine: Fields, theirs: Fields, wins: Wins): JoinedRecord {
  const names = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
  const joined = names.map(name => {
    const isAside = asidesOf(table).includes(name)
    const one = joinValues(base[name], mine[name], theirs[name], isAside ? 'theirs' : wins)
    return { name, value: one.value, isClash: one.isClash && !isAside }
  })
  const left = joined.filter(({ value }) => value !== undefined)
  const fields = Object.fromEntries(left.map(({ name, value }) => [name, value]))
  const parsed = TABLES[table].schema.safeParse(fields)
  return {
    record: parsed.success ? parsed.data : null,
    clashes: joined.filter(({ isClash }) => isClash).map(({ name }) => name),
  }
}

/** The fields of a table's records that say nothing a person did, as where they stand in a walk. */
export function asidesOf(table: TableName): readonly string[] {
  return TABLES[table].asides ?? []
}

/** Two records alike but for their asides. */
function isAlike(table: TableName, one: AnyRecord | null, other: AnyRecord | null): boolean {
  if (one === null || other === null) return one === other
  return equal(withoutAsides(table, one), withoutAsides(table, other))
}
function withoutAsides(table: TableName, record: AnyRecord): Fields {
  const asides = asidesOf(table)
  return Object.fromEntries(Object.entries(record).filter(([name]) => !asides.includes(name)))
}

/** What stands against taking an edit back. */
export interface InTheWay {
  /** `gone`: the record is not there any more. `anew`: there is one again. `changed`: so are its fields. */
  readonly what: 'gone' | 'anew' | 'changed'
  /** The names of the fields that were changed again since. */
  readonly fields: readonly string[]
}

/** How an edit is taken back in what stands now. */
export interface TakenBack {
  readonly edit: RecordEdit
  /** null: nothing newer is touched. */
  readonly inTheWay: InTheWay | null
}

/**
 * Takes an edit back, and nothing but it: what it changed goes back, all else stays as it stands now.
 *
 * @param now - the record as it stands; null: it is not there.
 * @param wins - what happens where the same was changed again since: `mine`: it goes back too; `theirs`: it
 *   stays, and only the rest goes back.
 *
 * @example
 * takeBack(tensionFrom4To6, { tension: 6, layers: 9 }, 'theirs').edit.after // { tension: 4, layers: 9 }
 */
export function takeBack(edit: RecordEdit, now: AnyRecord | null, wins: Wins): TakenBack {
  const { table, before, after } = edit
  const back = (record: AnyRecord | null, inTheWay: InTheWay | null = null): TakenBack => ({
    edit: { table, id: edit.id, before: now, after: record },
    inTheWay,
  })
  const orNow = (record: AnyRecord | null) => (wins === 'mine' ? record : now)
  if (isAlike(table, now, before)) return back(now)
  if (before === null && isAlike(table, now, after)) return back(asidesAlone(table, now))
  if (after === null && (now === null || isBlank(table, now))) return back(withAsidesOf(table, before, now))
  if (now === null) return back(orNow(before), { what: 'gone', fields: [] })
  if (after === null) return back(orNow(before), { what: 'anew', fields: [] })
  if (before === null) return back(orNow(null), { what: 'changed', fields: changedNames(table, after, now) })
  const { record, clashes } = joinRecords(table, after as Fields, before as Fields, now as Fields, wins)
  if (record && clashes.length === 0) return back(record)
  return back(record ?? orNow(before), { what: 'changed', fields: clashes })
}

/** Whether nobody has put anything into a record: only its asides are its own. */
export function isBlank(table: TableName, record: AnyRecord): boolean {
  const { blank } = TABLES[table]
  return blank !== null && isAlike(table, record, blank as AnyRecord)
}
function withAsidesOf(table: TableName, record: AnyRecord | null, now: AnyRecord | null): AnyRecord | null {
  if (!record || !now) return record
  const [fields, asides] = [now as Fields, asidesOf(table)]
  return { ...record, ...Object.fromEntries(asides.map(name => [name, fields[name]])) } as AnyRecord
}
/**
 * What is left of a record that goes: what was noted stays where there is a record for it that nobody need
 * have begun; null: nothing.
 */
export function asidesAlone(table: TableName, now: AnyRecord | null): AnyRecord | null {
  const { blank } = TABLES[table]
  if (!now || !blank || asidesOf(table).length === 0) return null
  const left = withAsidesOf(table, blank as AnyRecord, now)
  return equal(left, blank) ? null : left
}

/** The fields that differ, asides apart. */
function changedNames(table: TableName, one: AnyRecord, other: AnyRecord): string[] {
  const [was, is] = [withoutAsides(table, one), withoutAsides(table, other)]
  const names = [...new Set([...Object.keys(was), ...Object.keys(is)])]
  return names.filter(name => !equal(was[name], is[name]))
}
