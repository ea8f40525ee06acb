import { type NeedleType, parseNeedleLabel } from '#core/needle'
import { FRESH_NEEDLE, UNKNOWN_FOOT, UNKNOWN_THREAD } from '../records'
import type { Bobbin, Cloth, Foot, Machine, NeedleRecord, Plate, Stabilizer, Thread } from '../records'

// The costume room of an amateur operetta company in the harbour town of Quillhaven. All of it is made up.

export const machines: Machine[] = [
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
    lengthDial: null,
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
    lengthDial: null,
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
    lengthDial: { minMm: 0.5, maxMm: 5, stepMm: 0.1 },
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
    lengthDial: { minMm: 0.5, maxMm: 6, stepMm: 0.25 },
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

const foot = (id: string, name: string, known: Partial<Foot>): Foot => ({
  ...UNKNOWN_FOOT,
  id: `demo-foot-${id}`,
  name,
  ...known,
})
export const feet: Foot[] = [
  foot('zigzag', 'Zigzag', {}),
  foot('open', 'Open toe', {
    kind: 'open toe',
    slotMm: 8,
    sole: 'tunnel',
    toeInsideMm: 4,
    toeOutsideMm: 8.5,
  }),
  foot('tuck', 'Five-groove', {
    kind: 'pintuck',
    slotMm: 6.4,
    sole: 'grooved',
    grooves: 5,
    groovePitchMm: 3.2,
  }),
  foot('wide', 'Wide satin', { kind: 'satin', slotMm: 10.2, sole: 'tunnel' }),
  foot('quarter', 'Quarter inch', { kind: 'quarter-inch', singleHole: true, toeOutsideMm: 6.35 }),
  foot('edge', 'Edge blade', { kind: 'edge guide', slotMm: 7.2, flangeMm: 2 }),
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
export const needles: NeedleRecord[] = [
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
export const threads: Thread[] = [
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
    label: 'pearl No. 12',
    texBasis: 'nominal',
    metresLeft: 70,
    form: 'ball',
  }),
  thread('rope', 'Rope pearl 8', 'pearl-cotton', 125, plain('#d8cdb4'), {
    label: 'pearl No. 8',
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

export const cloths: Cloth[] = [
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
export const plates: Plate[] = [
  { id: 'demo-plate-round', name: 'Round hole, Attic seven', slotMm: null, singleHole: true },
]
export const stabilizers: Stabilizer[] = [
  { id: 'demo-stabilizer-tear', name: 'Harbour tear-away', kind: 'tear-away' },
  { id: 'demo-stabilizer-cut', name: 'Soft cut-away', kind: 'cut-away' },
]
export const bobbins: Bobbin[] = [
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
