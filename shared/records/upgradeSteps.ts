import { isOnDial } from '#core/dial'
import type { TensionDial } from '#core/terms'
import { dialField, dialStepProblem } from '../fields'
import { isTable, TABLES } from './tables'

export type Plain = Record<string, unknown>
/**
 * What a version added to records, as it stood in the one before. Never edit: files of that version stay as
 * they are.
 */
export interface Added {
  readonly records: Readonly<Record<string, object>>
  /** To every setup, wherever a record holds one. */
  readonly setup: object
  readonly settings: object
  readonly schools: object
  /** What was allowed before and is no more, as it is allowed now. */
  readonly mended?: (table: string, record: Plain) => Plain
  /** What a record of a table that is given up becomes, in other tables; undefined: it stays. */
  readonly moved?: (table: string, record: Plain) => readonly RawRecord[] | undefined
}
/** A record as it is stored, unchecked, and its table. */
export interface RawRecord {
  readonly table: string
  readonly raw: unknown
}
/** Tables of before: since which version, until which, and where their records held a setup. */
export const GONE_TABLES: Readonly<
  Record<string, { readonly since: number; readonly until: number; readonly holdsSetup: 'whole' | 'inside' }>
> = {
  plans: { since: 1, until: 11, holdsSetup: 'inside' },
  setup: { since: 1, until: 11, holdsSetup: 'whole' },
}

const TO_2: Added = {
  records: {
    needles: {
      count: 1,
      state: 'good',
      hoursSewn: null,
      seen: { metallic: false, fusible: false, pearl: false },
    },
    threads: { label: '', texBasis: null, metresLeft: null, form: null, unwinds: null },
    cloths: { structure: null, weight: null },
  },
  setup: {
    plateId: null,
    stabilizerId: null,
    technique: 'seam',
    goal: 'balanced',
    washed: false,
    supplies: {
      left: { place: null, draw: null },
      middle: { place: null, draw: null },
      right: { place: null, draw: null },
    },
    threader: false,
    cutter: false,
    sharedDiscs: null,
    seamM: 1,
  },
  settings: {
    twinJobs: [
      'pintuck-fine',
      'pintuck',
      'decorative',
      'decorative-rayon',
      'metallic',
      'knit-hem',
      'knit-narrow',
      'plain-hem',
      'strip',
      'jeans',
      'wide-hem',
    ],
  },
  schools: { heavyBobbin: 'ordinary', pearlTension: 'home', cutter: 'never' },
}

const TO_3: Added = {
  records: {
    machines: {
      divider: null,
      needleGuides: null,
      spoolPins: null,
      stand: null,
      cup: null,
      threader: null,
      cutter: null,
      lock: null,
      hook: null,
      sealed: null,
    },
    needles: { blocksSewn: 0 },
  },
  setup: { bobbinTension: 'home', pressure: 'home', speed: null },
  settings: { backedUpAt: null },
  schools: { threading: 'divider', lastGuide: 'each-side' },
}

const TO_4: Added = { records: { machines: { dialStep: null } }, setup: {}, settings: {}, schools: {} }

/**
 * One range a quantity, in forms and files alike. A dial or step that none has counts as not known; so does
 * the dial of a swatch whose number does not lie on it, for nobody can tell which of the two is wrong.
 */
const TO_5: Added = {
  records: {},
  setup: {},
  settings: {},
  schools: {},
  mended(table, record) {
    if (table === 'machines') return withPossibleDial(record)
    return table === 'swatches' ? withOwnDial(record) : record
  },
}

function withPossibleDial(machine: Plain): Plain {
  const tensionDial = possibleDial(machine.tensionDial)
  const step = machine.dialStep
  const isKnown = typeof step === 'number' && dialStepProblem(tensionDial, step) === null
  return { ...machine, tensionDial, dialStep: isKnown ? step : null }
}
function withOwnDial(swatch: Plain): Plain {
  const { frozen, setup } = swatch
  if (!isPlain(frozen) || !isPlain(frozen.machine) || !isPlain(setup)) return swatch
  const dial = possibleDial(frozen.machine.dial)
  const isOff = dial !== null && typeof setup.tension === 'number' && !isOnDial(setup.tension, dial)
  return { ...swatch, frozen: { ...frozen, machine: { ...frozen.machine, dial: isOff ? null : dial } } }
}
function possibleDial(raw: unknown): TensionDial | null {
  const dial = dialField.safeParse(raw)
  return dial.success ? dial.data : null
}

