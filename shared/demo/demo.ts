import { demoRow, demoSwatches } from './swatches'
import { demoSetup as on, type Sewn } from './setups'
import { combinationKey } from '#core/handwalk'
import { describeNeedle, type NeedleType, parseNeedleLabel } from '#core/needle'
import { UNKNOWN_STATE } from '#core/putback'
import { threadingWalk } from '#core/walk'
import type { Backup } from '../backup'
import { benchOf, swingInputOf, walkInputOf } from '../inputs'
import { TABLE_NAMES, RECORDS_VERSION, UNKNOWN_THREAD, FRESH_NEEDLE, DEFAULT_SETTINGS } from '../records'
import type {
  Bobbin,
  Cloth,
  Foot,
  HandWalk,
  Machine,
  MachineStateRecord,
  NeedleEnd,
  NeedleRecord,
  NeedleTime,
  Plan,
  Plate,
  Setup,
  Stabilizer,
  Swatch,
  Thread,
  Trial,
  WalkRecord,
} from '../records'
import type { SetupContent } from '../setup'

// The costume room of an amateur operetta company in the harbour town of Quillhaven. All of it is made up.

const machines: Machine[] = [
  {
    id: 'demo-machine-pantry',
    name: 'Pantry five',
    maxWidthMm: 5,
    twinMode: { kind: 'none' },
    forgetsTwinMode: null,
    needlePositions: 3,
    plateSlotMm: null,
    tensionDial: { min: 0, max: 9, home: 4 },
    dialStep: 0.5,
    divider: false,
    needleGuides: 1,
    spoolPins: 1,
    stand: true,
    cup: true,
    threader: false,
    cutter: false,
    lock: false,
    hook: 'front',
    sealed: false,
  },
  {
    id: 'demo-machine-ferry',
    name: 'Ferry six',
    maxWidthMm: 6,
    twinMode: { kind: 'on-off', assumedGapMm: 2 },
    forgetsTwinMode: true,
    needlePositions: null,
    plateSlotMm: null,
    tensionDial: { min: 0, max: 9, home: 4.5 },
    dialStep: null,
    divider: null,
    needleGuides: null,
    spoolPins: 2,
    stand: null,
    cup: true,
    threader: true,
    cutter: false,
    lock: null,
    hook: 'up',
    sealed: null,
  },
  {
    id: 'demo-machine-attic',
    name: 'Attic seven',
    maxWidthMm: 7,
    twinMode: { kind: 'on-off', assumedGapMm: 2 },
    forgetsTwinMode: true,
    needlePositions: 15,
    plateSlotMm: 8.2,
    tensionDial: { min: 0, max: 9, home: 4 },
    dialStep: 0.1,
    divider: true,
    needleGuides: 1,
    spoolPins: 2,
    stand: true,
    cup: true,
    threader: true,
    cutter: true,
    lock: true,
    hook: 'front',
    sealed: false,
  },
  {
    id: 'demo-machine-gallery',
    name: 'Gallery nine',
    maxWidthMm: 9,
    twinMode: { kind: 'by-gap' },
    forgetsTwinMode: false,
    needlePositions: 37,
    plateSlotMm: 10.4,
    tensionDial: { min: 0, max: 9, home: 4.5 },
    dialStep: 0.25,
    divider: true,
    needleGuides: 2,
    spoolPins: 3,
    stand: true,
    cup: true,
    threader: true,
    cutter: true,
    lock: true,
    hook: 'up',
    sealed: true,
  },
]

const feet: Foot[] = [
  { id: 'demo-foot-zigzag', name: 'Zigzag', kind: 'zigzag', slotMm: null, sole: 'flat', singleHole: false },
  { id: 'demo-foot-open', name: 'Open toe', kind: 'open toe', slotMm: 8, sole: 'tunnel', singleHole: false },
  {
    id: 'demo-foot-tuck',
    name: 'Five-groove',
    kind: 'pintuck',
    slotMm: 6.4,
    sole: 'grooved',
    singleHole: false,
  },
  {
    id: 'demo-foot-wide',
    name: 'Wide satin',
    kind: 'satin',
    slotMm: 10.2,
    sole: 'tunnel',
    singleHole: false,
  },
  {
    id: 'demo-foot-quarter',
    name: 'Quarter inch',
    kind: 'quarter-inch',
    slotMm: null,
    sole: 'flat',
    singleHole: true,
  },
]

