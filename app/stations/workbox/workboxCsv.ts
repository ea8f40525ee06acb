import { parseDecimal } from '#core/units'
import Papa from 'papaparse'
import { UNKNOWN_THREAD, UNKNOWN_MACHINE, UNKNOWN_CLOTH, FRESH_NEEDLE, TABLES } from '#shared/records'
import { issueLine } from '#shared/fields'
import { plainCell, safeCell } from '~/utils/csvCell'
import { yesNoText } from '~/utils/yesNo'
import type { Owned, WorkboxTableName } from './workboxTables'

/** One column of a table's CSV: how a record is written into a cell, and a cell read back. */
interface CsvColumn {
  readonly header: string
  readonly write: (record: Draft) => unknown
  readonly read: (cell: string, draft: Draft) => void
}
type Draft = Record<string, unknown>

const text = (field: string, header = field): CsvColumn => ({
  header,
  write: record => record[field],
  read: (cell, draft) => {
    draft[field] = cell
  },
})
/** Empty is null: not known. */
const maybe = (field: string, header = field): CsvColumn => ({
  ...text(field, header),
  read: (cell, draft) => {
    draft[field] = cell === '' ? null : cell
  },
})
const number = (field: string, header = field): CsvColumn => ({
  ...text(field, header),
  read: (cell, draft) => {
    draft[field] = numberIn(cell)
  },
})
/** Empty is none yet. */
const count = (field: string, header: string): CsvColumn => ({
  ...text(field, header),
  read: (cell, draft) => {
    draft[field] = numberIn(cell) ?? 0
  },
})
const yesNo = (field: string, header = field): CsvColumn => ({
  header,
  write: record => yesNoText(record[field] as boolean | null),
  read: (cell, draft) => {
    draft[field] = cell === '' ? null : (YES_NO[cell.toLowerCase()] ?? cell)
  },
})
const YES_NO: Readonly<Record<string, boolean>> = { yes: true, no: false, true: true, false: false }
const numberIn = (cell: string) => (cell === '' ? null : parseDecimal(cell))

const seen = (what: string): CsvColumn => ({
  header: `seen_${what}`,
  write: record => ((record.seen as Draft)[what] ? 'yes' : 'no'),
  read: (cell, draft) => {
    draft.seen = {
      ...(draft.seen as Draft),
      [what]: cell === '' ? false : (YES_NO[cell.toLowerCase()] ?? cell),
    }
  },
})
/** `#1f4e6b 35; #b9d6cf 25`: colours in order with their run along the thread in mm. */
const colours: CsvColumn = {
  header: 'colours',
  write: record =>
    (record.colours as { hex: string; runMm: number }[])
      .map(({ hex, runMm }) => `${hex} ${runMm}`)
      .join('; '),
  read: (cell, draft) => {
    if (cell !== '')
      draft.colours = cell
        .split(';')
        .map(part => part.trim().split(/\s+/))
        .map(([hex, run]) => ({ hex, runMm: run === undefined ? PLAIN_RUN_MM : Number(run) }))
  },
}
const twinMode: readonly CsvColumn[] = [
  {
    header: 'twin_mode',
    write: record => (record.twinMode as Draft).kind,
    read: (cell, draft) => {
      draft.twinMode = { kind: cell === '' ? 'none' : cell }
    },
  },
  {
    header: 'assumed_gap_mm',
    write: record => (record.twinMode as Draft).assumedGapMm ?? '',
    read: (cell, draft) => {
      if (cell !== '') draft.twinMode = { ...(draft.twinMode as Draft), assumedGapMm: numberIn(cell) }
    },
  },
]
const dial = (end: 'min' | 'home' | 'max'): CsvColumn => ({
  header: `tension_${end}`,
  write: record => (record.tensionDial as Draft | null)?.[end] ?? '',
  read: (cell, draft) => {
    if (cell !== '') draft.tensionDial = { ...(draft.tensionDial as Draft), [end]: numberIn(cell) }
  },
})
const PLAIN_RUN_MM = 1000
const PLAIN_COLOURS = [{ hex: '#8a7e7d', runMm: PLAIN_RUN_MM }]

