import type { ShallowRef } from 'vue'
import { ALL_VIEWS, stationOf } from '~/stations'
import type { Manner, Obstacle } from '~/stores/book/stepBack'
import type { Refusal } from '~/stores/book/steps'
import { whereNow } from '~/utils/whereNow'

/** What is asked before a step is taken: each way on by its name. */
interface Asked {
  readonly title: string
  /** Why it is asked: where the step lies, or what stands against it. */
  readonly why: string | readonly Obstacle[]
  readonly ways: readonly { readonly label: string; readonly way: () => void }[]
}
const asked: ShallowRef<Asked | null> = shallowRef(null)
/** What is asked about right now; null: nothing. */
export const useAskedUndo = () => asked

type Direction = 'undo' | 'redo'
const WORDS = {
  undo: {
    done: 'Undone',
    ask: 'Undo',
    not: 'Not undone yet',
    manners: { 'whole': '', 'all-the-same': 'Undo that too', 'what-can-be': 'Bring back what can be' },
    passOver: 'Leave it, and go on to the step before',
  },
  redo: {
    done: 'Done again',
    ask: 'Do again',
    not: 'Not done again yet',
    manners: { 'whole': '', 'all-the-same': 'Do it over that', 'what-can-be': 'Do again what can be' },
    passOver: 'Leave it, and go on to the step after',
  },
} as const satisfies Record<Direction, { manners: Record<Manner, string> } & Record<string, unknown>>

/** A view by its name, with its station's where it has several. */
function viewName(path: string): string {
  const station = stationOf(path)
  const view = ALL_VIEWS.find(one => one.path === path)
  if (!station || !view) return 'another page'
  return station.views.length > 1 ? `${station.name}, ${view.name}` : station.name
}

/**
 * Undo and redo: what was done last comes first; what shows on another page alone is asked about. Each says
 * what it will do, and what it did.
 */
export function useUndo() {
  const book = useBookStore()
  const toast = useToast()
  const { sayStored } = useStoredWords()

  function take(direction: Direction, manner: Manner = 'whole'): void {
    const step = book[direction](manner)
    if (!step) return
    if (step.refusal) askOver(direction, step.label, step.refusal)
    else void sayStored(`${WORDS[direction].done}: ${step.label}`)
  }
  /** A refused step is kept, and asked about: it may be taken over what stands against it, or in part. */
  function askOver(direction: Direction, label: string, { obstacles, manners }: Refusal): void {
    const words = WORDS[direction]
    asked.value = {
      title: `${words.not}: ${label}`,
      why: obstacles,
      ways: [
        ...manners.map(manner => ({ label: words.manners[manner], way: () => take(direction, manner) })),
        { label: words.passOver, way: () => book.passOver(direction) },
      ],
    }
  }
  function afterAsking(direction: Direction, step: { label: string; where: string | null }): void {
    if (step.where === null || step.where === whereNow()) return take(direction)
    const { ask } = WORDS[direction]
    asked.value = {
      title: `${ask}: ${step.label}?`,
      why: `It was done at ${viewName(step.where)}, not on this page.`,
      ways: [{ label: ask, way: () => take(direction) }],
    }
  }

  function undo(): void {
    if (book.lastStep) afterAsking('undo', book.lastStep)
    else toast.add({ title: 'Nothing to undo' })
  }
  function redo(): void {
    if (book.nextStep) afterAsking('redo', book.nextStep)
    else toast.add({ title: 'Nothing to redo' })
  }
  /** What undo would take back, in words; null: nothing. */
  const undoWords = computed(() => book.lastStep?.label ?? null)
  const redoWords = computed(() => book.nextStep?.label ?? null)

  /** A press that undoes just what was done now: where something else was done since, it says so. */
  function undoOf(): () => void {
    const step = book.lastStep
    return () => {
      if (step !== null && book.lastStep === step) take('undo')
      else
        toast.add({
          title: `Something else was done after “${step?.label ?? 'this'}”`,
          description: 'Undo takes the last change back first.',
          color: 'warning',
        })
    }
  }
  return { undo, redo, undoWords, redoWords, undoOf }
}
