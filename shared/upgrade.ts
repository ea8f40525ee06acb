/** The version of records in the database and in backup files. */
export const RECORDS_VERSION = 4

type Plain = Record<string, unknown>
/** What a version added to records, as it stood in the one before. Never edit: files of that version stay as they are. */
interface Added {
  readonly records: Readonly<Record<string, object>>
  /** To the setup on the bench and to those in plans. */
  readonly setup: object
  readonly settings: object
  readonly schools: object
}

const TO_2: Added = {
  records: {
    needles: { count: 1, state: 'good', hoursSewn: null, seen: { metallic: false, fusible: false, pearl: false } },
    threads: { label: '', texBasis: null, metresLeft: null, form: null, unwinds: null },
    cloths: { structure: null, weight: null },
  },
  setup: {
    plateId: null, stabilizerId: null, technique: 'seam', goal: 'balanced', washed: false,
    supplies: { left: { place: null, draw: null }, middle: { place: null, draw: null }, right: { place: null, draw: null } },
    threader: false, cutter: false, sharedDiscs: null, seamM: 1,
  },
  settings: { twinJobs: ['pintuck-fine', 'pintuck', 'decorative', 'decorative-rayon', 'metallic', 'knit-hem', 'knit-narrow', 'plain-hem', 'strip', 'jeans', 'wide-hem'] },
  schools: { heavyBobbin: 'ordinary', pearlTension: 'home', cutter: 'never' },
}

const TO_3: Added = {
  records: {
    machines: { divider: null, needleGuides: null, spoolPins: null, stand: null, cup: null, threader: null, cutter: null, lock: null, hook: null, sealed: null },
    needles: { blocksSewn: 0 },
  },
  setup: { bobbinTension: 'home', pressure: 'home', speed: null },
  settings: { backedUpAt: null },
  schools: { threading: 'divider', lastGuide: 'each-side' },
}

const TO_4: Added = { records: { machines: { dialStep: null } }, setup: {}, settings: {}, schools: {} }

/** In order: the first brings version 1 to 2. */
const VERSIONS: readonly Added[] = [TO_2, TO_3, TO_4]

/**
 * A record as an earlier version wrote it, in today's form. Nothing is checked: what was damaged stays damaged, for
 * the schema to report.
 *
 * @param table - its table.
 * @param raw - as stored or read from a file.
 * @param from - the version it was written by.
 */
export function upgradeRecord(table: string, raw: unknown, from: number): unknown {
  return VERSIONS.slice(from - 1).reduce((record, added) => (isPlain(record) ? withAdded(table, record, added) : record), raw)
}

function withAdded(table: string, raw: Plain, { records, setup, settings, schools }: Added): Plain {
  switch (table) {
    case 'setup': return { ...setup, ...raw }
    case 'plans':
    case 'walks': return isPlain(raw.setup) ? { ...raw, setup: { ...setup, ...raw.setup } } : raw
    case 'settings': return isPlain(raw.schools) ? { ...settings, ...raw, schools: { ...schools, ...raw.schools } } : raw
    default: return { ...records[table], ...raw }
  }
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
