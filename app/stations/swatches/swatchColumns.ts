import { parseDecimal } from '#core/units'
import { type Blade, BLADES, needleLabel, NEEDLE_TYPES, parseNeedleLabel } from '#core/needle'
import { STITCHES } from '#core/stitch'
import { READING_STEPS } from '#core/trial'
import { PLATE_NAMES, type PairingTables } from '#shared/inputs'
import type { Swatch } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { type Cell, RowProblem } from '~/utils/csv'

/** A row on its way to a swatch: its cells, the swatch it changes, and what its names are looked up in. */
export interface Row {
  readonly cell: Cell
  readonly old: Swatch | undefined
  readonly tables: PairingTables
}

/** A row with what the known swatch would say in the same columns. */
export interface ReadRow extends Row {
  /** What the file says of the known swatch, by column; undefined for a new one. */
  readonly had: Readonly<Record<string, string>> | undefined
}

/** The setup while it is read: what a cell says is put in unchecked, and the schema judges the whole. */
export type Draft = Record<keyof SetupContent, unknown>
  & Pick<SetupContent, 'stitch' | 'threadIds' | 'plateId'>

/** Words for nothing: there is none, or it is not known. */
const MISSING = new Set([
  '',
  'none',
  'not known',
  'not read',
  'not set',
  'not counted',
  'gone',
  'by the rule',
])

/** What a cell says. undefined: nothing; null: that there is none, or that it is not known. */
export function said({ cell }: Row, header: string): string | null | undefined {
  const text = cell(header)
  if (text === undefined || text === '') return undefined
  return MISSING.has(text) ? null : text
}

/** A number with a decimal point or comma; text that is none becomes NaN, which the schema refuses. */
export function numberSaid(row: Row, header: string, otherwise: number): number {
  const text = said(row, header)
  return text == null ? otherwise : parseDecimal(text)
}

/** As the cell says; what it does not say stays. */
export function wordSaid<T>(row: Row, header: string, before: T): string | null | T {
  const text = said(row, header)
  return text === undefined ? before : text
}

export function yesNoSaid(row: Row, header: 'skips' | 'breaks' | 'holes'): boolean {
  const text = said(row, header)
  if (text === undefined) return row.old?.readings[header] ?? false
  if (text !== 'yes' && text !== 'no') throw new RowProblem(`${header}: must be yes or no`)
  return text === 'yes'
}

export function readingSaid(row: Row, header: 'show' | 'ridge') {
  const text = said(row, header)
  if (text === undefined) return row.old?.readings[header] ?? null
  if (text === null) return null
  const step = READING_STEPS.find(candidate => String(candidate) === text.replace('−', '-').replace('+', ''))
  if (step === undefined) throw new RowProblem(`${header}: must be a whole step from -3 to 3`)
  return step
}

interface Named {
  readonly id: string
  readonly name: string
}

/** The id of a part by its name; one that is not owned is a problem, unless the swatch already had it. */
function partSaid(
  row: Row,
  header: string,
  owned: ReadonlyMap<string, Named>,
  before: string | null,
  frozenName: string | null | undefined,
): string | null {
  const name = said(row, header)
  if (name === undefined || (name !== null && name === frozenName)) return before
  if (name === null) return null
  const found = [...owned.values()].find(record => record.name === name)
  if (!found)
    throw new RowProblem(`${header}: “${name.slice(0, 40)}” is not in the workbox. Add it there first`)
  return found.id
}

/** How one column changes the setup of the row's swatch. */
type Column = (row: ReadRow, draft: Draft, before: SetupContent) => void

const machine: Column = (row, draft, { machineId }) => {
  draft.machineId = partSaid(row, 'machine', row.tables.machines, machineId, row.old?.frozen.machine?.name)
}
const foot: Column = (row, draft, { footId }) => {
  draft.footId = partSaid(row, 'foot', row.tables.feet, footId, row.old?.frozen.foot)
}
const cloth: Column = (row, draft, { clothId }) => {
  draft.clothId = partSaid(row, 'cloth', row.tables.cloths, clothId, row.old?.frozen.cloth?.name)
}
const bobbin: Column = (row, draft, { bobbinId }) => {
  draft.bobbinId = partSaid(row, 'bobbin', row.tables.threads, bobbinId, row.old?.frozen.bobbin?.name)
}
const stabilizer: Column = (row, draft, { stabilizerId }) => {
  const { old, tables } = row
  draft.stabilizerId = partSaid(row, 'stabilizer', tables.stabilizers, stabilizerId, old?.frozen.stabilizer)
}