/** From labels, as they would be typed. */
const needle = (id: string, label: string, over: Partial<NeedleRecord> = {}): NeedleRecord => {
  const reading = parseNeedleLabel(label)
  if (!reading.ok) throw new Error(reading.message)
  return {
    id: `demo-needle-${id}`,
    ...reading.needle,
    type: reading.needle.type as NeedleType,
    ...FRESH_NEEDLE,
    ...over,
  }
}
const needles: NeedleRecord[] = [
  needle('80', '80/12', { count: 4 }),
  needle('90m', '90/14 metallic', { hoursSewn: 2.5, seen: { metallic: true, fusible: false, pearl: false } }),
  needle('70', '70/10', { count: 3 }),
  needle('topstitch', '100/16 topstitch', {
    hoursSewn: 1.2,
    seen: { metallic: false, fusible: false, pearl: true },
  }),
  needle('16', '1.6/80'),
  needle('20', '2.0/80'),
  needle('20m', '2.0/80 metallic', {
    hoursSewn: 1.8,
    seen: { metallic: true, fusible: false, pearl: false },
  }),
  needle('25', '2.5/80'),
  needle('25s', '2.5/75 stretch'),
  needle('30e', '3.0/75 embroidery'),
  needle('40', '4.0/90', { hoursSewn: 8.5 }),
  needle('40j', '4.0/100 jeans'),
  needle('60', '6.0/100', { count: 0 }),
  needle('80w', '8.0/100'),
  needle('t25', 'triple 2.5/80'),
]

const plain = (hex: string) => [{ hex, runMm: 1000 }]
const thread = (
  id: string,
  name: string,
  kind: Thread['kind'],
  tex: number | null,
  colours: Thread['colours'],
  over: Partial<Thread> = {},
): Thread => ({
  id: `demo-thread-${id}`,
  name,
  ...UNKNOWN_THREAD,
  kind,
  tex,
  colours,
  form: 'spool',
  ...over,
})
const threads: Thread[] = [
  thread('slate', 'Slate rayon 40', 'rayon', 25, plain('#3a5a8c'), {
    label: '40 wt',
    texBasis: 'nominal',
    metresLeft: 320,
    unwinds: 'rolling off',
  }),
  thread('gold', 'Gold metallic', 'metallic', 30, plain('#c28a1e'), {
    label: 'Tex 30',
    texBasis: 'label',
    metresLeft: 90,
    unwinds: 'rolling off',
  }),
  thread('wine', 'Wine rayon 40', 'rayon', 25, plain('#7a2440'), {
    label: '40 wt',
    texBasis: 'nominal',
    metresLeft: 210,
  }),
  thread(
    'tide',
    'Tide variegated 40',
    'polyester',
    27,
    [
      { hex: '#1f4e6b', runMm: 35 },
      { hex: '#4e93a8', runMm: 35 },
      { hex: '#b9d6cf', runMm: 25 },
      { hex: '#4e93a8', runMm: 35 },
    ],
    { label: '120/2 den', texBasis: 'label', metresLeft: 400 },
  ),
  thread('navy', 'Navy cotton 50', 'cotton', 23.62, plain('#22304f'), {
    label: '50/2 Ne',
    texBasis: 'label',
    metresLeft: 600,
    form: 'cone',
  }),
  thread('white', 'White cotton 50', 'cotton', 23.62, plain('#f4f0e6'), {
    label: '50/2 Ne',
    texBasis: 'label',
    metresLeft: 45,
  }),
  thread('lantern', 'Lantern pearl 12', 'pearl-cotton', 83, plain('#c0502d'), {
    label: 'No. 12',
    texBasis: 'nominal',
    metresLeft: 70,
    form: 'ball',
  }),
  thread('rope', 'Rope pearl 8', 'pearl-cotton', 125, plain('#d8cdb4'), {
    label: 'No. 8',
    texBasis: 'nominal',
    metresLeft: 0,
    form: 'ball',
  }),
  thread('star', 'Star film', 'film', null, plain('#c9cfdb'), {
    diameterMm: 0.4,
    metresLeft: 120,
    unwinds: 'rolling off',
  }),
  thread('fine', 'Fine grey 80', 'polyester', 12.5, plain('#8f8f8a'), {
    label: '80 wt',
    texBasis: 'nominal',
    metresLeft: 900,
  }),
  thread('mist', 'Mist monofilament', 'monofilament', null, plain('#d9dcd8'), {
    diameterMm: 0.1,
    metresLeft: 500,
  }),
  thread('mast', 'Mast topstitch', 'polyester', 60, plain('#b8742c'), {
    label: 'Tex 60',
    texBasis: 'label',
    metresLeft: 80,
  }),
  thread('market', 'Market find', 'polyester', null, plain('#5d7a4a')),
]

