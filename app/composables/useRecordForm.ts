import { reactive, shallowRef, toRaw } from 'vue'
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
  const issues = shallowRef<readonly FieldIssue[]>([])
  const { save: keep } = useShelf()

  function save(): void {
    const parsed = TABLES[table].schema.safeParse(draft)
    issues.value = parsed.success ? [] : fieldIssues(parsed.error)
    if (!parsed.success) return
    keep(table, parsed.data as RecordOf<T>)
    saved(draft.id)
  }
  return { draft, issues, save }
}
