import { type BuildUp, layThread, lengthThatCuresMm } from '#core/buildup'
import { rightSide, type SewnInput, type SewnPicture, underSide } from '#core/sewn'
import { type Reply, replyOf, serve } from './serve'

export interface SewnView {
  readonly right: SewnPicture
  readonly under: SewnPicture
  readonly buildUp: BuildUp
  /** The shortest length that is not muddy; null when it is not muddy or nothing helps. */
  readonly cureLengthMm: number | null
}

/** A stitch small, for choosing among many. */
export interface StitchPreview {
  readonly right: SewnPicture
  readonly muddy: boolean
}

const api = {
  /** The right side alone, and whether rows that overlap turn muddy. */
  preview(input: SewnInput): Reply<StitchPreview> {
    return replyOf(() => {
      const right = rightSide(input)
      return { right, muddy: layThread(right, 2 * input.stitch.lengthMm).muddy }
    })
  },
  /** Both sides and the build-up of one seam. */
  sew(input: SewnInput): Reply<SewnView> {
    return replyOf(() => {
      const right = rightSide(input)
      const buildUp = layThread(right, 2 * input.stitch.lengthMm)
      return {
        right,
        under: underSide(input),
        buildUp,
        cureLengthMm: buildUp.muddy ? lengthThatCuresMm(input) : null,
      }
    })
  },
}
export type SewnApi = typeof api

serve(api)