const needle: Column = (row, draft, { needleId }) => {
  const text = said(row, 'needle')
  draft.needleId = needleId
  if (text === undefined || (text !== null && text === row.had?.needle)) return
  draft.needleId = text === null ? null : ownedNeedle(row, text)
}
function ownedNeedle({ tables }: Row, text: string): string {
  const reading = parseNeedleLabel(text)
  const type = NEEDLE_TYPES.find(candidate => text.endsWith(candidate)) ?? 'universal'
  const found = [...tables.needles.values()].find(
    owned =>
      reading.ok
      && owned.construction === reading.needle.construction
      && owned.gapMm === reading.needle.gapMm
      && owned.sizeNm === reading.needle.sizeNm
      && owned.type === type,
  )
  if (found) return found.id
  const example = `${needleLabel({ construction: 'twin', gapMm: 2, sizeNm: 80 })} universal`
  throw new RowProblem(
    `needle: “${text.slice(0, 40)}” is not in the workbox. Add it there first, such as ${example}`,
  )
}

const stitch: Column = (row, draft, before) => {
  draft.stitch = {
    ...before.stitch,
    stitchId: stitchSaid(row, before.stitch.stitchId),
    lengthMm: numberSaid(row, 'length', before.stitch.lengthMm),
    widthMm: numberSaid(row, 'width', before.stitch.widthMm),
    positionMm: numberSaid(row, 'position', before.stitch.positionMm),
  }
}
function stitchSaid(row: ReadRow, before: string): string {
  const name = said(row, 'stitch')
  if (name == null || name === row.had?.stitch) return before
  const found = [...STITCHES, ...row.tables.stitches.values()].find(candidate => candidate.name === name)
  if (!found) throw new RowProblem(`stitch: “${name.slice(0, 40)}” is not known`)
  return found.id
}

const threads: Column = (row, draft, { threadIds }) => {
  const threadSaid = (blade: Blade): string | null => {
    const had = row.old?.frozen.threads[blade]
    // A blade that is not there has no thread in the file: what the swatch had stays.
    if (had === null && said(row, blade) == null) return threadIds[blade]
    return partSaid(row, blade, row.tables.threads, threadIds[blade], had?.name)
  }
  const [left, middle, right] = BLADES.map(threadSaid) as [string | null, string | null, string | null]
  draft.threadIds = { left, middle, right }
}

const tension: Column = (row, draft, before) => {
  const text = said(row, 'tension')
  if (text === undefined) draft.tension = before.tension
  else draft.tension = text === null ? null : numberSaid(row, 'tension', Number.NaN)
}

const plate: Column = (row, draft, before) => {
  const name = said(row, 'plate')
  if (name == null || name === row.had?.plate) return
  const kinds = Object.entries(PLATE_NAMES)
  const kind = kinds.find(([, words]) => words === name)?.[0]
  if (kind) Object.assign(draft, { plate: kind, plateId: null })
  else draft.plateId = partSaid(row, 'plate', row.tables.plates, before.plateId, null)
}

const under: Column = (row, draft, before) => {
  const text = said(row, 'under')
  if (text === undefined) draft.under = before.under
  else draft.under = text === null ? [] : text.split('+').map(layerSaid)
}
const LAYER = /^(?<kind>\S+)(?:\s+(?<mm>\S+))?$/
function layerSaid(text: string): { kind: string; thicknessMm: number | null } {
  const { kind = '', mm } = LAYER.exec(text.trim())?.groups ?? {}
  return { kind, thicknessMm: mm === undefined ? null : parseDecimal(mm) }
}

const words: Column = (row, draft, before) => {
  draft.layers = numberSaid(row, 'layers', before.layers)
  draft.bobbinTension = said(row, 'bobbinTension') ?? before.bobbinTension
  draft.pressure = said(row, 'pressure') ?? before.pressure
  draft.speed = wordSaid(row, 'speed', before.speed)
}

/** What a row says of the setup; whatever it does not say stays as it was before. */
export const SETUP_COLUMNS: readonly Column[] = [
  machine,
  needle,
  foot,
  stitch,
  threads,
  bobbin,
  tension,
  cloth,
  under,
  stabilizer,
  plate,
  words,
]