/** What a row starts from before its cells are read: what a file leaves out is not known. */
const BLANK: Readonly<Record<WorkboxTableName, Draft>> = {
  needles: { ...FRESH_NEEDLE, construction: 'single', gapMm: 0, type: 'universal' },
  threads: { ...UNKNOWN_THREAD, colours: PLAIN_COLOURS },
  bobbins: { threadId: null, woundM: null, holdsM: null, outerMm: null, coreMm: null, wideMm: null },
  cloths: { ...UNKNOWN_CLOTH, hex: '#eadfcb' },
  stabilizers: {},
  feet: { kind: 'zigzag', slotMm: null, sole: 'flat', singleHole: false },
  plates: { slotMm: null, singleHole: false },
  machines: { ...UNKNOWN_MACHINE },
}
const COLUMNS: Readonly<Record<WorkboxTableName, readonly CsvColumn[]>> = {
  needles: [
    text('construction'),
    number('gapMm', 'gap_mm'),
    number('sizeNm', 'size_nm'),
    text('type'),
    number('count'),
    text('state'),
    number('hoursSewn', 'hours_sewn'),
    count('blocksSewn', 'blocks_sewn'),
    seen('metallic'),
    seen('fusible'),
    seen('pearl'),
  ],
  threads: [
    text('name'),
    text('kind'),
    text('label'),
    number('tex'),
    maybe('texBasis', 'tex_basis'),
    number('diameterMm', 'diameter_mm'),
    number('metresLeft', 'metres_left'),
    maybe('form'),
    maybe('unwinds'),
    colours,
  ],
  bobbins: [
    text('name'),
    maybe('threadId', 'thread_id'),
    number('woundM', 'wound_m'),
    number('holdsM', 'holds_m'),
    number('outerMm', 'outer_mm'),
    number('coreMm', 'core_mm'),
    number('wideMm', 'wide_mm'),
  ],
  cloths: [
    text('name'),
    number('thicknessMm', 'thickness_mm'),
    text('hex'),
    maybe('structure'),
    maybe('weight'),
  ],
  stabilizers: [text('name'), text('kind')],
  feet: [
    text('name'),
    text('kind'),
    number('slotMm', 'opening_mm'),
    text('sole'),
    yesNo('singleHole', 'single_hole'),
  ],
  plates: [text('name'), number('slotMm', 'opening_mm'), yesNo('singleHole', 'single_hole')],
  machines: [
    text('name'),
    number('maxWidthMm', 'widest_mm'),
    ...twinMode,
    yesNo('forgetsTwinMode', 'forgets_twin_mode'),
    number('needlePositions', 'needle_positions'),
    number('plateSlotMm', 'plate_opening_mm'),
    dial('min'),
    dial('home'),
    dial('max'),
    number('dialStep', 'tension_step'),
    yesNo('divider'),
    number('needleGuides', 'needle_guides'),
    number('spoolPins', 'spool_pins'),
    yesNo('stand'),
    yesNo('cup'),
    yesNo('threader'),
    yesNo('cutter'),
    yesNo('lock'),
    maybe('hook'),
    yesNo('sealed'),
  ],
}
const ID: CsvColumn = text('id')
/** Cells that must be there: everything else may be left out. */
const NEEDED: Readonly<Record<WorkboxTableName, string>> = {
  needles: 'size_nm',
  threads: 'name',
  bobbins: 'name',
  cloths: 'name',
  stabilizers: 'name',
  feet: 'name',
  plates: 'name',
  machines: 'name',
}

/** Larger files are refused before they are read, in characters. */
export const MOST_CSV = 5_000_000

/** A table as CSV, lengths in mm; a cell a spreadsheet would run as a formula is made plain. */
export function writeTableCsv(table: WorkboxTableName, records: readonly Owned[]): string {
  const columns = [ID, ...COLUMNS[table]]
  const cell = (value: unknown) => (typeof value === 'string' ? safeCell(value) : String(value ?? ''))
  return Papa.unparse([
    columns.map(({ header }) => header),
    ...records.map(record => columns.map(({ write }) => cell(write(record as Draft)))),
  ])
}

