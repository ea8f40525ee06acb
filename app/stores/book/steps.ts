import { computed, shallowRef } from 'vue'
import { type AnyRecord, type RecordEdit, takeBack } from '#shared/records'
import { EMPTY_HISTORY, type History, sealed, type Step, withStep } from './history'

/** What a press of undo or redo came to; null: nothing was there. Not done: something newer stood there. */
export type TakenStep = { readonly label: string; readonly done: boolean } | null

const reversedEdit = (edit: RecordEdit): RecordEdit => ({ ...edit, before: edit.after, after: edit.before })

/**
 * What can be taken back and done again.
 *
 * @param now - a record as it stands.
 * @param apply - shows edits and keeps them.
 */
export function useSteps(
  now: (edit: RecordEdit) => AnyRecord | null,
  apply: (edits: readonly RecordEdit[]) => void,
) {
  const history = shallowRef<History>(EMPTY_HISTORY)

  function remember(step: Step): void {
    history.value = withStep(history.value, step)
  }

  /** Takes back the last step, and nothing that was done to the same records since, in any tab. */
  function undo(): TakenStep {
    const step = history.value.past.at(-1)
    if (!step) return null
    const done = take([...step.edits].reverse())
    // What cannot be taken back is out of the way of what was done before it.
    const { past, future } = history.value
    history.value = { past: past.slice(0, -1), future: done ? [step, ...future] : future }
    return { label: step.label, done }
  }

  function redo(): TakenStep {
    const [step, ...future] = history.value.future
    if (!step) return null
    const done = take(step.edits.map(reversedEdit))
    history.value = { past: done ? [...history.value.past, step] : history.value.past, future }
    return { label: step.label, done }
  }

  /** All of the edits are taken back, or none of them. */
  function take(edits: readonly RecordEdit[]): boolean {
    const taken = edits.map(edit => takeBack(edit, now(edit)))
    if (!taken.every(back => back.ok)) return false
    apply(taken.map(back => back.edit))
    return true
  }

  return {
    history,
    remember,
    undo,
    redo,
    endJoin: () => {
      history.value = sealed(history.value)
    },
    /** What undo would take back; null: nothing. */
    lastStep: computed(() => history.value.past.at(-1) ?? null),
    /** What redo would do again; null: nothing. */
    nextStep: computed(() => history.value.future[0] ?? null),
    canUndo: computed(() => history.value.past.length > 0),
  }
}
