/** The version of records in the database and in backup files. */
export const RECORDS_VERSION = 2

/** What version 2 added to a record, as it stood in version 1. Never edit: files of version 1 stay as they are. */
const ADDED_IN_2: Readonly<Record<string, object>> = {
  needles: { count: 1, state: 'good', hoursSewn: null, seen: { metallic: false, fusible: false, pearl: false } },
  threads: { label: '', texBasis: null, metresLeft: null, form: null, unwinds: null },
  cloths: { structure: null, weight: null },
}
const ADDED_TO_SETUP_IN_2 = {
  plateId: null, stabilizerId: null, technique: 'seam', goal: 'balanced', washed: false,
  supplies: { left: { place: null, draw: null }, middle: { place: null, draw: null }, right: { place: null, draw: null } },
  threader: false, cutter: false, sharedDiscs: null, seamM: 1,
}
const ADDED_TO_SCHOOLS_IN_2 = { heavyBobbin: 'ordinary', pearlTension: 'home', cutter: 'never' }

const ALL_JOBS_IN_2 = ['pintuck-fine', 'pintuck', 'decorative', 'decorative-rayon', 'metallic', 'knit-hem', 'knit-narrow', 'plain-hem', 'strip', 'jeans', 'wide-hem']

/**
 * A record as an earlier version wrote it, in today's form. Nothing is checked: what was damaged stays damaged, for
 * the schema to report.
 *
 * @param table - its table.
 * @param raw - as stored or read from a file.
 * @param from - the version it was written by.
 */
export function upgradeRecord(table: string, raw: unknown, from: number): unknown {
  if (from >= RECORDS_VERSION || !isPlain(raw)) return raw
  switch (table) {
    case 'setup': return { ...ADDED_TO_SETUP_IN_2, ...raw }
    case 'plans': return isPlain(raw.setup) ? { ...raw, setup: { ...ADDED_TO_SETUP_IN_2, ...raw.setup } } : raw
    case 'settings': return isPlain(raw.schools) ? { twinJobs: ALL_JOBS_IN_2, ...raw, schools: { ...ADDED_TO_SCHOOLS_IN_2, ...raw.schools } } : raw
    default: return { ...ADDED_IN_2[table], ...raw }
  }
}

function isPlain(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