/** What importing a CSV would do, before it does anything. */
export interface CsvPreview<T = Owned> {
  readonly added: readonly T[]
  readonly changed: readonly T[]
  readonly same: number
  /** Row as a spreadsheet counts it, the heading being row 1. */
  readonly refused: readonly { readonly row: number; readonly name: string; readonly message: string }[]
}
export type CsvReading<T = Owned> =
  { readonly ok: true; readonly preview: CsvPreview<T> } | { readonly ok: false; readonly message: string }

/**
 * Reads a table's CSV; writes nothing. Every row passes the table's schema or is refused by itself, with its
 * row, field and mend. A row with a known id changes that record; one that says the same as another is a
 * duplicate.
 *
 * @param existing - what is in the workbox now.
 * @param threadIds - threads a bobbin may hold.
 * @param newId - makes an id for a row without one.
 */
export function readTableCsv(
  table: WorkboxTableName,
  file: string,
  existing: ReadonlyMap<string, Owned>,
  threadIds: ReadonlySet<string>,
  newId: () => string,
): CsvReading {
  if (file.length > MOST_CSV)
    return { ok: false, message: `The file is larger than ${MOST_CSV / 1e6} MB: split it.` }
  const { data } = Papa.parse<string[]>(file.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [heading, ...rows] = data
  const known = [ID, ...COLUMNS[table]]
  const headers = heading?.map(header => header.trim().toLowerCase()) ?? []
  const strange = headers.find(header => !known.some(column => column.header === header))
  if (headers.length === 0)
    return {
      ok: false,
      message: `The file is empty: its first row must name columns, such as ${known
        .slice(1, 4)
        .map(({ header }) => header)
        .join(', ')}.`,
    }
  if (strange !== undefined)
    return {
      ok: false,
      message:
        `Column “${strange.slice(0, 40)}” is not known. Columns are: `
        + `${known.map(({ header }) => header).join(', ')}.`,
    }
  if (!headers.includes(NEEDED[table]))
    return { ok: false, message: `Column “${NEEDED[table]}” is missing: every row needs it.` }

  const added: Owned[] = []
  const changed: Owned[] = []
  const refused: { row: number; name: string; message: string }[] = []
  let same = 0
  const content = (record: Owned) =>
    JSON.stringify(
      Object.entries(record)
        .filter(([key]) => key !== 'id')
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    )
  const seenRows = new Map<string, string>([...existing.values()].map(record => [content(record), record.id]))
  const takenIds = new Set<string>()
  for (const [index, row] of rows.entries()) {
    const place = { row: index + 2, name: (row[Math.max(0, headers.indexOf('name'))] ?? '').slice(0, 40) }
    const refuse = (message: string) => refused.push({ ...place, message })
    if (row.length !== headers.length) {
      refuse(`has ${row.length} cells, the heading ${headers.length}`)
      continue
    }
    const draft: Draft = structuredClone(BLANK[table])
    for (const column of known) {
      const at = headers.indexOf(column.header)
      if (at >= 0) column.read(plainCell(row[at]!.trim()), draft)
    }
    const id = draft.id === undefined || draft.id === '' ? newId() : draft.id
    const parsed = TABLES[table].schema.safeParse({ ...draft, id })
    if (!parsed.success) {
      refuse(issueLine(parsed.error))
      continue
    }
    const record = parsed.data as Owned
    const twin = seenRows.get(content(record))
    const old = existing.get(record.id)
    if (takenIds.has(record.id)) refuse(`id: ${record.id} stands in the file twice; the first is taken`)
    else if (old && content(old) === content(record)) same++
    else if (twin !== undefined && twin !== record.id)
      refuse('says the same as another one: leave it out, or raise the count')
    else if ('threadId' in record && record.threadId !== null && !threadIds.has(record.threadId))
      refuse(`thread_id: ${record.threadId} is not a thread in the workbox`)
    else (old ? changed : added).push(record)
    takenIds.add(record.id)
    seenRows.set(content(record), record.id)
  }
  return { ok: true, preview: { added, changed, same, refused } }
}
