import Papa from 'papaparse'
import { NEEDED } from '~/stations/swatches/swatchCsv'
import { csvHeadsOf } from '~/stations/workbox/workboxCsv'
import { WORKBOX_TABLES, type WorkboxTableName } from '~/stations/workbox/workboxTables'

/** Of a table's heads so many must be there before a file counts as one of it. */
const LEAST_SHARE = 0.5
const DROPS = ['x_mm', 'y_mm'] as const

/**
 * What a CSV holds, by its heading: the table most of whose heads it has, swatches, or the drops of a stitch.
 * Null: none of ours.
 *
 * @param text - its beginning, the heading at least.
 */
export function tableOfCsv(text: string): WorkboxTableName | 'swatches' | 'stitch' | null {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { preview: 1 })
  const heads = new Set(data[0]?.map(head => head.trim().toLowerCase()))
  if (NEEDED.every(head => heads.has(head))) return 'swatches'
  if (DROPS.every(head => heads.has(head))) return 'stitch'
  // Of two that are there whole, the one with more heads: some tables begin like others.
  const [best] = WORKBOX_TABLES.map(table => ({ table, ...foundOf(csvHeadsOf(table), heads) })).sort(
    (a, b) => b.share - a.share || b.count - a.count,
  )
  return best && best.share >= LEAST_SHARE ? best.table : null
}

function foundOf(wanted: readonly string[], heads: ReadonlySet<string>) {
  const count = wanted.filter(head => heads.has(head)).length
  return { count, share: count / wanted.length }
}
