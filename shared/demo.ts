import { combinationKey } from '#core/handwalk'
import { describeNeedle, type NeedleType, parseNeedleLabel } from '#core/needle'
import type { Backup } from './backup'
import { benchOf, swingInputOf } from './bench'
import { DEFAULT_SETTINGS } from './defaults'
import type { Cloth, Foot, HandWalk, Machine, NeedleRecord, Plan, Setup, SetupContent, Thread } from './records'

// The costume room of an amateur operetta company in the harbour town of Quillhaven. All of it is made up.

const machines: Machine[] = [
  { id: 'demo-machine-pantry', name: 'Pantry five', maxWidthMm: 5, twinMode: { kind: 'none' }, forgetsTwinMode: null, needlePositions: 3, plateSlotMm: null, tensionDial: { min: 0, max: 9, home: 4 } },
  { id: 'demo-machine-ferry', name: 'Ferry six', maxWidthMm: 6, twinMode: { kind: 'on-off', assumedGapMm: 2 }, forgetsTwinMode: true, needlePositions: null, plateSlotMm: null, tensionDial: { min: 0, max: 9, home: 4.5 } },
  { id: 'demo-machine-attic', name: 'Attic seven', maxWidthMm: 7, twinMode: { kind: 'on-off', assumedGapMm: 2 }, forgetsTwinMode: true, needlePositions: 15, plateSlotMm: 8.2, tensionDial: { min: 0, max: 9, home: 4 } },
  { id: 'demo-machine-gallery', name: 'Gallery nine', maxWidthMm: 9, twinMode: { kind: 'by-gap' }, forgetsTwinMode: false, needlePositions: 37, plateSlotMm: 10.4, tensionDial: { min: 0, max: 9, home: 4.5 } },
]

const feet: Foot[] = [
  { id: 'demo-foot-zigzag', name: 'Zigzag', kind: 'zigzag', slotMm: null, sole: 'flat', singleHole: false },
  { id: 'demo-foot-open', name: 'Open toe', kind: 'open toe', slotMm: 8, sole: 'tunnel', singleHole: false },
  { id: 'demo-foot-tuck', name: 'Five-groove', kind: 'pintuck', slotMm: 6.4, sole: 'grooved', singleHole: false },
  { id: 'demo-foot-wide', name: 'Wide satin', kind: 'satin', slotMm: 10.2, sole: 'tunnel', singleHole: false },
  { id: 'demo-foot-quarter', name: 'Quarter inch', kind: 'quarter-inch', slotMm: null, sole: 'flat', singleHole: true },
]

/** From labels, as they would be typed. */
const needle = (id: string, label: string): NeedleRecord => {
  const reading = parseNeedleLabel(label)
  if (!reading.ok) throw new Error(reading.message)
  return { id: `demo-needle-${id}`, ...reading.needle, type: reading.needle.type as NeedleType }
}
const needles: NeedleRecord[] = [
  needle('80', '80/12'), needle('topstitch', '100/16 topstitch'),
  needle('16', '1.6/80'), needle('20', '2.0/80'), needle('20m', '2.0/80 metallic'), needle('25', '2.5/80'), needle('25s', '2.5/75 stretch'), needle('30e', '3.0/75 embroidery'),
  needle('40', '4.0/90'), needle('40j', '4.0/100 jeans'), needle('60', '6.0/100'), needle('80w', '8.0/100'), needle('t25', 'triple 2.5/80'),
]

