import { coverJobs, type Coverage, type TwinCandidate, type TwinJob } from '#core/coverage'
import { type Reply, replyOf, serve } from './serve'

const api = {
  /** The smallest set of twins. */
  cover(
    candidates: readonly TwinCandidate[],
    jobs: readonly TwinJob[],
    maxWidthsMm: readonly number[],
    marginMm: number,
  ): Reply<Coverage> {
    return replyOf(() => coverJobs(candidates, jobs, maxWidthsMm, marginMm))
  },
}
export type CoverageApi = typeof api

serve(api)
