import { useUndoScope } from '~/composables/useUndo'

/** Changes that follow each other this quickly are one step: a word, a number, a drag. */
const JOINED_MS = 700
const MOST_STEPS = 100

interface State {
  /** As JSON. */
  readonly text: string
  /** When it was left for the next one, in ms. */
  readonly at: number
}

/**
 * Undo and redo for what is planned and not in the book yet.
 *
 * @param read - what a person changes, in plain values.
 * @param write - puts it back.
 */
export function usePlanSteps<T extends object>(read: () => T, write: (state: T) => void) {
  const past = shallowRef<readonly State[]>([])
  const future = shallowRef<readonly State[]>([])
  let now = JSON.stringify(read())
  watch(
    () => JSON.stringify(read()),
    next => {
      // What undo itself put back is no change.
      if (next === now) return
      const at = Date.now()
      const last = past.value.at(-1)
      const isJoined = last !== undefined && at - last.at < JOINED_MS
      past.value = isJoined
        ? [...past.value.slice(0, -1), { ...last, at }]
        : [...past.value, { text: now, at }].slice(-MOST_STEPS)
      future.value = []
      now = next
    },
  )
  function put(state: State): void {
    now = state.text
    write(JSON.parse(state.text) as T)
  }
  function undo(): void {
    const last = past.value.at(-1)
    if (!last) return
    future.value = [{ text: now, at: last.at }, ...future.value]
    past.value = past.value.slice(0, -1)
    put(last)
  }
  function redo(): void {
    const [next, ...rest] = future.value
    if (!next) return
    past.value = [...past.value, { text: now, at: next.at }]
    future.value = rest
    put(next)
  }
  /** Another piece is another story. */
  function forget(): void {
    past.value = []
    future.value = []
    now = JSON.stringify(read())
  }
  useUndoScope({
    words: 'the last change to this plan',
    undoneAt: computed(() => past.value.at(-1)?.at ?? null),
    redoneAt: computed(() => future.value[0]?.at ?? null),
    undo,
    redo,
  })
  return { forget }
}
