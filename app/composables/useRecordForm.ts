import { reactive, shallowRef, toRaw } from 'vue'
import { type FieldIssue, fieldIssues } from '#shared/issues'
import { type RecordOf, TABLE_SCHEMAS, type TableName } from '#shared/records'

/** A form's draft of one record: nothing is saved until the whole draft passes its schema. */
export function useRecordForm<T extends TableName>(table: T, initial: RecordOf<T>) {
  const draft = reactive(structuredClone(toRaw(initial))) as RecordOf<T>
  const issues = shallowRef<readonly FieldIssue[]>([])
  const { save } = useShelf()

  /** Saves the draft; false, with the issues shown, when it does not pass. */
  function submit(): boolean {
    const parsed = TABLE_SCHEMAS[table].safeParse(draft)
    issues.value = parsed.success ? [] : fieldIssues(parsed.error)
    if (parsed.success) save(table, parsed.data as RecordOf<T>)
    return parsed.success
  }
  return { draft, issues, submit }
}
