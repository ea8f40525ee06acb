import { type JobId, JOBS } from '#core/job'
import { isJobOfPlan } from '#shared/inputs'
import { foretellFrom, freshSetup, type Setting, type Settled, setUpFor } from '#shared/job'
import type { SetupContent } from '#shared/setup'

/** A setup for a job, made of another: the one in hand unless it is said; nothing is changed. */
export function useSetUpFor() {
  const book = useBookStore()
  const bench = useBenchStore()
  const settings = useSettingsStore()
  const place = useWorkplace()

  return (job: JobId, setup: SetupContent = bench.setup): Settled => {
    const foretell = foretellFrom(book.shelf.swatches, settings.record)
    return setUpFor(job, setup, place.value, foretell)
  }
}

/** What a job is chosen for: the piece in hand, or one that is begun beside it. */
export type JobFor = 'this' | 'new'

/** Sets a piece up for a job in one step of undo. */
export function useChooseJob() {
  const bench = useBenchStore()
  const setUp = useSetUpFor()
  /** @returns What it set, and what stayed as it was or is not owned. */
  return (job: JobId, piece: JobFor = 'this'): readonly Setting[] => {
    const settled = setUp(job, piece === 'new' ? freshSetup(bench.setup, job) : bench.setup)
    const label = `Set up for ${JOBS[job].name.toLowerCase()}`
    const isPlanned = isJobOfPlan(job, bench.piece.plan.kind)
    if (piece === 'new') bench.show({ plan: { kind: 'seam' }, setup: settled.setup })
    if (piece === 'this' && isPlanned) bench.update(label, settled.setup)
    else void bench.change(label, { plan: { kind: 'seam' }, setup: settled.setup })
    return settled.settings
  }
}
