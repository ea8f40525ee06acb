import type { Label } from '#core/card'
import { calledBack, type PrintApi, startPrintWorker } from '#workers/client'
import { type Fault, LOAD_MS } from '~/asking/asker'
import { isLoadFailure } from '~/asking/loadFailure'
import { useAsker } from '~/asking/useAsker'
import { usePaper } from '~/paper/usePaper'
import { downloadBlob } from '~/utils/download'

/** How far it is is shown, and it can be stopped: it may take as long as it needs. */
const PATIENCE = { loadMs: LOAD_MS, answerMs: Number.POSITIVE_INFINITY }

/** Labels for swatches as a PDF, made in a worker. */
export function useLabels() {
  const paper = usePaper()
  const progress = ref<{ readonly done: number; readonly of: number } | null>(null)
  const fault = ref<Fault | null>(null)
  const asker = useAsker<PrintApi>(startPrintWorker, PATIENCE)
  /** Another round, or Stop, ends what is under way. */
  let round = 0

  /** @param labelOf - makes a label; they come one after the other: the page answers in between. */
  async function save<T>(of: readonly T[], labelOf: (one: T) => Promise<Label>): Promise<void> {
    const mine = (round += 1)
    fault.value = null
    progress.value = { done: 0, of: of.length }
    const labels: Label[] = []
    try {
      for (const one of of) {
        labels.push(await labelOf(one))
        if (mine !== round) return
      }
    } catch (error) {
      // What a label is made with may come late.
      if (mine === round) progress.value = null
      if (!isLoadFailure(error)) throw error
      fault.value = 'not-loaded'
      return
    }
    const onProgress = calledBack((done: number) => {
      if (mine === round) progress.value = { done, of: labels.length }
    })
    const outcome = await asker.ask(api => api.labels(labels, paper.value, onProgress))
    if (mine !== round) return
    progress.value = null
    if (outcome.kind === 'answered') downloadBlob('swatch-labels.pdf', outcome.value)
    if (outcome.kind === 'failed') fault.value = outcome.fault
  }
  function stop(): void {
    round += 1
    progress.value = null
    asker.stop()
  }
  onScopeDispose(() => {
    round += 1
  })
  return { progress, fault, save, stop }
}
