import { FRESH_USE } from '#core/care'
import { DEFAULT_SCHOOLS } from '#core/schools'
import { DEFAULT_CLEARANCE_MM } from '#core/swing'
import type { Cloth, Machine, NeedleRecord, Settings, Setup, Thread } from './records'

/** Before anything is chosen. Straight, centred, length 2.5: the start state before a twin is fitted. */
export const EMPTY_SETUP = {
  id: 'current',
  machineId: null,
  footId: null,
  plate: 'zigzag',
  plateId: null,
  needleId: null,
  stitch: { stitchId: 'straight', widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 },
  threadIds: { left: null, middle: null, right: null },
  bobbinId: null,
  tension: null,
  clothId: null,
  layers: 2,
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
  bobbinTension: 'home',
  pressure: 'home',
  speed: null,
} as const satisfies Setup

export const DEFAULT_SETTINGS = {
  id: 'settings',
  unit: 'mm',
  backedUpAt: null,
  clearanceMm: DEFAULT_CLEARANCE_MM,
  schools: DEFAULT_SCHOOLS,
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
} satisfies Settings

/** A machine about which only its widest stitch is known. */
export const UNKNOWN_MACHINE = {
  maxWidthMm: 7,
  twinMode: { kind: 'none' },
  forgetsTwinMode: null,
  needlePositions: null,
  plateSlotMm: null,
  tensionDial: null,
  dialStep: null,
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
} as const satisfies Omit<Machine, 'id' | 'name'>

/** A needle just out of its packet. */
export const FRESH_NEEDLE = {
  count: 1,
  ...FRESH_USE,
} as const satisfies Partial<NeedleRecord>

/** A thread about which nothing but kind and colour is known. */
export const UNKNOWN_THREAD = {
  kind: 'polyester',
  tex: null,
  diameterMm: null,
  label: '',
  texBasis: null,
  metresLeft: null,
  form: null,
  unwinds: null,
} as const satisfies Partial<Thread>

export const UNKNOWN_CLOTH = {
  thicknessMm: null,
  structure: null,
  weight: null,
} as const satisfies Partial<Cloth>
