import { buildNow } from './newerBuild'
import { faultWords } from './faultWords'
import { useKeptReload } from './useKeptReload'

/** What a press needs and comes only then: where it does not come, that is said, with a way on. */
export function useLate() {
  const toast = useToast()
  const { app } = useRuntimeConfig()
  const { notStored, reload } = useKeptReload()

  async function reloadOrSay(): Promise<void> {
    await reload()
    if (notStored.value)
      toast.add({
        title: 'Not reloaded: something is not stored yet',
        description: 'It would be gone with the page. Export it on Files, or wait until it is saved.',
        color: 'warning',
      })
  }

  /**
   * @param what - what is not there without it, as a sentence begins: “The picture”.
   * @returns What was loaded; null: it was said that it is not there.
   */
  async function late<T>(what: string, load: () => Promise<T>, again: () => unknown): Promise<T | null> {
    try {
      return await load()
    } catch {
      const build = await buildNow(app.buildId)
      const { said, mend } = faultWords(what, 'not-loaded', build)
      toast.add({
        title: said,
        description: mend,
        color: 'warning',
        duration: 0,
        actions: [
          { label: 'Try again', color: 'primary', onClick: () => void again() },
          ...(build === 'newer'
            ? [{ label: 'Reload: your work is kept', onClick: () => void reloadOrSay() }]
            : []),
        ],
      })
      return null
    }
  }
  return late
}
