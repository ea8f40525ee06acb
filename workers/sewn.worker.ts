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

const api = {
  /**
   * Both sides and the build-up of one seam. Errors come back as data: exceptions lose their code on the way.
   */
  sew(input: SewnInput): SewnReply {
    try {
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
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, error: error.toData() }
      throw error
    }
  },
}
export type SewnApi = typeof api

expose(api)
