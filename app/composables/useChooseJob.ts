import { type JobId, JOBS } from '#core/job'
import { predictOffset } from '#core/swatch'
import { lessonsOf } from '#shared/inputs'
import { type Foretell, type Setting, type Settled, setUpFor } from '#shared/job'

/** A setup for a job, made of what is on the bench; nothing is changed. */
export function useSetUpFor() {
  const book = useBookStore()
  const bench = useBenchStore()
  const settings = useSettingsStore()
  const place = useWorkplace()

  return (job: JobId): Settled => {
    const { id: _, ...setup } = bench.setup
    const { records } = lessonsOf(book.shelf.swatches.values(), settings.record)
    const foretell: Foretell = (wanted, ruleShare) => {
      const told = predictOffset(records, wanted, ruleShare)
      return told && { share: told.share, of: told.leansOn.length }
    }
    return setUpFor(job, setup, place.value, foretell)
  }
}

/** Sets the bench up for a job in one step of undo. */
export function useChooseJob() {
  const bench = useBenchStore()
  const setUp = useSetUpFor()
  /** @returns What it set, and what stayed as it was or is not owned. */
  return (job: JobId): readonly Setting[] => {
    const settled = setUp(job)
    bench.update(`Set up for ${JOBS[job].name.toLowerCase()}`, settled.setup)
    return settled.settings
  }
}
