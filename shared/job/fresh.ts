import { type JobId, JOBS } from '#core/job'
import type { SetupContent } from '../setup'

/**
 * What a piece that is begun takes from the one before it. For another job a twin's second thread is asked
 * for anew where it was another than the first: it was chosen for that job. Tucks are raised from one layer.
 */
export function freshSetup(setup: SetupContent, job: JobId): SetupContent {
  if (job === setup.job) return setup
  const { left, middle, right } = setup.threadIds
  const asLeft = (id: string | null) => (id === left ? id : null)
  const layers = JOBS[job].layers ?? setup.layers
  return { ...setup, layers, threadIds: { left, middle: asLeft(middle), right: asLeft(right) } }
}
