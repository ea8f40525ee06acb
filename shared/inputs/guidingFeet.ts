import { outerSpanMm } from '#core/needle'
import { guideAt } from '#core/topstitch'
import type { SetupContent } from '../setup'
import { guidesOf } from './pieces'
import { setupPartsOf, type SetupTables, gapOf } from './swing'

/** The row a piece of topstitching is begun with: its distance from the edge. Common practice. */
export const USUAL_ROW_MM = 6

/**
 * The feet one owns that guide a row at this distance from the edge, the needle moved as far as it must be.
 *
 * @returns Their ids, those with the least move first; empty while machine or needle are missing.
 */
export function feetGuiding(setup: SetupContent, tables: SetupTables, rowMm: number): readonly string[] {
  const { machine, needle } = setupPartsOf(setup, tables)
  if (!machine || !needle) return []
  const { construction, sizeNm } = needle
  const spanMm = outerSpanMm({ construction, sizeNm, gapMm: gapOf(needle) })
  const { maxWidthMm: machineMaxMm, needlePositions: steps } = machine
  const stepMm = steps && steps > 1 ? machineMaxMm / (steps - 1) : null
  const reached = guidesOf(tables.feet.values(), needle)
    .map(guide => ({
      footId: guide.footId,
      ...guideAt(guide, { barMm: rowMm + spanMm / 2, spanMm, machineMaxMm, stepMm }),
    }))
    .filter(({ reachable }) => reachable)
    .sort((a, b) => Math.abs(a.positionMm) - Math.abs(b.positionMm))
  return [...new Set(reached.map(({ footId }) => footId))]
}
