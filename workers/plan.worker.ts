import { expose } from 'comlink'
import { bandBuildUp, type BandChoice, fillBand, type PicturedRow, type Stack } from '#core/band'
import { CoreError, type CoreErrorData } from '#core/errors'
import { type Font, readFont } from '#core/shape'
import {
  answerForEdge,
  answerForLines,
  type EdgeAnswer,
  type EdgeInput,
  edgeWork,
  type FontId,
  type LinesAnswer,
  type LinesInput,
  linesWork,
  type PieceWork,
} from '#shared/inputs'

export type PlannedReply<T> =
  { readonly ok: true; readonly answer: T } | { readonly ok: false; readonly error: CoreErrorData }

export interface BuildUpInput {
  readonly rows: readonly PicturedRow[]
  readonly under: boolean
}
export interface FillInput {
  readonly bandMm: number
  readonly choices: readonly BandChoice[]
  readonly overlapMm: number
  readonly toleranceMm: number
  readonly mostRows: number
}

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
  /** What an edge asks of hands and machine. */
  edgeWork(input: EdgeInput, copies: number): PlannedReply<PieceWork> {
    return asData(() =>
      edgeWork(
        input.plan,
        answerForEdge(input, id => fonts.get(id) ?? null),
        copies,
      ),
    )
  },
  /** What a drawing of lines asks of them. */
  linesWork(input: LinesInput, copies: number): PlannedReply<PieceWork> {
    return asData(() => linesWork(answerForLines(input), copies))
  },
  /** How thread lies on thread in a band. */
  buildUp({ rows, under }: BuildUpInput): PlannedReply<ReturnType<typeof bandBuildUp>> {
    return asData(() => bandBuildUp(rows, under))
  },
  /** All symmetric stacks of a band. */
  fill({ bandMm, choices, overlapMm, toleranceMm, mostRows }: FillInput): PlannedReply<Stack[]> {
    return asData(() => fillBand(bandMm, choices, overlapMm, toleranceMm, mostRows))
  },
}
export type PlanApi = typeof api

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
