import type { Backup } from '../backup'
import { RECORDS_VERSION, type Swatch, TABLE_NAMES, type Trial } from '../records'
import { measures } from './measures'
import { pieces } from './pieces'
import { projects } from './projects'
import { seams } from './seams'
import { handWalks, inHand, machineStates, needleEnds, needleTimes, tables, walks } from './prepared'
import { demoRow, demoSwatches } from './swatches'
import { bobbins, cloths, feet, machines, needles, plates, stabilizers, threads } from './workbox'

const rest = {
  cloths: new Map(cloths.map(c => [c.id, c])),
  stabilizers: new Map(stabilizers.map(s => [s.id, s])),
}

const swatches: Swatch[] = demoSwatches({ ...tables, ...rest })
/** A strip under way. */
const trials: Trial[] = [
  {
    id: 'demo-trial-1',
    goal: 'metallic',
    care: 'careful',
    setup: seams[0]!.setup,
    startedAt: '2026-05-20T19:50:00Z',
    readBy: '',
    closed: false,
    rows: [
      {
        ...demoRow('metallic', seams[0]!.setup, [2.2], 3.5, tables.machines, 4),
        comparable: true,
        changed: '',
        at: '2026-05-20T19:52:00Z',
        photos: { front: null, back: null },
      },
    ],
  },
]

/** Tables of which the demo has nothing stay empty. */
const NOTHING = Object.fromEntries(TABLE_NAMES.map(table => [table, []])) as unknown as Backup['records']

/** The demo book, in the form of a backup file. */
export const demoBackup: Backup = {
  format: 'lacy-spool',
  version: RECORDS_VERSION,
  exportedAt: '2026-05-20T20:00:00Z',
  records: {
    ...NOTHING,
    machines,
    feet,
    needles,
    threads,
    cloths,
    plates,
    stabilizers,
    bobbins,
    inHand,
    handWalks,
    machineStates,
    walks,
    needleTimes,
    needleEnds,
    trials,
    swatches,
    pieces: [...seams, ...pieces],
    projects,
    measures,
  },
}
