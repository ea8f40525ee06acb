import { computed, shallowRef } from 'vue'
import type { RecordEdit, Tables } from '#shared/records'
import { EMPTY_HISTORY, type History, sealed, type Step, withStep } from './history'
import { type Manner, type Obstacle, stepBack } from './stepBack'

/** What stands against a step, and in which manners it can be taken nevertheless. */
export interface Refusal {
  readonly obstacles: readonly Obstacle[]
  readonly manners: readonly Manner[]
}
/** What a press of undo or redo came to; null: nothing was there. Refused: nothing changed, it is kept. */
export type TakenStep = { readonly label: string; readonly refusal: Refusal | null } | null

const reversedEdit = (edit: RecordEdit): RecordEdit => ({ ...edit, before: edit.after, after: edit.before })

/**
 * What can be taken back and done again.
 *
 * @param book - all records as they stand.
 * @param apply - shows edits and keeps them.
 */
export function useSteps(book: Tables, apply: (edits: readonly RecordEdit[]) => void) {
  const history = shallowRef<History>(EMPTY_HISTORY)

  function remember(step: Step): void {
    history.value = withStep(history.value, step)
  }

  /** Takes back the last step, and nothing that was done to the same records since, unless told to. */
  function undo(manner: Manner = 'whole'): TakenStep {
    const step = history.value.past.at(-1)
    if (!step) return null
    const taken = take(step.edits, manner)
    if ('obstacles' in taken) return { label: step.label, refusal: taken }
    // What is done again later is what was undone now, and no more.
    const undone = { ...step, joinKey: null, edits: taken.edits.map(reversedEdit) }
    const { past, future } = history.value
    history.value = { past: past.slice(0, -1), future: [undone, ...future] }
    return { label: step.label, refusal: null }
  }

  function redo(manner: Manner = 'whole'): TakenStep {
    const [step, ...future] = history.value.future
    if (!step) return null
    const taken = take(step.edits.map(reversedEdit), manner)
    if ('obstacles' in taken) return { label: step.label, refusal: taken }
    history.value = { past: [...history.value.past, { ...step, edits: taken.edits }], future }
    return { label: step.label, refusal: null }
  }

  function take(
    edits: readonly RecordEdit[],
    manner: Manner,
  ): Refusal | { readonly edits: readonly RecordEdit[] } {
    const taken = stepBack(edits, book, manner)
    if (manner === 'whole' && taken.obstacles.length > 0)
      return { obstacles: taken.obstacles, manners: mannersLeft(edits, taken.obstacles) }
    apply(taken.edits)
    return { edits: taken.edits }
  }
  function mannersLeft(edits: readonly RecordEdit[], obstacles: readonly Obstacle[]): Manner[] {
    const isFirm = obstacles.some(({ what }) => what === 'needed' || what === 'needs')
    const all: Manner[] = isFirm ? [] : ['all-the-same']
    const isPart = stepBack(edits, book, 'what-can-be').edits.length > 0
    return isPart ? [...all, 'what-can-be'] : all
  }

  /** Leaves a refused step as it is, and goes on to the one before it. */
  function passOver(direction: 'undo' | 'redo'): void {
    const { past, future } = history.value
    history.value =
      direction === 'undo' ? { past: past.slice(0, -1), future } : { past, future: future.slice(1) }
  }

  return {
    history,
    remember,
    undo,
    redo,
    passOver,
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
