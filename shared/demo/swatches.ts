import { seeded, sewRow } from '#core/simulated'
import type { TrialGoal } from '#core/trial'
import { demoSetup, type Sewn } from './setups'
import type { Machine, Swatch, TrialRowRecord } from '../records'
import type { SetupContent } from '../setup'
import { frozenOf } from '../inputs'

/** On a hidden machine: where the goal lies, and where the thread begins to break. */
type Lies = readonly [goalMark: number, breakMark?: number]
/** With this one, what was called good reads as its goal asks. */
const FIRST_SEED = 101
/** Reading steps a mark. */
const SLOPE = 0.9

/** What a simulated machine answers: nothing in the demo was really sewn. */
export function demoRow(
  goal: TrialGoal,
  setup: SetupContent,
  [goalMark, breakMark = goalMark + 5]: Lies,
  at: number,
  machines: ReadonlyMap<string, Machine>,
  seed: number,
): Pick<TrialRowRecord, 'dial' | 'ridge' | 'show' | 'skips' | 'breaks' | 'holes' | 'sound'> {
  const dial = { ...machines.get(setup.machineId!)!.tensionDial!, step: 0.1 }
  const {
    truth: _,
    ridge = null,
    show = null,
    breaks = false,
    skips = false,
  } = sewRow(
    { goal, dial, goalMark, slope: SLOPE, otherOff: -0.3, breakMark, skipMark: goalMark + 5 },
    at,
    seeded(seed),
  )
  return { dial: at, ridge, show, skips, breaks, holes: false, sound: 'usual' }
}

/**
 * A swatch kept that season: name, goal, what was sewn, what lies hidden, verdict, day, rows it took, note.
 */
