import { swatchOf } from './swatchRow'
import { type Cell, RowProblem } from './swatchColumns'
import Papa from 'papaparse'
import { swatchFields } from '#shared/inputs'
import type { PairingTables } from '#shared/inputs'
import type { Swatch } from '#shared/records'
import { plainCell, safeCell } from '~/utils/csvCell'
import type { CsvPreview, CsvReading } from '~/stations/workbox/workboxCsv'

/** Larger files are refused before they are read, in characters. */
export const MOST_SWATCH_CSV = 20_000_000

/** Swatches as CSV: id and name, then every field as it is shown, lengths in mm. */
export function writeSwatchCsv(swatches: readonly Swatch[]): string {
  const [first] = swatches
  return Papa.unparse([
    ['id', 'name', ...(first ? swatchFields(first).map(({ id }) => id) : [])],
    ...swatches.map(swatch => [
      swatch.id,
      safeCell(swatch.name),
      ...swatchFields(swatch).map(({ value }) => safeCell(value)),
    ]),
  ])
}

export type SwatchCsvPreview = CsvPreview<Swatch>
export type SwatchCsvReading = CsvReading<Swatch>

/**
 * Reads swatches from a CSV of ours, or one typed by hand; writes nothing. Parts are found by name in the
 * workbox; a known id changes that swatch, and what its row does not say stays as it was. A new one that does
 * not say where its number comes from is a guess.
 *
 * @param tables - what is in the book now.
 * @param now - for rows without a day.
 */
export function readSwatchCsv(
  file: string,
  tables: PairingTables & { readonly swatches: ReadonlyMap<string, Swatch> },
  newId: () => string,
  now: string,
): SwatchCsvReading {
  if (file.length > MOST_SWATCH_CSV)
    return { ok: false, message: `The file is larger than ${MOST_SWATCH_CSV / 1e6} MB: split it.` }
  const { data } = Papa.parse<string[]>(file.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [heading, ...rows] = data
  const headers = heading?.map(header => header.trim()) ?? []
  for (const needed of ['name', 'goal', 'tension'])
    if (!headers.includes(needed))
      return { ok: false, message: `Column “${needed}” is missing: every swatch needs it.` }
  const added: Swatch[] = []
  const changed: Swatch[] = []
  const refused: { row: number; name: string; message: string }[] = []
  let same = 0
  const taken = new Set<string>()
  for (const [index, row] of rows.entries()) {
    const cell: Cell = header =>
      headers.includes(header) ? plainCell((row[headers.indexOf(header)] ?? '').trim()) : undefined
    const place = { row: index + 2, name: cell('name')!.slice(0, 40) }
    try {
      if (row.length !== headers.length)
        throw new RowProblem(`has ${row.length} cells, the heading ${headers.length}`)
      const id = cell('id') ?? ''
      const old = tables.swatches.get(id)
      const fresh = /^[\w-]{1,64}$/.test(id) ? id : newId()
      const record = swatchOf({ cell, old, tables }, old?.id ?? fresh, now)
      if (taken.has(record.id))
        throw new RowProblem(`id: ${record.id} stands in the file twice; the first is taken`)
      taken.add(record.id)
      if (!old) added.push(record)
      else if (JSON.stringify(old) === JSON.stringify(record)) same++
      else changed.push(record)
    } catch (problem) {
      if (!(problem instanceof RowProblem)) throw problem
      refused.push({ ...place, message: problem.message })
    }
  }
  return { ok: true, preview: { added, changed, same, refused } }
}