const cloths: Cloth[] = [
  {
    id: 'demo-cloth-linen',
    name: 'Linen',
    thicknessMm: 0.45,
    hex: '#e6d9c0',
    structure: 'woven',
    weight: 'medium',
  },
  {
    id: 'demo-cloth-batiste',
    name: 'Batiste',
    thicknessMm: 0.18,
    hex: '#f3eee4',
    structure: 'woven',
    weight: 'light',
  },
  {
    id: 'demo-cloth-velvet',
    name: 'Night velvet',
    thicknessMm: 1.4,
    hex: '#3a3358',
    structure: 'woven',
    weight: 'medium',
  },
  {
    id: 'demo-cloth-felt',
    name: 'Lantern felt',
    thicknessMm: 2.1,
    hex: '#8c3b2e',
    structure: 'felt',
    weight: null,
  },
  {
    id: 'demo-cloth-jersey',
    name: 'Jersey',
    thicknessMm: null,
    hex: '#b9c4cf',
    structure: 'knit',
    weight: 'light',
  },
]
const plates: Plate[] = [
  { id: 'demo-plate-round', name: 'Round hole, Attic seven', slotMm: null, singleHole: true },
]
const stabilizers: Stabilizer[] = [
  { id: 'demo-stabilizer-tear', name: 'Harbour tear-away', kind: 'tear-away' },
  { id: 'demo-stabilizer-cut', name: 'Soft cut-away', kind: 'cut-away' },
]
const bobbins: Bobbin[] = [
  {
    id: 'demo-bobbin-1',
    name: 'Grey, full',
    threadId: 'demo-thread-fine',
    woundM: 90,
    holdsM: null,
    outerMm: 20,
    coreMm: 6,
    wideMm: 9,
  },
  {
    id: 'demo-bobbin-2',
    name: 'Navy, half',
    threadId: 'demo-thread-navy',
    woundM: 24,
    holdsM: 48,
    outerMm: null,
    coreMm: null,
    wideMm: null,
  },
]