type Kept = [
  name: string,
  goal: TrialGoal,
  sewn: Sewn & { tension: number },
  lies: Lies,
  verdict: Swatch['verdict'],
  day: string,
  rows: number | null,
  note?: string,
  source?: Swatch['source'],
]
const BAND: Sewn = { stitch: 'honeycomb', width: 4, length: 2.5, needle: '20m', stabilizer: 'tear' }
const CAPE: Sewn = {
  stitch: 'serpentine',
  width: 5,
  length: 1.2,
  needle: '20m',
  machine: 'gallery',
  foot: 'wide',
  left: 'gold',
  right: 'gold',
  cloth: 'velvet',
  layers: 1,
  stabilizer: 'cut',
}
const LINE: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 3,
  needle: '90m',
  left: 'gold',
  right: 'gold',
  cloth: 'linen',
  job: 'metallic-line',
}
const TUCK: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 2.2,
  needle: '16',
  foot: 'tuck',
  left: 'white',
  right: 'white',
  bobbin: 'white',
  cloth: 'batiste',
  layers: 1,
  job: 'pintucks',
  goal: 'raised',
}
const HEM: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 3,
  needle: '25s',
  machine: 'ferry',
  foot: 'zigzag',
  left: 'tide',
  right: 'tide',
  cloth: 'jersey',
  job: 'hem',
  goal: 'flat',
}
const TOP: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 3.5,
  needle: '40',
  left: 'navy',
  right: 'navy',
  bobbin: 'navy',
  job: 'topstitching',
}
const PEARL: Sewn = {
  stitch: 'straight',
  width: 0,
  length: 3,
  needle: 'topstitch',
  left: 'lantern',
  right: 'lantern',
  bobbin: 'navy',
  cloth: 'felt',
  layers: 1,
  job: 'pearl-line',
  goal: 'bobbin hair',
}
const LEAF: Sewn = {
  stitch: 'satin-leaf',
  width: 4.5,
  length: 0.6,
  needle: '20',
  left: 'wine',
  right: 'tide',
}
const KEPT: Kept[] = [
  [
    'Sailor band, first',
    'metallic',
    { ...BAND, tension: 3.5 },
    [2.7],
    'usable',
    '02-08',
    1,
    'Bobbin peeps at the points.',
  ],
  [
    'Sailor band',
    'metallic',
    { ...BAND, tension: 2.8 },
    [2.7],
    'good',
    '02-11',
    4,
    'Two bands, mirrored at the point.',
  ],
  ['Sailor band, cuff', 'metallic', { ...BAND, tension: 2.7, width: 3.5 }, [2.7], 'good', '02-13', 3],
  [
    'Cape scrolls, first',
    'metallic',
    { ...CAPE, tension: 4 },
    [2.6, 3.3],
    'failed',
    '02-16',
    2,
    'Frayed at the third curve.',
  ],
  [
    'Cape scrolls',
    'metallic',
    { ...CAPE, tension: 2.5 },
    [2.6, 3.3],
    'good',
    '02-19',
    4,
    'Slow, spool on the stand.',
  ],
  ['Cape scrolls, lining', 'metallic', { ...CAPE, tension: 2.75 }, [2.6, 3.3], 'good', '02-20', 3],
  [
    'Gold line on the sash',
    'metallic',
    { ...LINE, tension: 1.9 },
    [1.95, 3.3],
    'good',
    '02-22',
    3,
    'Lower again than the zigzag.',
  ],
  ['Gold line, second', 'metallic', { ...LINE, tension: 2 }, [2.1, 3.3], 'good', '02-24', 3],
  [
    'Gold line, hurried',
    'metallic',
    { ...LINE, tension: 4 },
    [1.95, 3.3],
    'failed',
    '02-25',
    1,
    'Broke twice. Normal tension is no place for metallic.',
  ],
  ['Shirt tucks', 'raised', { ...TUCK, tension: 8.6 }, [8.4], 'good', '03-04', 3, 'Nine in a row, parallel.'],
  ['Shirt tucks, yoke', 'raised', { ...TUCK, tension: 8.3 }, [8.4], 'good', '03-05', 3],
  [
    'Shirt tucks, too low',
    'raised',
    { ...TUCK, tension: 7 },
    [8.4],
    'usable',
    '03-06',
    1,
    'They lie down after pressing.',
  ],
  ['Shirt tucks, cuffs', 'raised', { ...TUCK, tension: 8.5 }, [8.4], 'good', '03-08', 2],
  [
    'Jersey hem',
    'flat',
    { ...HEM, tension: 3.5 },
    [3.5],
    'good',
    '03-17',
    3,
    'Half a mark down and it lay flat. Tight in the eye, and it ran.',
  ],
  [
    'Jersey hem, sleeves',
    'flat',
    { ...HEM, tension: 3.5 },
    [3.6],
    'good',
    '03-18',
    2,
    'Tight in the eye again.',
  ],
  [
    'Jersey hem, as it came',
    'flat',
    { ...HEM, tension: 4.5 },
    [3.6],
    'failed',
    '03-17',
    1,
    'It stood up all the way round. Tight in the eye.',
  ],
  [
    'Jersey hem, longer stitch',
    'flat',
    { ...HEM, length: 3.5, tension: 4 },
    [4],
    'good',
    '03-19',
    3,
    'Still tight in the eye.',
  ],
  ['Strap edges', 'balanced', { ...TOP, tension: 4 }, [4.1], 'good', '03-24', 2],
  ['Strap edges, second bolt', 'balanced', { ...TOP, tension: 4.2 }, [4.1], 'good', '03-26', 3],
  [
    'Flag seams',
    'balanced',
    { ...TOP, needle: '40j', machine: 'gallery', foot: 'wide', left: 'wine', tension: 4.5 },
    [4.5],
    'good',
    '04-02',
    2,
  ],
  [
    'Flag seams, from the manual',
    'balanced',
    { ...TOP, needle: '40j', machine: 'gallery', foot: 'wide', left: 'wine', tension: 5 },
    [4.2],
    'usable',
    '04-01',
    null,
    'What the leaflet said. Half a mark too much here.',
    'rule',
  ],
  [
    'Lantern line',
    'bobbinHair',
    { ...PEARL, tension: 5 },
    [5.05],
    'good',
    '05-14',
    3,
    'A hair of navy between the stitches.',
  ],
  ['Lantern line, corners', 'bobbinHair', { ...PEARL, tension: 5.1 }, [5.05], 'good', '05-15', 3],
  ['Lantern line, no hair', 'balanced', { ...PEARL, tension: 4 }, [4.0], 'good', '05-13', 2],
  [
    'Lantern line, guessed',
    'bobbinHair',
    { ...PEARL, tension: 6 },
    [5.05],
    'usable',
    '05-12',
    null,
    'A number from memory.',
    'guess',
  ],
  [
    'Garland leaf',
    'satin',
    { ...LEAF, tension: 3.4 },
    [3.45],
    'good',
    '04-17',
    4,
    'At 0.6 the colours stay apart.',
  ],
  [
    'Garland leaf, muddy',
    'satin',
    { ...LEAF, length: 0.3, tension: 3.6 },
    [3.45],
    'failed',
    '04-16',
    2,
    'Tension was right, length was not.',
  ],
  ['Garland leaf, hem', 'satin', { ...LEAF, tension: 3.5 }, [3.45], 'good', '04-18', 3],
  [
    'Scallop on the collar',
    'satin',
    { stitch: 'scallop', width: 3.5, length: 1.2, needle: '25', left: 'wine', right: 'slate', tension: 3.6 },
    [3.6],
    'good',
    '04-09',
    3,
  ],
  [
    'Hidden edge, monofilament',
    'invisible',
    {
      stitch: 'zigzag',
      width: 1,
      length: 1,
      needle: '70',
      left: 'mist',
      right: 'mist',
      bobbin: 'white',
      foot: 'zigzag',
      job: 'hidden-edge',
      goal: 'invisible',
      tension: 0.8,
    },
    [0.8],
    'good',
    '04-28',
    4,
    'Nearly nothing on the dial.',
  ],
  [
    'Felt stars, blanket stitch',
    'blanket',
    {
      stitch: 'blanket',
      width: 6,
      length: 5,
      needle: 'topstitch',
      left: 'lantern',
      right: 'lantern',
      bobbin: 'navy',
      cloth: 'felt',
      layers: 2,
      job: 'blanket-edge',
      tension: 4,
    },
    [4.0],
    'good',
    '05-02',
    2,
  ],
]

/** Swatches measured across before and after their tucks. */
const TAKE_UP: Readonly<Record<string, Swatch['takeUp']>> = {
  'Shirt tucks': { beforeMm: 120, afterMm: 109, tucks: 10, readMm: 0.5 },
}

export function demoSwatches(
  tables: Parameters<typeof frozenOf>[1] & { readonly machines: ReadonlyMap<string, Machine> },
): Swatch[] {
  return KEPT.map(([name, goal, sewn, lies, verdict, day, rowsSewn, note = '', source = 'own'], i) => {
    const setup = demoSetup(sewn)
    const { dial: _, ...readings } = demoRow(goal, setup, lies, sewn.tension, tables.machines, FIRST_SEED + i)
    return {
      id: `demo-swatch-${i + 1}`,
      name,
      goal,
      setup,
      frozen: frozenOf(setup, tables),
      readings,
      rowsSewn,
      verdict,
      note,
      keptAt: `2026-${day}T20:30:00Z`,
      source,
      photos: { front: null, back: null },
      takeUp: TAKE_UP[name] ?? null,
    }
  })
}