const plain = (hex: string) => [{ hex, runMm: 1000 }]
const threads: Thread[] = [
  { id: 'demo-thread-slate', name: 'Slate rayon 40', kind: 'rayon', tex: 25, diameterMm: null, colours: plain('#3a5a8c') },
  { id: 'demo-thread-gold', name: 'Gold metallic', kind: 'metallic', tex: 30, diameterMm: null, colours: plain('#c28a1e') },
  { id: 'demo-thread-wine', name: 'Wine rayon 40', kind: 'rayon', tex: 25, diameterMm: null, colours: plain('#7a2440') },
  { id: 'demo-thread-tide', name: 'Tide variegated 40', kind: 'polyester', tex: 27, diameterMm: null, colours: [{ hex: '#1f4e6b', runMm: 35 }, { hex: '#4e93a8', runMm: 35 }, { hex: '#b9d6cf', runMm: 25 }, { hex: '#4e93a8', runMm: 35 }] },
  { id: 'demo-thread-navy', name: 'Navy cotton 50', kind: 'cotton', tex: 23.6, diameterMm: null, colours: plain('#22304f') },
  { id: 'demo-thread-white', name: 'White cotton 50', kind: 'cotton', tex: 23.6, diameterMm: null, colours: plain('#f4f0e6') },
  { id: 'demo-thread-lantern', name: 'Lantern pearl 12', kind: 'pearl-cotton', tex: 83, diameterMm: null, colours: plain('#c0502d') },
  { id: 'demo-thread-star', name: 'Star film', kind: 'film', tex: null, diameterMm: 0.4, colours: plain('#c9cfdb') },
  { id: 'demo-thread-fine', name: 'Fine grey 80', kind: 'polyester', tex: 12.5, diameterMm: null, colours: plain('#8f8f8a') },
  { id: 'demo-thread-market', name: 'Market find', kind: 'polyester', tex: null, diameterMm: null, colours: plain('#5d7a4a') },
]

const cloths: Cloth[] = [
  { id: 'demo-cloth-linen', name: 'Linen', thicknessMm: 0.45, hex: '#e6d9c0' },
  { id: 'demo-cloth-batiste', name: 'Batiste', thicknessMm: 0.18, hex: '#f3eee4' },
  { id: 'demo-cloth-velvet', name: 'Night velvet', thicknessMm: 1.4, hex: '#3a3358' },
  { id: 'demo-cloth-felt', name: 'Lantern felt', thicknessMm: 2.1, hex: '#8c3b2e' },
  { id: 'demo-cloth-jersey', name: 'Jersey', thicknessMm: null, hex: '#b9c4cf' },
]

interface Sewn { stitch: string, width: number, length: number, needle: string, machine?: string, foot?: string | null, left?: string, right?: string, bobbin?: string, cloth?: string, layers?: number, tension?: number | null, mirror?: boolean, position?: number, plate?: 'zigzag' | 'single-hole' }
const on = (s: Sewn): SetupContent => ({
  machineId: `demo-machine-${s.machine ?? 'attic'}`,
  footId: s.foot === null ? null : `demo-foot-${s.foot ?? 'open'}`,
  plate: s.plate ?? 'zigzag',
  needleId: `demo-needle-${s.needle}`,
  stitch: { stitchId: s.stitch, widthMm: s.width, lengthMm: s.length, mirror: s.mirror ?? false, positionMm: s.position ?? 0 },
  threadIds: { left: `demo-thread-${s.left ?? 'slate'}`, middle: null, right: `demo-thread-${s.right ?? 'gold'}` },
  bobbinId: `demo-thread-${s.bobbin ?? 'fine'}`,
  tension: s.tension === undefined ? 4 : s.tension,
  clothId: `demo-cloth-${s.cloth ?? 'linen'}`,
  layers: s.layers ?? 2,
})

const plan = (id: string, name: string, day: string, note: string, sewn: Sewn): Plan =>
  ({ id: `demo-plan-${id}`, name, setup: on(sewn), keptAt: `2026-${day}T18:30:00Z`, note })
