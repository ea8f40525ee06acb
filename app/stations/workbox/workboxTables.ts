import { knownLength } from '~/utils/known'
import { needleAdvice } from '#core/care'
import { needleName, describeNeedle } from '#core/needle'
import { drawnDiameter, stockOf, THREAD_KINDS } from '#core/thread'
import type {
  Bobbin,
  Cloth,
  Foot,
  Machine,
  NeedleRecord,
  Plate,
  RecordOf,
  Stabilizer,
  Thread,
} from '#shared/records'

export const WORKBOX_TABLES = [
  'needles',
  'threads',
  'bobbins',
  'cloths',
  'stabilizers',
  'feet',
  'plates',
  'machines',
] as const
export type WorkboxTableName = (typeof WORKBOX_TABLES)[number]
export type Owned = RecordOf<WorkboxTableName>

export interface Column<T> {
  readonly label: string
  readonly text: (record: T, show: Shown) => string
  /** What it is sorted by; text as shown when left out. */
  readonly by?: (record: T) => number | string | null
  /** Share of the width. */
  readonly wide: number
}
/** How lengths are written, and what ids stand for. */
export interface Shown {
  readonly length: (mm: number | null) => string
  readonly threadName: (id: string | null) => string
}
interface Filter<T> {
  readonly name: string
  readonly keep: (record: T) => boolean
}
export interface WorkboxTable<T> {
  readonly title: string
  /** For “Add a …”. */
  readonly one: string
  readonly name: (record: T) => string
  readonly columns: readonly Column<T>[]
  readonly filters: readonly Filter<T>[]
  /** More words it is found by. */
  readonly words?: (record: T) => string
}

const isSpent = (needle: NeedleRecord) => needleAdvice(needle) === 'now'

const orUnknown = (text: string | null) => text ?? 'not known'
const metres = (value: number | null) =>
  value === null ? 'not measured' : `${Math.round(value * 10) / 10} m`
const BASIS = { weighed: 'measured', label: 'label', nominal: 'nominal' } as const

function stockWords({ metresLeft }: Thread): string {
  const stock = stockOf(metresLeft)
  if (stock === 'used up') return stock
  return stock === 'low' ? `${metres(metresLeft)}, low` : metres(metresLeft)
}
function stateWords(needle: NeedleRecord): string {
  if (needle.state !== 'good') return needle.state
  return isSpent(needle) ? 'change it' : 'good'
}

