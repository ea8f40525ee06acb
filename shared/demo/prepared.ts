import { combinationKey } from '#core/handwalk'
import { describeNeedle } from '#core/needle'
import { UNKNOWN_STATE } from '#core/putback'
import { threadingWalk } from '#core/walk'
import { setupPartsOf, swingInputOf, walkInputOf } from '../inputs'
import { DEFAULT_SETTINGS } from '../records'
import type { HandWalk, MachineStateRecord, NeedleEnd, NeedleTime, WalkRecord } from '../records'
import type { SetupContent } from '../setup'
import { seams } from './seams'
import { feet, machines, needles, threads } from './workbox'

/** What is in hand this evening, and on the machine. */
export const inHand = [{ id: 'current' as const, pieceId: seams[0]!.id }]
const { setup } = seams[0]!

export const tables = {
  machines: new Map(machines.map(m => [m.id, m])),
  feet: new Map(feet.map(f => [f.id, f])),
  needles: new Map(needles.map(n => [n.id, n])),
  stitches: new Map(),
  plates: new Map(),
  threads: new Map(threads.map(t => [t.id, t])),
  cloths: new Map(),
  stabilizers: new Map(),
  pieces: new Map(),
}
const walked = (id: string, planId: string, day: string): HandWalk => {
  const content = seams.find(p => p.id === `demo-plan-${planId}`)!.setup
  const parts = setupPartsOf(content, tables)
  const swing = swingInputOf(content, parts, DEFAULT_SETTINGS)!
  return {
    id: `demo-walk-${id}`,
    key: combinationKey({
      machineId: content.machineId!,
      footId: content.footId,
      needleId: content.needleId!,
      swing,
    }),
    summary:
      `${parts.machine!.name} · ${describeNeedle(parts.needle!)} · ${parts.stitch!.name} width `
      + `${content.stitch.widthMm} · ${parts.foot?.name ?? 'no foot chosen'}`,
    walkedAt: `2026-${day}T17:50:00Z`,
  }
}
export const handWalks: HandWalk[] = [
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
export const machineStates: MachineStateRecord[] = [
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
  const { setup: content, name } = seams.find(p => p.id === `demo-plan-${planId}`)!
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
export const walks: WalkRecord[] = [
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
export const needleTimes: NeedleTime[] = [
  time('1', '20m', 'gallery', '02-19', 1.8, 'timer', { metallic: true }),
  time('2', '90m', 'attic', '04-22', 2.5, 'timer', { metallic: true }),
  time('3', 'topstitch', 'attic', '05-14', 1.2, 'metres', { pearl: true, felt: true }),
  time('4', '40', 'attic', '03-24', 8.5, 'typed'),
]
export const needleEnds: NeedleEnd[] = [
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
