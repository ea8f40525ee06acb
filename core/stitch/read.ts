import type { Refusal, Result } from '#core/errors'
import { parseDecimal } from '#core/units'
import type { Drop } from './landing'

export type DropsReading = Result<{ readonly drops: readonly Drop[] }, Refusal>

/** More drops than any machine's memory for one pattern. */
const MOST_DROPS = 2000
/** Wider or longer than any hoopless pattern, in mm. */
const FARTHEST_MM = 500

/**
 * Reads the rows of a CSV with the columns `x_mm,y_mm`.
 *
 * @param rows - cells as text, the first row being the header.
 * @returns The drops in mm, or the message that names row, column and mend.
 *
 * @example
 * parseDropsCsvRows([['x_mm', 'y_mm'], ['0', '0'], ['2', '1']])
 */
export function parseDropsCsvRows(rows: readonly (readonly string[])[]): DropsReading {
  const header = (rows[0] ?? []).map(cell => cell.trim().toLowerCase())
  const xColumn = header.indexOf('x_mm')
  const yColumn = header.indexOf('y_mm')
  if (xColumn < 0 || yColumn < 0) return refuse('The first row must name the columns x_mm and y_mm.')
  const drops: Drop[] = []
  for (const [index, row] of rows.entries()) {
    if (index === 0 || row.every(cell => cell.trim() === '')) continue
    for (const [name, column] of [
      ['x_mm', xColumn],
      ['y_mm', yColumn],
    ] as const) {
      const problem = badNumber(row[column] ?? '')
      if (problem) return refuse(`Row ${index + 1}, column ${name}: ${problem}`)
    }
    drops.push({ xMm: toNumber(row[xColumn]!), yMm: toNumber(row[yColumn]!) })
  }
  return checked(drops)
}

/**
 * Reads the `points` of an SVG polyline: pairs of numbers, y growing along the seam.
 *
 * @param points - the attribute's text.
 * @param mmPerUnit - millimetres in one drawing unit.
 *
 * @example
 * parsePolylinePoints('0,0 2,1', 1).drops // [{ xMm: 0, yMm: 0 }, { xMm: 2, yMm: 1 }]
 */
export function parsePolylinePoints(points: string, mmPerUnit: number): DropsReading {
  if (!(mmPerUnit > 0) || !Number.isFinite(mmPerUnit))
    return refuse('The drawing’s scale is not a positive number.')
  const cells = points
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean)
  if (cells.length % 2 === 1) return refuse('The polyline has an x without its y: points come in pairs.')
  const drops: Drop[] = []
  for (let i = 0; i < cells.length; i += 2) {
    const x = Number(cells[i]) * mmPerUnit
    const y = Number(cells[i + 1]) * mmPerUnit
    if (!Number.isFinite(x) || !Number.isFinite(y))
      return refuse(`Point ${i / 2 + 1} of the polyline is not a pair of numbers.`)
    if (Math.abs(x) > FARTHEST_MM || Math.abs(y) > FARTHEST_MM)
      return refuse(`Point ${i / 2 + 1} lies more than ${FARTHEST_MM} mm out: check the drawing’s scale.`)
    drops.push({ xMm: x, yMm: y })
  }
  return checked(drops)
}

function toNumber(cell: string): number {
  return parseDecimal(cell)
}

function badNumber(cell: string): string | null {
  const value = toNumber(cell)
  if (cell.trim() === '' || !Number.isFinite(value))
    return `“${cell.trim().slice(0, 40)}” is not a number of millimetres.`
  return Math.abs(value) > FARTHEST_MM
    ? `${value} is more than ${FARTHEST_MM} mm out: are these millimetres?`
    : null
}

function checked(drops: Drop[]): DropsReading {
  if (drops.length === 0) return refuse('The file has no needle position. Give at least one pair of x and y.')
  if (drops.length > MOST_DROPS)
    return refuse(`${drops.length} drops are more than ${MOST_DROPS}: give one repeat only.`)
  return { ok: true, drops }
}

function refuse(message: string): DropsReading {
  return { ok: false, message }
}