const plan = (id: string, name: string, day: string, note: string, sewn: Sewn): Plan => ({
  id: `demo-plan-${id}`,
  name,
  setup: on(sewn),
  keptAt: `2026-${day}T18:30:00Z`,
  note,
})
const plans: Plan[] = [
  plan('collar', 'Sailor collar, honeycomb band', '02-11', 'Two bands, mirrored at the point.', {
    stitch: 'honeycomb',
    width: 4,
    length: 2.5,
    needle: '20m',
    tension: 2.8,
    stabilizer: 'tear',
  }),
  plan('cape', 'Night cape, serpentine scrolls', '02-19', 'Slow, spool on the stand.', {
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
    tension: 2.5,
    stabilizer: 'cut',
  }),
  plan('capehem', 'Night cape, feathered hem', '02-26', 'Tide to the outside.', {
    stitch: 'feather',
    width: 6,
    length: 2.5,
    needle: '25',
    machine: 'gallery',
    foot: 'wide',
    left: 'tide',
    right: 'slate',
    cloth: 'velvet',
    layers: 2,
  }),
  plan('shirt', 'Shirt front, pintucks', '03-04', 'Tension up for the ridge.', {
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
    tension: 7,
    technique: 'pintucks',
    goal: 'raised',
  }),
  plan('cuff', 'Cuffs, narrow zigzag', '03-10', '', {
    stitch: 'zigzag',
    width: 2.5,
    length: 1.5,
    needle: '20',
    machine: 'pantry',
    foot: 'zigzag',
    left: 'navy',
    right: 'wine',
    bobbin: 'navy',
  }),
  plan('jersey', 'Sailor jersey hem', '03-17', 'No cotton here: it does not give.', {
    stitch: 'straight',
    width: 0,
    length: 3,
    needle: '25s',
    machine: 'ferry',
    foot: 'zigzag',
    left: 'tide',
    right: 'tide',
    cloth: 'jersey',
    tension: 4,
    technique: 'hem',
    goal: 'flat',
  }),
  plan('strap', 'Bias straps, both edges at once', '03-24', 'Quarter-inch strip, gap 4.0.', {
    stitch: 'straight',
    width: 0,
    length: 3,
    needle: '40',
    left: 'navy',
    right: 'navy',
    bobbin: 'navy',
    technique: 'topstitching',
    goal: 'flat',
  }),
  plan('flag', 'Signal flags, jeans twin', '04-02', '', {
    stitch: 'straight',
    width: 0,
    length: 3.5,
    needle: '40j',
    machine: 'gallery',
    foot: 'wide',
    left: 'wine',
    right: 'navy',
    bobbin: 'navy',
    technique: 'topstitching',
    goal: 'flat',
  }),
  plan('scallop', 'Collar edge, scallop', '04-09', '', {
    stitch: 'scallop',
    width: 3.5,
    length: 1.2,
    needle: '25',
    left: 'wine',
    right: 'gold',
  }),
  plan(
    'leaf',
    'Garland, satin leaf (muddy)',
    '04-16',
    'Honest failure: the colours ran together. Length 0.6 next time.',
    { stitch: 'satin-leaf', width: 4.5, length: 0.3, needle: '20', left: 'wine', right: 'tide' },
  ),
  plan(
    'struck',
    'Chorus aprons, wide zigzag (struck)',
    '04-20',
    'Honest failure: broke a needle at 5 on the six. Keep it here as a warning.',
    { stitch: 'zigzag', width: 5, length: 1.5, needle: '25', machine: 'ferry', foot: 'zigzag' },
  ),
  plan(
    'edge',
    'Raw edges, overcast (refused)',
    '04-27',
    'Held right: no width helps. Use the single needle.',
    { stitch: 'overcast', width: 4, length: 2, needle: '20', left: 'navy', right: 'navy' },
  ),
  plan('triple', 'Captain’s stripes, triple', '05-06', 'Three rows in one pass.', {
    stitch: 'straight',
    width: 0,
    length: 3,
    needle: 't25',
    machine: 'gallery',
    foot: 'wide',
    left: 'gold',
    right: 'gold',
    cloth: 'linen',
    technique: 'topstitching',
    goal: 'flat',
    tension: 3.5,
  }),
  plan('banner', 'Lantern banner, pearl line', '05-14', 'One needle; a hair of bobbin shows.', {
    stitch: 'straight',
    width: 0,
    length: 3,
    needle: 'topstitch',
    foot: 'open',
    left: 'lantern',
    right: 'lantern',
    bobbin: 'navy',
    cloth: 'felt',
    layers: 1,
    tension: 5,
    goal: 'bobbin hair',
  }),
]

const setup: Setup = { id: 'current', ...plans[0]!.setup }

const tables = {
  machines: new Map(machines.map(m => [m.id, m])),
  feet: new Map(feet.map(f => [f.id, f])),
  needles: new Map(needles.map(n => [n.id, n])),
  stitches: new Map(),
  plates: new Map(),
  threads: new Map(threads.map(t => [t.id, t])),
  cloths: new Map(),
  stabilizers: new Map(),
  plans: new Map(),
}
const walked = (id: string, planId: string, day: string): HandWalk => {
  const content = plans.find(p => p.id === `demo-plan-${planId}`)!.setup
  const bench = benchOf(content, tables)
  const swing = swingInputOf(content, bench, DEFAULT_SETTINGS)!
  return {
    id: `demo-walk-${id}`,
    key: combinationKey({
      machineId: content.machineId!,
      footId: content.footId,
      needleId: content.needleId!,
      swing,
    }),
    summary:
      `${bench.machine!.name} · ${describeNeedle(bench.needle!)} · ${bench.stitch!.name} width `
      + `${content.stitch.widthMm} · ${bench.foot?.name ?? 'no foot chosen'}`,
    walkedAt: `2026-${day}T17:50:00Z`,
  }
}
const handWalks: HandWalk[] = [
  walked('1', 'cape', '02-19'),
  walked('2', 'capehem', '02-26'),
  walked('3', 'cuff', '03-10'),
  walked('4', 'scallop', '04-09'),
]

