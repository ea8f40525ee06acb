import { expose } from 'comlink'
import { coverJobs, type Coverage, type TwinCandidate, type TwinJob } from '#core/coverage'
import { CoreError, type CoreErrorData } from '#core/errors'

export type CoverageReply =
  { readonly ok: true; readonly coverage: Coverage } | { readonly ok: false; readonly error: CoreErrorData }

const api = {
  /** The smallest set of twins. Errors come back as data: exceptions lose their code on the way. */
  cover(
    candidates: readonly TwinCandidate[],
    jobs: readonly TwinJob[],
    maxWidthsMm: readonly number[],
    marginMm: number,
  ): CoverageReply {
    try {
      return { ok: true, coverage: coverJobs(candidates, jobs, maxWidthsMm, marginMm) }
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, error: error.toData() }
      throw error
    }
  },
}
export type CoverageApi = typeof api

expose(api)
