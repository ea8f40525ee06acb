import { parseDecimal } from '#core/units'
import Papa from 'papaparse'
import {
  UNKNOWN_THREAD,
  UNKNOWN_MACHINE,
  UNKNOWN_CLOTH,
  FRESH_NEEDLE,
  TABLES,
  UNKNOWN_FOOT,
  UNKNOWN_PLATE,
} from '#shared/records'
import { issueLine } from '#shared/fields'
import { type Cell, type CsvReading, readCsv, RowProblem, safeCell } from '~/utils/csv'
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
/** `slotMm 8.2 0.1 wedge`: a field, what was measured, its spread, and by what. */
const spreads: CsvColumn = {
  header: 'measured',
  write: record =>
    Object.entries(record.spreads as Record<string, { value: number; spread: number; way: string }>)
      .map(([field, { value, spread, way }]) => `${field} ${value} ${spread} ${way}`)
      .join('; '),
  read: (cell, draft) => {
    const said = cell.split(';').map(part => part.trim().split(/\s+/))
    draft.spreads = Object.fromEntries(
      said
        .filter(([field]) => field !== '')
        .map(([field, value, spread, way]) => [field, { value: Number(value), spread: Number(spread), way }]),
    )
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
const lengthDial = (part: 'minMm' | 'maxMm' | 'stepMm', header: string): CsvColumn => ({
  header,
  write: record => (record.lengthDial as Draft | null)?.[part] ?? '',
  read: (cell, draft) => {
    if (cell !== '') draft.lengthDial = { ...(draft.lengthDial as Draft), [part]: numberIn(cell) }
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
  feet: { ...UNKNOWN_FOOT },
  plates: { ...UNKNOWN_PLATE },
  machines: { ...UNKNOWN_MACHINE },
}
const COLUMNS: Readonly<Record<WorkboxTableName, readonly CsvColumn[]>> = {
  needles: [
    text('construction'),
    number('gapMm', 'gap_mm'),
    number('trueGapMm', 'measured_gap_mm'),
    number('sizeNm', 'size_nm'),
    text('type'),
    number('count'),
    text('state'),
    number('hoursSewn', 'hours_sewn'),
    count('blocksSewn', 'blocks_sewn'),
    seen('metallic'),
    seen('fusible'),
    seen('pearl'),
    spreads,
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
    spreads,
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
    number('feedFactor', 'feed_factor'),
    text('hex'),
    maybe('structure'),
    maybe('weight'),
    spreads,
  ],
  stabilizers: [text('name'), text('kind')],
  feet: [
    text('name'),
    text('kind'),
    number('slotMm', 'opening_mm'),
    text('sole'),
    yesNo('singleHole', 'single_hole'),
    number('grooves'),
    number('groovePitchMm', 'groove_pitch_mm'),
    number('flangeMm', 'flange_mm'),
    number('toeInsideMm', 'toe_inside_mm'),
    number('toeOutsideMm', 'toe_outside_mm'),
    spreads,
  ],
  plates: [text('name'), number('slotMm', 'opening_mm'), yesNo('singleHole', 'single_hole'), spreads],
  machines: [
    text('name'),
    number('maxWidthMm', 'widest_mm'),
    ...twinMode,
    yesNo('forgetsTwinMode', 'forgets_twin_mode'),
    number('needlePositions', 'needle_positions'),
    number('plateSlotMm', 'plate_opening_mm'),
    number('widthFactor', 'width_factor'),
    number('perMinute', 'stitches_a_minute'),
    dial('min'),
    dial('home'),
    dial('max'),
    number('dialStep', 'tension_step'),
    lengthDial('minMm', 'length_least_mm'),
    lengthDial('maxMm', 'length_most_mm'),
    lengthDial('stepMm', 'length_step_mm'),
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
    spreads,
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

/** The heads of a table's columns, as they stand in its CSV. */
export const csvHeadsOf = (table: WorkboxTableName) => COLUMNS[table].map(({ header }) => header)

/** A table as CSV, lengths in mm; a cell a spreadsheet would run as a formula is made plain. */
export function writeTableCsv(table: WorkboxTableName, records: readonly Owned[]): string {
  const columns = [ID, ...COLUMNS[table]]
  const cell = (value: unknown) => (typeof value === 'string' ? safeCell(value) : String(value ?? ''))
  return Papa.unparse([
    columns.map(({ header }) => header),
    ...records.map(record => columns.map(({ write }) => cell(write(record as Draft)))),
  ])
}

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
): CsvReading<Owned> {
  const columns = [ID, ...COLUMNS[table]]
  const idsByContent = new Map<string, string>()
  for (const record of existing.values()) idsByContent.set(contentOf(record), record.id)
  return readCsv(file, {
    most: MOST_CSV,
    existing,
    contentOf,
    headingProblem: headers => headingProblem(table, columns, headers),
    recordOf: cell => recordOf(table, columns, cell, newId),
    check: record => {
      const twin = idsByContent.get(contentOf(record))
      idsByContent.set(contentOf(record), record.id)
      if (twin !== undefined && twin !== record.id)
        throw new RowProblem('says the same as another one: leave it out, or raise the count')
      if ('threadId' in record && record.threadId !== null && !threadIds.has(record.threadId))
        throw new RowProblem(`thread_id: ${record.threadId} is not a thread in the workbox`)
    },
  })
}

/** What a record says besides its id, in one order. */
function contentOf(record: Owned): string {
  const { id: _, ...rest } = record
  return JSON.stringify(Object.entries(rest).sort(([a], [b]) => (a < b ? -1 : 1)))
}

function headingProblem(
  table: WorkboxTableName,
  columns: readonly CsvColumn[],
  headers: readonly string[],
): string | null {
  const known = columns.map(({ header }) => header)
  if (headers.length === 0)
    return `The file is empty: its first row must name columns, such as ${known.slice(1, 4).join(', ')}.`
  const strange = headers.find(header => !known.includes(header))
  if (strange !== undefined)
    return `Column “${strange.slice(0, 40)}” is not known. Columns are: ${known.join(', ')}.`
  if (!headers.includes(NEEDED[table])) return `Column “${NEEDED[table]}” is missing: every row needs it.`
  return null
}

function recordOf(
  table: WorkboxTableName,
  columns: readonly CsvColumn[],
  cell: Cell,
  newId: () => string,
): Owned {
  const draft: Draft = structuredClone(BLANK[table])
  for (const { header, read } of columns) {
    const written = cell(header)
    if (written !== undefined) read(written, draft)
  }
  const id = draft.id === undefined || draft.id === '' ? newId() : draft.id
  const parsed = TABLES[table].schema.safeParse({ ...draft, id })
  if (!parsed.success) throw new RowProblem(issueLine(parsed.error))
  return parsed.data as Owned
}