/** The evening's work: the attic machine has its twin in, and is about to be threaded. */
const attic = {
  ...UNKNOWN_STATE,
  twinMode: 'on',
  needleId: setup.needleId,
  footId: setup.footId,
  plate: 'zigzag',
  tension: 4,
  bobbinTension: 'home',
  pressure: 'home',
  widthMm: 0,
  positionMm: 0,
} as const
const machineStates: MachineStateRecord[] = [
  {
    id: 'demo-machine-attic',
    state: attic,
    cleanedAt: '2026-04-12T09:00:00Z',
    oiledAt: '2026-04-12T09:05:00Z',
    sewingSince: null,
  },
  {
    id: 'demo-machine-gallery',
    state: {
      ...UNKNOWN_STATE,
      twinMode: 'on',
      needleId: 'demo-needle-t25',
      footId: 'demo-foot-wide',
      plate: 'zigzag',
      tension: 3.5,
      bobbinTension: 'home',
      pressure: 'less',
      widthMm: 0,
      positionMm: 0,
    },
    cleanedAt: null,
    oiledAt: null,
    sewingSince: null,
  },
]
const stepsOf = (content: SetupContent) =>
  threadingWalk(walkInputOf(content, tables, DEFAULT_SETTINGS, UNKNOWN_STATE)).steps
const FITTED = 10
const begun = stepsOf(setup)
const logged = (id: string, planId: string, day: string): WalkRecord => {
  const { setup: content, name } = plans.find(p => p.id === `demo-plan-${planId}`)!
  return {
    id: `demo-prepared-${id}`,
    machineId: content.machineId!,
    keys: stepsOf(content)
      .map(({ key }) => key)
      .filter(key => !key.includes('"hand-walk"')),
    at: null,
    startedAt: `2026-${day}T17:20:00Z`,
    finishedAt: `2026-${day}T17:50:00Z`,
    summary: name,
    setup: content,
  }
}
const walks: WalkRecord[] = [
  logged('1', 'cape', '02-19'),
  logged('2', 'cuff', '03-10'),
  logged('3', 'triple', '05-06'),
  {
    id: 'demo-prepared-4',
    machineId: setup.machineId!,
    keys: begun.slice(0, FITTED).map(({ key }) => key),
    at: begun[FITTED]!.id,
    startedAt: '2026-05-20T19:40:00Z',
    finishedAt: null,
    summary: 'Sailor collar, honeycomb band',
    setup: null,
  },
]
const time = (
  id: string,
  needleId: string,
  machine: string,
  day: string,
  hours: number,
  source: NeedleTime['source'],
  sewn: Partial<NeedleTime['sewn']> = {},
): NeedleTime => ({
  id: `demo-time-${id}`,
  needleId: `demo-needle-${needleId}`,
  machineId: `demo-machine-${machine}`,
  at: `2026-${day}T21:00:00Z`,
  hours,
  source,
  sewn: { pearl: false, felt: false, metallic: false, fusible: false, ...sewn },
})
const needleTimes: NeedleTime[] = [
  time('1', '20m', 'gallery', '02-19', 1.8, 'timer', { metallic: true }),
  time('2', '90m', 'attic', '04-22', 2.5, 'timer', { metallic: true }),
  time('3', 'topstitch', 'attic', '05-14', 1.2, 'metres', { pearl: true, felt: true }),
  time('4', '40', 'attic', '03-24', 8.5, 'typed'),
]
const needleEnds: NeedleEnd[] = [
  {
    id: 'demo-end-1',
    needleId: 'demo-needle-25',
    label: '2.5/80 universal',
    hours: 3.1,
    blocks: 0,
    seen: { metallic: false, fusible: false, pearl: false },
    why: 'broken',
    at: '2026-04-20T19:10:00Z',
  },
]

const rest = {
  cloths: new Map(cloths.map(c => [c.id, c])),
  stabilizers: new Map(stabilizers.map(s => [s.id, s])),
}

const swatches: Swatch[] = demoSwatches({ ...tables, ...rest })
/** A strip under way on the bench. */
const trials: Trial[] = [
  {
    id: 'demo-trial-1',
    goal: 'metallic',
    care: 'careful',
    setup: plans[0]!.setup,
    startedAt: '2026-05-20T19:50:00Z',
    closed: false,
    rows: [
      {
        ...demoRow('metallic', plans[0]!.setup, [2.2], 3.5, tables.machines, 4),
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
    plans,
    setup: [setup],
    handWalks,
    machineStates,
    walks,
    needleTimes,
    needleEnds,
    trials,
    swatches,
  },
}
