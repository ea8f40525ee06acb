import type { MeasuredThing, Quantity } from '#core/measure'
import { quantityFact } from '#core/measure'
import { type Measurement, giveOrTake } from '#core/measured'
import { needleNameAndType } from '#core/needle'
import { fieldIssues } from '../fields'
import {
  type AnyRecord,
  type Measure,
  type RecordChange,
  type Swatch,
  type TableName,
  TABLES,
  type Tables,
} from '../records'

/** Where what is measured is kept. */
const TABLE_OF = {
  foot: 'feet',
  plate: 'plates',
  machine: 'machines',
  needle: 'needles',
  thread: 'threads',
  cloth: 'cloths',
  swatch: 'swatches',
} as const satisfies Record<MeasuredThing, TableName>

/** The field of its record; what is not here is kept in another way, or in the log alone. */
const FIELD_OF: Partial<Record<Quantity, string>> = {
  'foot-opening': 'slotMm',
  'plate-opening': 'slotMm',
  'machine-opening': 'plateSlotMm',
  'groove-pitch': 'groovePitchMm',
  'flange': 'flangeMm',
  'toe-inside': 'toeInsideMm',
  'toe-outside': 'toeOutsideMm',
  'needle-gap': 'trueGapMm',
  'thread-thickness': 'diameterMm',
  'tex': 'tex',
  'cloth-thickness': 'thicknessMm',
  'feed': 'feedFactor',
  'width-factor': 'widthFactor',
  'speed': 'perMinute',
}

/** The table that holds what a quantity is of; null: nothing of the workbox. */
export function measuredTable(quantity: Quantity): TableName | null {
  const { of } = quantityFact(quantity)
  return of && TABLE_OF[of]
}
export const measuredField = (quantity: Quantity): string | null => FIELD_OF[quantity] ?? null

type Fields = Readonly<Record<string, unknown>>

/** The records a quantity can be measured of, by name; a single hole has no opening, one needle no gap. */
export function thingsOf(
  quantity: Quantity,
  tables: Tables,
): { readonly id: string; readonly name: string }[] {
  const table = measuredTable(quantity)
  if (table === null) return []
  return [...tables[table].values()]
    .filter(record => canHave(quantity, record))
    .map(record => ({ id: record.id, name: nameOf(record) }))
}

function canHave(quantity: Quantity, record: AnyRecord): boolean {
  const { singleHole, construction, setup } = record as Fields & { setup?: { job?: string } }
  if (quantity.endsWith('opening')) return singleHole !== true
  if (quantity === 'needle-gap') return construction !== 'single'
  return quantity !== 'take-up' || setup?.job === 'pintucks'
}

const nameOf = (record: AnyRecord): string =>
  'name' in record ? record.name : needleNameAndType(record as Parameters<typeof needleNameAndType>[0])

/** Decimals a value is written down with. */
const STEPS = { 'mm': 1000, 'tex': 100, 'factor': 10_000, 'per-minute': 1 } as const

/**
 * A measuring in the log, and its value in the record it is of, with how well it is known: one step, taken
 * back together. What was measured before stays in the log.
 *
 * @example
 * book.commit('Measure', keptMeasure(measure, book.tables))
 */
export function keptMeasure(measure: Measure, tables: Tables): RecordChange[] {
  const step = STEPS[quantityFact(measure.quantity).unit]
  const value = Math.round(measure.value * step) / step
  const record = { ...measure, value }
  const log: RecordChange = { table: 'measures', id: record.id, record }
  return [log, ...appliedMeasure(record, tables)]
}

/**
 * Why changes could not be kept: what of them no record holds.
 *
 * @returns null: they can.
 *
 * @example
 * refusedChange(keptMeasure({ …, value: 80 }, tables)) // 'must be a number from 1 to 20'
 */
export function refusedChange(changes: readonly RecordChange[]): string | null {
  for (const { table, record } of changes) {
    const parsed = TABLES[table].schema.safeParse(record)
    if (!parsed.success) return fieldIssues(parsed.error)[0]?.message ?? 'is no such thing'
  }
  return null
}

/** The value of a measuring in the record it is of; nothing where there is none. */
export function appliedMeasure(
  { quantity, ofId, value, spread, way }: Measure,
  tables: Tables,
): RecordChange[] {
  const [table, field] = [measuredTable(quantity), measuredField(quantity)]
  const old = table && ofId !== null ? tables[table].get(ofId) : undefined
  if (!table || !field || !old) return []
  const { spreads } = old as unknown as { spreads: Fields }
  const record = {
    ...old,
    [field]: value,
    spreads: { ...spreads, [field]: { value, spread, way } },
    ...(quantity === 'tex' ? { texBasis: 'weighed' } : {}),
  } as AnyRecord
  return [{ table, id: old.id, record }]
}

/**
 * A swatch's take-up, measured before and after its tucks.
 *
 * @param before - across, before; `after` after so many tucks. What they spread by together is shared between
 *   the ends, as a ruler's readings are.
 */
export function keptTakeUp(
  swatch: Swatch,
  before: Measurement,
  after: Measurement,
  tucks: number,
): RecordChange {
  const bothMm = giveOrTake({ value: 0, spread: Math.hypot(before.spread, after.spread) })
  const takeUp = {
    beforeMm: before.value,
    afterMm: after.value,
    tucks,
    readMm: Math.round(500 * bothMm) / 1000,
  }
  return { table: 'swatches', id: swatch.id, record: { ...swatch, takeUp } }
}
