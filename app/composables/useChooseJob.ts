import { type JobId, JOBS } from '#core/job'
import { isJobOfPlan } from '#shared/inputs'
import { foretellFrom, freshSetup, type Setting, type Settled, setUpFor } from '#shared/job'
import type { SetupContent } from '#shared/setup'

/** A setup for a job, made of another: the one in hand unless it is said; nothing is changed. */
export function useSetUpFor() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()
  const place = useWorkplace()

  return (job: JobId, setup: SetupContent = inHand.setup): Settled => {
    const foretell = foretellFrom(book.shelf.swatches, settings.record)
    return setUpFor(job, setup, place.value, foretell)
  }
}

/** What a job is chosen for: the piece in hand, or one that is begun beside it. */
export type JobFor = 'this' | 'new'

/** Sets a piece up for a job in one step of undo. */
export function useChooseJob() {
  const inHand = useInHandStore()
  const setUp = useSetUpFor()
  /** @returns What it set, and what stayed as it was or is not owned. */
  return (job: JobId, piece: JobFor = 'this'): readonly Setting[] => {
    const settled = setUp(job, piece === 'new' ? freshSetup(inHand.setup, job) : inHand.setup)
    const label = `Set up for ${JOBS[job].name.toLowerCase()}`
    const isPlanned = isJobOfPlan(job, inHand.piece.plan.kind)
    if (piece === 'new') inHand.show({ plan: { kind: 'seam' }, setup: settled.setup })
    if (piece === 'this' && isPlanned) inHand.update(label, settled.setup)
    else void inHand.change(label, { plan: { kind: 'seam' }, setup: settled.setup })
    return settled.settings
  }
}
