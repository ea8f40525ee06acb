import { reactive, toRaw } from 'vue'
import { type FieldIssue, fieldIssues } from '#shared/fields'
import { type RecordOf, TABLES, type TableName } from '#shared/records'

/**
 * A form's draft of one record: nothing is saved until the whole draft passes its schema.
 *
 * @param initial - the record to change, or a fresh one to fill in; not modified.
 * @param saved - called with the id once the record is in the book.
 */
export function useRecordForm<T extends TableName>(
  table: T,
  initial: RecordOf<T>,
  saved: (id: string) => void,
) {
  const draft = reactive(structuredClone(toRaw(initial))) as RecordOf<T>
  const book = useBookStore()
  const { save: keep } = useShelf()
  const isNew = !book.shelf[table].has(initial.id)
  const { begun, drop } = useDraft(`${table}-${isNew ? 'new' : initial.id}`, draft)

  /** What keeps the draft from being saved. */
  function check(): readonly FieldIssue[] {
    const parsed = TABLES[table].schema.safeParse(draft)
    return parsed.success ? [] : fieldIssues(parsed.error)
  }
  /** To be called once `check` finds nothing. */
  function save(): void {
    void keep(table, TABLES[table].schema.parse(draft) as RecordOf<T>, isNew ? null : (begun as RecordOf<T>))
    drop()
    saved(draft.id)
  }
  return { draft, check, save }
}
