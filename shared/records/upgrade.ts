import { isOnDial } from '#core/dial'
import type { TensionDial } from '#core/terms'
import { dialField, dialStepProblem } from '../fields'
import { isTable, TABLES } from './tables'

/** The version of records in the database and in backup files. */
export const RECORDS_VERSION = 10

type Plain = Record<string, unknown>
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

/** In order: the first brings version 1 to 2. */
export const VERSIONS: readonly Added[] = [TO_2, TO_3, TO_4, TO_5, TO_6, TO_7, TO_8, TO_9, TO_10]

/**
 * A record as an earlier version wrote it, in today's form. Nothing is checked: what was damaged stays
 * damaged, for the schema to report.
 *
 * @param table - its table.
 * @param raw - as stored or read from a file.
 * @param from - the version it was written by.
 * @param versions - what each version added; only tests give another history.
 */
export function upgradeRecord(table: string, raw: unknown, from: number, versions = VERSIONS): unknown {
  const later = versions.slice(from - 1)
  return later.reduce((record, added) => (isPlain(record) ? inNext(table, record, added) : record), raw)
}

function inNext(table: string, raw: Plain, added: Added): Plain {
  const whole = withAdded(table, raw, added)
  return added.mended?.(table, whole) ?? whole
}

function withAdded(table: string, raw: Plain, added: Added): Plain {
  const record = { ...added.records[table], ...raw }
  if (table === 'settings') return withSettings(record, added)
  return withSetups(table, record, setup => ({ ...added.setup, ...setup }))
}

/** The record with its setup changed, wherever it holds one. */
function withSetups(table: string, record: Plain, change: (setup: Plain) => Plain): Plain {
  switch (isTable(table) ? TABLES[table].holdsSetup : 'nowhere') {
    case 'whole':
      return change(record)
    case 'inside':
      return isPlain(record.setup) ? { ...record, setup: change(record.setup) } : record
    case 'nowhere':
      return record
  }
}

function withSettings(record: Plain, { settings, schools }: Added): Plain {
  const whole = { ...settings, ...record }
  return isPlain(record.schools) ? { ...whole, schools: { ...schools, ...record.schools } } : whole
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
