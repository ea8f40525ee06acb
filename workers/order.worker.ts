import { expose } from 'comlink'
import { CoreError, type CoreErrorData } from '#core/errors'
import { type ChangeMinutes, type Needs, orderOfWork, type WorkOrder, type WorkPiece } from '#core/order'

export type OrderReply =
  { readonly ok: true; readonly order: WorkOrder } | { readonly ok: false; readonly error: CoreErrorData }

export interface OrderInput {
  readonly pieces: readonly WorkPiece[]
  readonly before: readonly (readonly [number, number])[]
  readonly start: Needs | null
  readonly minutes: ChangeMinutes
}

const api = {
  /** The order with the fewest minutes of changing; `onProgress` hears the share that is done. */
  best({ pieces, before, start, minutes }: OrderInput, onProgress: (share: number) => void): OrderReply {
    try {
      return { ok: true, order: orderOfWork(pieces, before, start, minutes, onProgress) }
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, error: error.toData() }
      throw error
    }
  },
}
export type OrderApi = typeof api

expose(api)
