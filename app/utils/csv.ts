import Papa from 'papaparse'
import type { Refusal, Result } from '#core/errors'

/**
 * A cell that a spreadsheet would run as a formula is made plain text; one that already looks so made is
 * marked once more, so that the mark can be taken off again.
 */
export function safeCell(text: string): string {
  return /^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text
}

/**
 * The mark that {@link safeCell} puts before what looks like a formula is taken off again, so that text
 * round-trips.
 */
export function plainCell(cell: string): string {
  return /^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell
}

/** What importing a CSV would do, before it does anything. */
export interface CsvPreview<T> {
  readonly added: readonly T[]
  readonly changed: readonly T[]
  readonly same: number
  readonly refused: readonly RefusedRow[]
}
interface RefusedRow {
  /** As a spreadsheet counts it, the heading being row 1. */
  readonly row: number
  readonly name: string
  readonly message: string
}
export type CsvReading<T> = Result<{ readonly preview: CsvPreview<T> }, Refusal>

/** A cell of the row being read; undefined where the file has no such column. */
export type Cell = (header: string) => string | undefined

/** Why one row is refused, with its field and mend; the other rows go on. */
export class RowProblem extends Error {}

/** How the rows of one table are read. */
export interface CsvCodec<T extends { readonly id: string }> {
  /** Larger files are refused before they are read, in characters. */
  readonly most: number
  /** What is wrong with the heading; null: nothing. */
  readonly headingProblem: (headers: readonly string[]) => string | null
  /** @throws {RowProblem} */
  readonly recordOf: (cell: Cell) => T
  readonly existing: ReadonlyMap<string, T>
  /** Records of one content are the same, whatever their id. */
  readonly contentOf: (record: T) => string
  /** A last look at a new or changed record. @throws {RowProblem} */
  readonly check?: (record: T) => void
}

const MOST_SHOWN = 40

/**
 * Reads a CSV; writes nothing. Each row stands or falls by itself; of two with one id the first is taken.
 */
export function readCsv<T extends { readonly id: string }>(file: string, codec: CsvCodec<T>): CsvReading<T> {
  if (file.length > codec.most)
    return { ok: false, message: `The file is larger than ${codec.most / 1e6} MB: split it.` }
  const { data } = Papa.parse<string[]>(file.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [heading = [], ...rows] = data
  const headers = heading.map(header => header.trim().toLowerCase())
  const message = codec.headingProblem(headers)
  if (message !== null) return { ok: false, message }

  const kept = { added: [] as T[], changed: [] as T[], same: 0 }
  const refused: RefusedRow[] = []
  const taken = new Set<string>()
  for (const [index, row] of rows.entries()) {
    const cell: Cell = header => {
      const place = headers.indexOf(header.toLowerCase())
      return place < 0 ? undefined : plainCell((row[place] ?? '').trim())
    }
    try {
      if (row.length !== headers.length)
        throw new RowProblem(`has ${row.length} cells, the heading ${headers.length}`)
      sort(codec.recordOf(cell), codec, taken, kept)
    } catch (problem) {
      if (!(problem instanceof RowProblem)) throw problem
      const name = (cell('name') ?? row[0] ?? '').slice(0, MOST_SHOWN)
      refused.push({ row: index + 2, name, message: problem.message })
    }
  }
  return { ok: true, preview: { ...kept, refused } }
}

function sort<T extends { readonly id: string }>(
  record: T,
  { existing, contentOf, check }: CsvCodec<T>,
  taken: Set<string>,
  kept: { readonly added: T[]; readonly changed: T[]; same: number },
): void {
  if (taken.has(record.id))
    throw new RowProblem(`id: ${record.id} stands in the file twice; the first is taken`)
  taken.add(record.id)
  const old = existing.get(record.id)
  if (old && contentOf(old) === contentOf(record)) {
    kept.same++
    return
  }
  check?.(record)
  if (old) kept.changed.push(record)
  else kept.added.push(record)
}
