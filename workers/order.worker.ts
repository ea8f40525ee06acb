import { type ChangeMinutes, type Needs, orderOfWork, type WorkOrder, type WorkPiece } from '#core/order'
import { type Reply, replyOf, serve } from './serve'

export interface OrderInput {
  readonly pieces: readonly WorkPiece[]
  readonly before: readonly (readonly [number, number])[]
  readonly start: Needs | null
  readonly minutes: ChangeMinutes
}

const api = {
  /** The order with the fewest minutes of changing; `onProgress` hears the share that is done. */
  best(
    { pieces, before, start, minutes }: OrderInput,
    onProgress: (share: number) => void,
  ): Reply<WorkOrder> {
    return replyOf(() => orderOfWork(pieces, before, start, minutes, onProgress))
  },
}
export type OrderApi = typeof api

serve(api)
