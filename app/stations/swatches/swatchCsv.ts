import { swatchOf } from './swatchRow'
import Papa from 'papaparse'
import { swatchFields } from '#shared/inputs'
import type { PairingTables } from '#shared/inputs'
import type { Swatch } from '#shared/records'
import { type CsvReading, readCsv, safeCell } from '~/utils/csv'

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

/** The heads a CSV of swatches cannot do without. */
export const NEEDED = ['name', 'goal', 'tension'] as const
const ID = /^[\w-]{1,64}$/

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
): CsvReading<Swatch> {
  return readCsv(file, {
    most: MOST_SWATCH_CSV,
    existing: tables.swatches,
    contentOf: swatch => JSON.stringify(swatch),
    headingProblem: headers => {
      const missing = NEEDED.find(needed => !headers.includes(needed))
      return missing === undefined ? null : `Column “${missing}” is missing: every swatch needs it.`
    },
    recordOf: cell => {
      const id = cell('id') ?? ''
      const old = tables.swatches.get(id)
      return swatchOf({ cell, old, tables }, old?.id ?? (ID.test(id) ? id : newId()), now)
    },
  })
}
