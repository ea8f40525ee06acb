import type { ComputedRef, ShallowRef } from 'vue'
import { ALL_VIEWS, stationOf } from '~/stations'
import type { TakenStep } from '~/stores/book/steps'
import { whereNow } from '~/utils/whereNow'

/** What a page can take back by itself, because it is not in the book yet. */
export interface UndoScope {
  readonly words: string
  /** When its last step was done, in ms; null: there is none. */
  readonly undoneAt: ComputedRef<number | null>
  readonly redoneAt: ComputedRef<number | null>
  readonly undo: () => void
  readonly redo: () => void
}
const scope: ShallowRef<UndoScope | null> = shallowRef(null)

/** Undo and redo take this page's own steps back too, while it stands. */
export function useUndoScope(own: UndoScope): void {
  scope.value = own
  onScopeDispose(() => {
    if (scope.value === own) scope.value = null
  })
}

/** A step that lies on another page: asked about before it is taken back. */
interface Asked {
  readonly title: string
  readonly where: string
  readonly label: string
  readonly yes: () => void
}
const asked: ShallowRef<Asked | null> = shallowRef(null)
/** What is asked about right now; null: nothing. */
export const useAskedUndo = () => asked

/** A view by its name, with its station's where it has several. */
function viewName(path: string): string {
  const station = stationOf(path)
  const view = ALL_VIEWS.find(one => one.path === path)
  if (!station || !view) return 'another page'
  return station.views.length > 1 ? `${station.name}, ${view.name}` : station.name
}

/**
 * Undo and redo: what was done last comes first, on this page or in the line-up; what lies on another page is
 * asked about. Each says what it will do, and what it did.
 */
export function useUndo() {
  const book = useBookStore()
  const toast = useToast()
  const { sayStored } = useStoredWords()

  function say(step: TakenStep, done: string, notDone: string): void {
    if (!step) return
    if (step.done) void sayStored(`${done}: ${step.label}`)
    else
      toast.add({
        title: `${notDone}: ${step.label}`,
        description:
          'The same was changed since, perhaps in another tab, and would be lost. Nothing changed.',
        color: 'warning',
      })
  }
  function afterAsking(step: { label: string; where: string | null }, verb: string, yes: () => void): void {
    if (step.where === null || step.where === whereNow()) return yes()
    asked.value = { title: `${verb}: ${step.label}?`, where: viewName(step.where), label: verb, yes }
  }

  const undoInBook = () => say(book.undo(), 'Undone', 'Not undone')
  /** Whether the page's own step is the later one. */
  const isPagesUndo = computed(() => {
    const [own, inBook] = [scope.value?.undoneAt.value ?? null, book.lastStep]
    return own !== null && (inBook === null || own >= inBook.at)
  })
  const isPagesRedo = computed(() => {
    const [own, inBook] = [scope.value?.redoneAt.value ?? null, book.nextStep]
    return own !== null && (inBook === null || own <= inBook.at)
  })
  function undo(): void {
    if (isPagesUndo.value) {
      scope.value!.undo()
      toast.add({ title: `Undone: ${scope.value!.words}` })
    } else if (book.lastStep) afterAsking(book.lastStep, 'Undo', undoInBook)
    else toast.add({ title: 'Nothing to undo' })
  }
  function redo(): void {
    if (isPagesRedo.value) {
      scope.value!.redo()
      toast.add({ title: `Done again: ${scope.value!.words}` })
    } else if (book.nextStep)
      afterAsking(book.nextStep, 'Do again', () => say(book.redo(), 'Done again', 'Not done again'))
    else toast.add({ title: 'Nothing to redo' })
  }
  /** What undo would take back, in words; null: nothing. */
  const undoWords = computed(() => (isPagesUndo.value ? scope.value!.words : (book.lastStep?.label ?? null)))
  const redoWords = computed(() => (isPagesRedo.value ? scope.value!.words : (book.nextStep?.label ?? null)))

  /** A press that undoes just what was done now: where something else was done since, it says so. */
  function undoOf(): () => void {
    const step = book.lastStep
    return () => {
      if (step !== null && book.lastStep === step) undoInBook()
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
