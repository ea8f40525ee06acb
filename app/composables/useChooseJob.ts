import { type JobId, JOBS } from '#core/job'
import { predictOffset } from '#core/swatch'
import { lessonsOf } from '#shared/inputs'
import { type Foretell, type Setting, setUpFor } from '#shared/job'

/** Sets the bench up for a job in one step of undo. */
export function useChooseJob() {
  const book = useBookStore()
  const bench = useBenchStore()
  const settings = useSettingsStore()
  const place = useWorkplace()

  /** @returns What it set, and what stayed as it was or is not owned. */
  return (job: JobId): readonly Setting[] => {
    const { id: _, ...setup } = bench.setup
    const { records } = lessonsOf(book.shelf.swatches.values(), settings.record)
    const foretell: Foretell = (wanted, ruleShare) => {
      const told = predictOffset(records, wanted, ruleShare)
      return told && { share: told.share, of: told.leansOn.length }
    }
    const settled = setUpFor(job, setup, place.value, foretell)
    bench.update(`Set up for ${JOBS[job].name.toLowerCase()}`, settled.setup)
    return settled.settings
  }
}