/** A job takes the place of the technique; a tension counts as set for what the setup says. */
const TO_6: Added = {
  records: {},
  setup: { under: [] },
  settings: {},
  schools: { thickPearl: 'bobbin', filmSpeed: 'slow' },
  mended: (table, record) => withSetups(table, record, withJob),
}
const JOB_OF_TECHNIQUE: Readonly<Record<string, string>> = {
  'seam': 'seam',
  'hem': 'hem',
  'topstitching': 'topstitching',
  'pintucks': 'pintucks',
  'decorative': 'decorative-row',
  'appliqué edge': 'hidden-edge',
  'blanket stitch': 'blanket-edge',
}
function withJob({ technique, ...setup }: Plain): Plain {
  const { tension, machineId, needleId, stitch, threadIds } = setup
  const job = JOB_OF_TECHNIQUE[String(technique)] ?? technique
  const isSet = typeof tension === 'number' && isPlain(stitch)
  const tensionFrom = isSet
    ? { tension, how: 'typed', machineId, needleId, stitchId: stitch.stitchId, threadIds }
    : null
  return { job, tensionFrom, ...setup }
}

/** What planners measure: a foot's guides, a dial for length, what a swatch's tucks took. */
const TO_7: Added = {
  records: {
    machines: { lengthDial: null },
    feet: { grooves: null, groovePitchMm: null, flangeMm: null, toeInsideMm: null, toeOutsideMm: null },
    swatches: { takeUp: null },
  },
  setup: {},
  settings: { threadColours: 'true' },
  schools: {},
}

/** Pieces of two more kinds: edges and line drawings. Records of before are as they were. */
const TO_8: Added = { records: {}, setup: {}, settings: {}, schools: {} }

/** Bands, projects and timed changes; the minutes a change takes are a setting. */
const TO_9: Added = {
  records: {},
  setup: {},
  settings: {
    changeMinutes: {
      machine: 1,
      needle: 2,
      thread: 1.5,
      bobbin: 1,
      plate: 2,
      foot: 0.5,
      stabilizer: 1,
      tension: 3,
    },
  },
  schools: {},
}

/** What is measured: how well, and what was not asked for before. */
const TO_10: Added = {
  records: {
    machines: { widthFactor: null, perMinute: null, spreads: {} },
    feet: { spreads: {} },
    plates: { spreads: {} },
    needles: { trueGapMm: null, spreads: {} },
    threads: { spreads: {} },
    cloths: { feedFactor: null, spreads: {} },
  },
  setup: {},
  settings: {},
  schools: {},
}

/** One piece of work in hand: kept plans and what stood in the line-up become pieces. */
const TO_11: Added = {
  records: {},
  setup: {},
  settings: {},
  schools: {},
  mended(table, record) {
    if (table === 'pieces') return asPiece(record)
    return table === 'projects' ? withPiecesAlone(record) : record
  },
  moved(table, record) {
    if (table === 'plans')
      return [{ table: 'pieces', raw: asPiece({ ...record, plan: { kind: 'seam' }, copies: 1 }) }]
    return table === 'setup' ? inLineUp(record) : undefined
  },
}

