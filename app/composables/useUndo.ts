import type { TakenStep } from '~/stores/book/steps'

/** Undo and redo with what they say: done, nothing to do, or that something newer stands in the way. */
export function useUndo() {
  const book = useBookStore()
  const toast = useToast()
  const { sayStored } = useStoredWords()

  function say(step: TakenStep, done: string, notDone: string, nothing: string): void {
    if (!step) toast.add({ title: nothing })
    else if (step.done) void sayStored(`${done}: ${step.label}`)
    else
      toast.add({
        title: `${notDone}: ${step.label}`,
        description:
          'The same was changed since, perhaps in another tab, and would be lost. Nothing changed.',
        color: 'warning',
      })
  }
  const takeBack = () => say(book.undo(), 'Undone', 'Not undone', 'Nothing to undo')
  const doAgain = () => say(book.redo(), 'Done again', 'Not done again', 'Nothing to redo')
  return { takeBack, doAgain }
}
