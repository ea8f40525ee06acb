import { bandBuildUp, type BandChoice, type BandStacks, bestStacks, type PicturedRow } from '#core/band'
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
import { type Reply, replyOf, serve } from './serve'

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
  /** How many of them are told. */
  readonly most: number
}

/** Fonts that ship with the app, read once each. */
const fonts = new Map<FontId, Font>()

const api = {
  /** Reads a font; letters need it before they can be planned. */
  takeFont(id: FontId, bytes: ArrayBuffer): void {
    fonts.set(id, readFont(bytes))
  },
  /** Stitches along the edges of an appliqué. */
  edge(input: EdgeInput): Reply<EdgeAnswer> {
    return replyOf(() => answerForEdge(input, id => fonts.get(id) ?? null))
  },
  /** A drawing of lines. */
  lines(input: LinesInput): Reply<LinesAnswer> {
    return replyOf(() => answerForLines(input))
  },
  /** What an edge asks of hands and machine. */
  edgeWork(input: EdgeInput, copies: number): Reply<PieceWork> {
    return replyOf(() =>
      edgeWork(
        input.plan,
        answerForEdge(input, id => fonts.get(id) ?? null),
        copies,
      ),
    )
  },
  /** What a drawing of lines asks of them. */
  linesWork(input: LinesInput, copies: number): Reply<PieceWork> {
    return replyOf(() => linesWork(answerForLines(input), copies))
  },
  /** How thread lies on thread in a band. */
  buildUp({ rows, under }: BuildUpInput): Reply<ReturnType<typeof bandBuildUp>> {
    return replyOf(() => bandBuildUp(rows, under))
  },
  /** The best symmetric stacks of a band. */
  fill({ bandMm, choices, overlapMm, toleranceMm, mostRows, most }: FillInput): Reply<BandStacks> {
    return replyOf(() => bestStacks(bandMm, choices, overlapMm, toleranceMm, mostRows, most))
  },
}
export type PlanApi = typeof api

serve(api)
