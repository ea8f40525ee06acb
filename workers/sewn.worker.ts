import { expose } from 'comlink'
import { type BuildUp, layThread, lengthThatCuresMm } from '#core/buildup'
import { CoreError, type CoreErrorData } from '#core/errors'
import { rightSide, type SewnInput, type SewnPicture, underSide } from '#core/sewn'

export interface SewnView {
  readonly right: SewnPicture
  readonly under: SewnPicture
  readonly buildUp: BuildUp
  /** The shortest length that is not muddy; null when it is not muddy or nothing helps. */
  readonly cureLengthMm: number | null
}

export type SewnReply =
  { readonly ok: true; readonly view: SewnView } | { readonly ok: false; readonly error: CoreErrorData }

/** A stitch small, for choosing among many. */
export type PreviewReply =
  | { readonly ok: true; readonly right: SewnPicture; readonly muddy: boolean }
  | { readonly ok: false; readonly error: CoreErrorData }

const api = {
  /** The right side alone, and whether rows that overlap turn muddy. */
  preview(input: SewnInput): PreviewReply {
    return asData(() => {
      const right = rightSide(input)
      return { ok: true, right, muddy: layThread(right, 2 * input.stitch.lengthMm).muddy }
    })
  },
  /** Both sides and the build-up of one seam. */
  sew(input: SewnInput): SewnReply {
    return asData(() => {
      const right = rightSide(input)
      const buildUp = layThread(right, 2 * input.stitch.lengthMm)
      return {
        ok: true,
        view: {
          right,
          under: underSide(input),
          buildUp,
          cureLengthMm: buildUp.muddy ? lengthThatCuresMm(input) : null,
        },
      }
    })
  },
}
export type SewnApi = typeof api

/** Errors of the core come back as data: exceptions lose their code on the way. */
function asData<T>(work: () => T): T | { readonly ok: false; readonly error: CoreErrorData } {
  try {
    return work()
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, error: error.toData() }
    throw error
  }
}

expose(api)
