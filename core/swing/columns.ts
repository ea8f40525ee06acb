import { machineLength } from '#core/units'
import type { SwingResult } from './types'

/** Less than this between the columns does not show, in mm: under a thread's thickness. */
const EDGE_TO_EDGE_MM = 0.05

/** How the columns that several needles sew lie to each other. */
export type Columns =
  | { readonly kind: 'one' }
  | { readonly kind: 'edge-to-edge'; readonly spanMm: number }
  | { readonly kind: 'lane'; readonly laneMm: number }
  | {
      readonly kind: 'overlap'
      readonly overlapMm: number
      readonly spanMm: number
      /** 0 to 1, of a column's width. */
      readonly interlacedShare: number
    }

/**
 * How the columns lie beside or over each other.
 *
 * @example
 * columnsOf(judgeSwing(zigzag6UnderTwin4)) // { kind: 'overlap', overlapMm: 2, spanMm: 10, … }
 */
export function columnsOf({
  overlapMm,
  spanMm,
  interlacedShare,
}: Pick<SwingResult, 'overlapMm' | 'spanMm' | 'interlacedShare'>): Columns {
  if (overlapMm === null) return { kind: 'one' }
  if (Math.abs(overlapMm) < EDGE_TO_EDGE_MM) return { kind: 'edge-to-edge', spanMm }
  if (overlapMm < 0) return { kind: 'lane', laneMm: -overlapMm }
  return { kind: 'overlap', overlapMm, spanMm, interlacedShare: interlacedShare ?? 0 }
}

/**
 * {@link columnsOf} in one sentence.
 *
 * @example
 * columnsInWords({ kind: 'lane', laneMm: 1.5 }) // 'A clear space of 1.5 mm between the rows.'
 */
export function columnsInWords(columns: Columns): string {
  const length = machineLength
  switch (columns.kind) {
    case 'one':
      return 'One row, one thread.'
    case 'edge-to-edge':
      return `The rows meet edge to edge, ${length(columns.spanMm)} wide in all.`
    case 'lane':
      return `A clear space of ${length(columns.laneMm)} between the rows.`
    case 'overlap': {
      const percent = Math.round(100 * columns.interlacedShare)
      const overlap = length(columns.overlapMm)
      return `Rows overlap ${overlap}, ${percent} % interlaced, ${length(columns.spanMm)} wide in all.`
    }
  }
}