const needles: WorkboxTable<NeedleRecord> = {
  title: 'Needles',
  one: 'needle',
  name: describeNeedle,
  words: ({ construction }) => (construction === 'twin' ? 'double' : ''),
  columns: [
    {
      label: 'Label',
      wide: 1.2,
      text: needleName,
      by: n => n.gapMm * 1000 + n.sizeNm,
    },
    { label: 'Type', wide: 1, text: n => n.type },
    { label: 'Count', wide: 0.6, text: n => (n.count === 0 ? 'used up' : String(n.count)), by: n => n.count },
    {
      label: 'State',
      wide: 0.8,
      text: stateWords,
    },
    {
      label: 'Sewn',
      wide: 0.9,
      text: n => (n.hoursSewn === null ? 'not counted' : `${n.hoursSewn} h`),
      by: n => n.hoursSewn,
    },
    {
      label: 'Has sewn',
      wide: 1.2,
      text: n =>
        Object.entries(n.seen)
          .filter(([, yes]) => yes)
          .map(([what]) => what)
          .join(', ') || '–',
    },
  ],
  filters: [
    { name: 'used up', keep: n => n.count === 0 },
    { name: 'to change', keep: isSpent },
    { name: 'single', keep: n => n.construction === 'single' },
    { name: 'twin', keep: n => n.construction === 'twin' },
    { name: 'triple', keep: n => n.construction === 'triple' },
  ],
}
const threads: WorkboxTable<Thread> = {
  title: 'Threads',
  one: 'thread',
  name: t => t.name,
  columns: [
    { label: 'Name', wide: 1.6, text: t => t.name },
    { label: 'Kind', wide: 1.1, text: t => THREAD_KINDS[t.kind].name },
    { label: 'Label', wide: 0.8, text: t => t.label || '–' },
    {
      label: 'Tex',
      wide: 1,
      text: t =>
        t.tex === null
          ? 'not known'
          : `${Math.round(t.tex * 10) / 10}${t.texBasis ? `, ${BASIS[t.texBasis]}` : ''}`,
      by: t => t.tex,
    },
    {
      label: 'Thickness',
      wide: 1.2,
      text: t => {
        const { mm, source } = drawnDiameter(t)
        return source === 'guess' ? 'not measured' : `${inMm(mm)}, ${source}`
      },
      by: t => drawnDiameter(t).mm,
    },
    {
      label: 'Left',
      wide: 0.9,
      text: stockWords,
      by: t => t.metresLeft,
    },
  ],
  filters: [
    { name: 'low', keep: t => stockOf(t.metresLeft) === 'low' },
    { name: 'used up', keep: t => stockOf(t.metresLeft) === 'used up' },
    ...(Object.keys(THREAD_KINDS) as Thread['kind'][]).map(kind => ({
      name: THREAD_KINDS[kind].name.toLowerCase(),
      keep: (t: Thread) => t.kind === kind,
    })),
  ],
}
const bobbins: WorkboxTable<Bobbin> = {
  title: 'Bobbins',
  one: 'bobbin',
  name: b => b.name,
  filters: [{ name: 'empty', keep: b => b.threadId === null }],
  columns: [
    { label: 'Name', wide: 1.4, text: b => b.name },
    {
      label: 'Thread',
      wide: 1.4,
      text: (b, { threadName }) => (b.threadId === null ? 'empty' : threadName(b.threadId)),
    },
    { label: 'Wound', wide: 1, text: b => metres(b.woundM), by: b => b.woundM },
    { label: 'Holds', wide: 1, text: b => metres(b.holdsM), by: b => b.holdsM },
    {
      label: 'Winding space',
      wide: 1.6,
      text: b =>
        b.outerMm === null
          ? 'not measured'
          : `${inMm(b.outerMm)} over ${inMm(b.coreMm)}, ${inMm(b.wideMm)} wide`,
    },
  ],
}
const cloths: WorkboxTable<Cloth> = {
  title: 'Cloths',
  one: 'cloth',
  name: c => c.name,
  filters: [],
  columns: [
    { label: 'Name', wide: 1.6, text: c => c.name },
    { label: 'Structure', wide: 1, text: c => orUnknown(c.structure) },
    { label: 'Weight', wide: 1, text: c => orUnknown(c.weight) },
    {
      label: 'One layer',
      wide: 1.2,
      text: c => knownLength(inMm, c, 'thicknessMm'),
      by: c => c.thicknessMm,
    },
  ],
}
const stabilizers: WorkboxTable<Stabilizer> = {
  title: 'Stabilizers',
  one: 'stabilizer',
  name: s => s.name,
  filters: [],
  columns: [
    { label: 'Name', wide: 1.6, text: s => s.name },
    { label: 'Kind', wide: 1, text: s => s.kind },
  ],
}
const feet: WorkboxTable<Foot> = {
  title: 'Feet',
  one: 'foot',
  name: f => f.name,
  filters: [{ name: 'single hole', keep: f => f.singleHole }],
  columns: [
    { label: 'Name', wide: 1.4, text: f => f.name },
    { label: 'Kind', wide: 1, text: f => f.kind },
    { label: 'Sole', wide: 0.8, text: f => f.sole },
    {
      label: 'Opening',
      wide: 1.2,
      text: f => (f.singleHole ? 'single hole' : knownLength(inMm, f, 'slotMm')),
      by: f => f.slotMm,
    },
  ],
}
const plates: WorkboxTable<Plate> = {
  title: 'Plates',
  one: 'plate',
  name: p => p.name,
  filters: [],
  columns: [
    { label: 'Name', wide: 1.6, text: p => p.name },
    {
      label: 'Opening',
      wide: 1.2,
      text: p => (p.singleHole ? 'single hole' : knownLength(inMm, p, 'slotMm')),
      by: p => p.slotMm,
    },
  ],
}
const machines: WorkboxTable<Machine> = {
  title: 'Machines',
  one: 'machine',
  name: m => m.name,
  filters: [],
  columns: [
    { label: 'Name', wide: 1.4, text: m => m.name },
    { label: 'Widest stitch', wide: 1, text: m => inMm(m.maxWidthMm), by: m => m.maxWidthMm },
    { label: 'Twin mode', wide: 1, text: m => m.twinMode.kind },
    {
      label: 'Plate opening',
      wide: 1.2,
      text: m => knownLength(inMm, m, 'plateSlotMm'),
      by: m => m.plateSlotMm,
    },
    {
      label: 'Normal tension',
      wide: 1,
      text: m => (m.tensionDial ? String(m.tensionDial.home) : 'not known'),
      by: m => m.tensionDial?.home ?? null,
    },
  ],
}

/** What the workbox shows of each table. */
export const WORKBOX: { readonly [T in WorkboxTableName]: WorkboxTable<RecordOf<T>> } = {
  needles,
  threads,
  bobbins,
  cloths,
  stabilizers,
  feet,
  plates,
  machines,
}

/**
 * Records that hold every word searched for, in the order asked for. Twin and double are the same needle.
 *
 * @param search - words in any order; empty keeps all.
 * @param filter - a filter's name; empty keeps all.
 * @param sortBy - a column's place; unknown values stand last, whichever way.
 */
export function pickRecords<T>(
  table: WorkboxTable<T>,
  records: Iterable<T>,
  show: Shown,
  { search, filter, sortBy, down }: { search: string; filter: string; sortBy: number; down: boolean },
): T[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  const keep = table.filters.find(({ name }) => name === filter)?.keep
  const found = [...records].filter(record => {
    if (keep && !keep(record)) return false
    if (words.length === 0) return true
    const text = (
      `${table.columns.map(column => column.text(record, show)).join(' ')} ${table.name(record)} `
      + `${table.words?.(record) ?? ''}`
    ).toLowerCase()
    return words.every(word => text.includes(word))
  })
  const column = table.columns[sortBy] ?? table.columns[0]!
  const keys = found.map(record => ({
    record,
    key: column.by ? column.by(record) : column.text(record, show).toLowerCase(),
  }))
  const sign = down ? -1 : 1
  return keys.sort((a, b) => byKey(a.key, b.key, sign)).map(({ record }) => record)
}

/** What is not known comes last, whichever way the rest runs. */
function byKey(a: string | number | null, b: string | number | null, sign: 1 | -1): number {
  if (a === b) return 0
  if (a === null) return 1
  if (b === null) return -1
  return a < b ? -sign : sign
}