const plans: Plan[] = [
  plan('collar', 'Sailor collar, honeycomb band', '02-11', 'Two bands, mirrored at the point.', { stitch: 'honeycomb', width: 4, length: 2.5, needle: '20m', tension: 2.8 }),
  plan('cape', 'Night cape, serpentine scrolls', '02-19', 'Slow, spool on the stand.', { stitch: 'serpentine', width: 5, length: 1.2, needle: '20m', machine: 'gallery', foot: 'wide', left: 'gold', right: 'gold', cloth: 'velvet', layers: 1, tension: 2.5 }),
  plan('capehem', 'Night cape, feathered hem', '02-26', 'Tide to the outside.', { stitch: 'feather', width: 6, length: 2.5, needle: '25', machine: 'gallery', foot: 'wide', left: 'tide', right: 'slate', cloth: 'velvet', layers: 2 }),
  plan('shirt', 'Shirt front, pintucks', '03-04', 'Tension up for the ridge.', { stitch: 'straight', width: 0, length: 2.2, needle: '16', foot: 'tuck', left: 'white', right: 'white', bobbin: 'white', cloth: 'batiste', layers: 1, tension: 7 }),
  plan('cuff', 'Cuffs, narrow zigzag', '03-10', '', { stitch: 'zigzag', width: 2.5, length: 1.5, needle: '20', machine: 'pantry', foot: 'zigzag', left: 'navy', right: 'wine', bobbin: 'navy' }),
  plan('jersey', 'Sailor jersey hem', '03-17', 'No cotton here: it does not give.', { stitch: 'straight', width: 0, length: 3, needle: '25s', machine: 'ferry', foot: 'zigzag', left: 'tide', right: 'tide', cloth: 'jersey', tension: 4 }),
  plan('strap', 'Bias straps, both edges at once', '03-24', 'Quarter-inch strip, gap 4.0.', { stitch: 'straight', width: 0, length: 3, needle: '40', left: 'navy', right: 'navy', bobbin: 'navy' }),
  plan('flag', 'Signal flags, jeans twin', '04-02', '', { stitch: 'straight', width: 0, length: 3.5, needle: '40j', machine: 'gallery', foot: 'wide', left: 'wine', right: 'navy', bobbin: 'navy' }),
  plan('scallop', 'Collar edge, scallop', '04-09', '', { stitch: 'scallop', width: 3.5, length: 1.2, needle: '25', left: 'wine', right: 'gold' }),
  plan('leaf', 'Garland, satin leaf (muddy)', '04-16', 'Honest failure: the colours ran together. Length 0.6 next time.', { stitch: 'satin-leaf', width: 4.5, length: 0.3, needle: '20', left: 'wine', right: 'tide' }),
  plan('struck', 'Chorus aprons, wide zigzag (struck)', '04-20', 'Honest failure: broke a needle at 5 on the six. Keep it here as a warning.', { stitch: 'zigzag', width: 5, length: 1.5, needle: '25', machine: 'ferry', foot: 'zigzag' }),
  plan('edge', 'Raw edges, overcast (refused)', '04-27', 'Held right: no width helps. Use the single needle.', { stitch: 'overcast', width: 4, length: 2, needle: '20', left: 'navy', right: 'navy' }),
  plan('triple', 'Captain’s stripes, triple', '05-06', 'Three rows in one pass.', { stitch: 'straight', width: 0, length: 3, needle: 't25', machine: 'gallery', foot: 'wide', left: 'gold', right: 'gold', cloth: 'linen' }),
  plan('banner', 'Lantern banner, pearl line', '05-14', 'One needle; a hair of bobbin shows.', { stitch: 'straight', width: 0, length: 3, needle: 'topstitch', foot: 'open', left: 'lantern', right: 'lantern', bobbin: 'navy', cloth: 'felt', layers: 1, tension: 5 }),
]

const setup: Setup = { id: 'current', ...plans[0]!.setup }

const tables = {
  machines: new Map(machines.map(m => [m.id, m])), feet: new Map(feet.map(f => [f.id, f])),
  needles: new Map(needles.map(n => [n.id, n])), stitches: new Map(),
}
const walked = (id: string, planId: string, day: string): HandWalk => {
  const content = plans.find(p => p.id === `demo-plan-${planId}`)!.setup
  const bench = benchOf(content, tables)
  const swing = swingInputOf(content, bench, DEFAULT_SETTINGS)!
  return {
    id: `demo-walk-${id}`,
    key: combinationKey({ machineId: content.machineId!, footId: content.footId, needleId: content.needleId!, swing }),
    summary: `${bench.machine!.name} · ${describeNeedle(bench.needle!)} · ${bench.stitch!.name} width ${content.stitch.widthMm} · ${bench.foot?.name ?? 'no foot chosen'}`,
    walkedAt: `2026-${day}T17:50:00Z`,
  }
}
const handWalks: HandWalk[] = [walked('1', 'cape', '02-19'), walked('2', 'capehem', '02-26'), walked('3', 'cuff', '03-10'), walked('4', 'scallop', '04-09')]

/** The demo book, in the form of a backup file. */
export const demoBackup: Backup = {
  format: 'lacy-spool', version: 1, exportedAt: '2026-05-20T20:00:00Z',
  records: { machines, feet, needles, threads, cloths, stitches: [], plans, setup: [setup], handWalks, settings: [] },
}