const LINE_UP_PIECE = 'piece-line-up'
const NO_PHOTOS = { front: null, back: null }
function inLineUp({ id, ...setup }: Plain): RawRecord[] {
  const piece = {
    id: LINE_UP_PIECE,
    name: '',
    plan: { kind: 'seam' },
    setup,
    copies: 1,
    sewn: 0,
    note: '',
    photos: NO_PHOTOS,
    begunAt: null,
  }
  return [
    { table: 'pieces', raw: piece },
    { table: 'inHand', raw: { id, pieceId: LINE_UP_PIECE } },
  ]
}
function asPiece({ keptAt, ...piece }: Plain): Plain {
  return { ...withOneStitch(piece), sewn: 0, photos: NO_PHOTOS, begunAt: keptAt ?? null }
}
/** A number that plan and setup both had is the setup's; what was planned is what was meant. */
function withOneStitch(piece: Plain): Plain {
  const { plan, setup } = piece
  if (!isPlain(plan) || !isPlain(setup) || !isPlain(setup.stitch)) return piece
  if (plan.kind === 'edge' && isPlain(plan.stitch)) return withEdgeStitch(piece, plan, setup, plan.stitch)
  if (!('wantedMm' in plan)) return piece
  const { wantedMm, ...rest } = plan
  return {
    ...piece,
    plan: rest,
    setup: { ...setup, stitch: { ...setup.stitch, lengthMm: settable(wantedMm) } },
  }
}
/** A plan could have less than any setup. */
const LEAST_LENGTH_MM = 0.1
const settable = (mm: unknown) => (typeof mm === 'number' ? Math.max(LEAST_LENGTH_MM, mm) : mm)
const STITCH_OF_EDGE: Readonly<Record<string, readonly [job: string, stitchId: string]>> = {
  blanket: ['blanket-edge', 'blanket'],
  hidden: ['hidden-edge', 'zigzag'],
  satin: ['satin', 'zigzag'],
  straight: ['topstitching', 'straight'],
  library: ['decorative-row', 'blanket'],
}
function withEdgeStitch(piece: Plain, { stitch: _, ...plan }: Plain, setup: Plain, own: Plain): Plain {
  const { kind, stitchId, widthMm, lengthMm, outsideMm, insetMm } = own
  const [job, usual] = STITCH_OF_EDGE[String(kind)] ?? [setup.job, stitchId]
  const stitch = {
    ...(setup.stitch as Plain),
    stitchId: kind === 'library' ? (stitchId ?? usual) : usual,
    widthMm,
    lengthMm: settable(lengthMm),
  }
  return { ...piece, plan: { ...plan, outsideMm, insetMm }, setup: { ...setup, job, stitch } }
}
function withPiecesAlone(project: Plain): Plain {
  const { items } = project
  if (!Array.isArray(items)) return project
  return { ...project, items: items.map((item: unknown) => (isPlain(item) ? withPieceAlone(item) : item)) }
}
function withPieceAlone(before: Plain): Plain {
  const { work } = before
  // With what it was sewn nobody kept.
  const item = { ...before, sewnWith: null }
  if (!isPlain(work) || work.kind !== 'plan') return item
  return { ...item, work: { kind: 'piece', pieceId: work.planId } }
}

/**
 * Schools about pearl 12, flat metallic in satin, hidden edges and unwinding; a second spool; how satin is
 * turned.
 */
const TO_12: Added = {
  records: {},
  setup: { secondSpool: null },
  settings: {},
  schools: { pearlEye: 'eye', satinFilm: 'never', hiddenBobbin: 'matched', unwinding: 'back' },
  mended: (table, record) => (table === 'pieces' ? withTurns(record) : record),
}
function withTurns(piece: Plain): Plain {
  const { plan } = piece
  return isPlain(plan) && plan.kind === 'edge'
    ? { ...piece, plan: { turns: [], bites: null, ...plan } }
    : piece
}

const TO_13: Added = {
  records: { trials: { readBy: '' } },
  setup: {},
  settings: { readsAs: '' },
  schools: {},
}

/** In order: the first brings version 1 to 2. */
export const VERSIONS: readonly Added[] = [
  TO_2,
  TO_3,
  TO_4,
  TO_5,
  TO_6,
  TO_7,
  TO_8,
  TO_9,
  TO_10,
  TO_11,
  TO_12,
  TO_13,
]

export function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** The record with its setup changed, wherever it holds one. */
export function withSetups(table: string, record: Plain, change: (setup: Plain) => Plain): Plain {
  switch (isTable(table) ? TABLES[table].holdsSetup : (GONE_TABLES[table]?.holdsSetup ?? 'nowhere')) {
    case 'whole':
      return change(record)
    case 'inside':
      return isPlain(record.setup) ? { ...record, setup: change(record.setup) } : record
    case 'nowhere':
      return record
  }
}
