import { expose } from 'comlink'
import { CoreError, type CoreErrorData } from '#core/errors'
import { type Font, readFont } from '#core/shape'
import {
  answerForEdge,
  answerForLines,
  type EdgeAnswer,
  type EdgeInput,
  type FontId,
  type LinesAnswer,
  type LinesInput,
} from '#shared/inputs'

export type PlannedReply<T> =
  { readonly ok: true; readonly answer: T } | { readonly ok: false; readonly error: CoreErrorData }

/** Fonts that ship with the app, read once each. */
const fonts = new Map<FontId, Font>()

const api = {
  /** Reads a font; letters need it before they can be planned. */
  takeFont(id: FontId, bytes: ArrayBuffer): void {
    fonts.set(id, readFont(bytes))
  },
  /** Stitches along the edges of an appliqué. */
  edge(input: EdgeInput): PlannedReply<EdgeAnswer> {
    return asData(() => answerForEdge(input, id => fonts.get(id) ?? null))
  },
  /** A drawing of lines. */
  lines(input: LinesInput): PlannedReply<LinesAnswer> {
    return asData(() => answerForLines(input))
  },
}
export type EdgeApi = typeof api

/** Errors of the core come back as data: exceptions lose their code on the way. */
function asData<T>(work: () => T): PlannedReply<T> {
  try {
    return { ok: true, answer: work() }
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, error: error.toData() }
    throw error
  }
}

expose(api)
