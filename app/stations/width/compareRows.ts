import { compareSwing, type Verdict } from '#core/swing'
import { type SetupParts, swingInputOf } from '#shared/inputs'
import type { Settings } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { safeCell } from '~/utils/csv'

/** One line of a comparison: the same stitch with another needle or on another machine. */
export interface CompareRow {
  readonly id: string
  readonly name: string
  readonly hint: string
  readonly gapMm: number
  readonly verdict: Verdict
  readonly safeWidthMm: number | null
  readonly limitWidthMm: number | null
  readonly overlapAtSafeMm: number | null
  readonly interlacedAtSafe: number | null
  readonly binding: string
}

/** Judges one variant of the piece in hand; null while something is missing. */
export function compareRow(
  setup: SetupContent,
  parts: SetupParts,
  settings: Settings,
  name: string,
  hint: string,
  id: string,
): CompareRow | null {
  const input = swingInputOf(setup, parts, settings)
  if (!input) return null
  const { now, atSafe } = compareSwing(input)
  return {
    id,
    name,
    hint,
    gapMm: input.needle.gapMm,
    verdict: now.verdict,
    safeWidthMm: now.safeWidthMm,
    limitWidthMm: now.limitWidthMm,
    overlapAtSafeMm: atSafe?.overlapMm ?? null,
    interlacedAtSafe: atSafe?.interlacedShare ?? null,
    binding: now.binding,
  }
}

/** Every row as cells for a CSV, lengths in mm whatever is shown. */
export function compareCsvRows(kind: string, rows: readonly CompareRow[]): string[][] {
  const cell = (value: number | null) => (value === null ? '' : String(Math.round(value * 1000) / 1000))
  return rows.map(row => [
    kind,
    safeCell(row.name),
    safeCell(row.hint),
    cell(row.gapMm),
    row.verdict,
    cell(row.safeWidthMm),
    cell(row.limitWidthMm),
    cell(row.overlapAtSafeMm),
    cell(row.interlacedAtSafe),
    row.binding,
  ])
}
export const COMPARE_CSV_HEADER = [
  'compared',
  'name',
  'detail',
  'gap_mm',
  'verdict_now',
  'safe_width_mm',
  'limit_width_mm',
  'overlap_at_safe_mm',
  'interlaced_at_safe',
  'tightest',
]
