import { describe, expect, it } from 'vitest'
import { sewnKinds, sewnSince } from '#shared/inputs'
import { demoBackup } from '#shared/demo'
import type { NeedleTime, WalkRecord } from '#shared/records'

const byId = <T extends { id: string }>(records: readonly T[]) =>
  new Map(records.map(record => [record.id, record]))
const { threads, cloths, stabilizers, pieces, walks } = demoBackup.records
const TABLES = { threads: byId(threads), cloths: byId(cloths), stabilizers: byId(stabilizers) }
const setupOf = (id: string) => pieces.find(plan => plan.id === `demo-plan-${id}`)!.setup
const PLAIN = { pearl: false, felt: false, metallic: false, fusible: false }
const time = (at: string, over: Partial<NeedleTime> = {}): NeedleTime => ({
  id: at,
  needleId: 'n',
  machineId: 'attic',
  at,
  hours: 1,
  source: 'timer',
  sewn: PLAIN,
  ...over,
})

describe('what a setup leaves behind', () => {
  it('is read from every thread, the bobbin’s too, from cloth and stabilizer', () => {
    expect(sewnKinds(setupOf('banner'), TABLES)).toEqual({ ...PLAIN, pearl: true, felt: true })
    expect(sewnKinds(setupOf('cape'), TABLES)).toEqual({ ...PLAIN, metallic: true })
    const wound = { ...setupOf('shirt'), bobbinId: 'demo-thread-gold' }
    expect(sewnKinds(wound, TABLES).metallic).toBe(true)
  })
  it('is nothing where nothing is chosen', () =>
    expect(
      sewnKinds(
        {
          ...setupOf('shirt'),
          threadIds: { left: null, middle: null, right: null },
          bobbinId: null,
          clothId: null,
          stabilizerId: null,
        },
        TABLES,
      ),
    ).toEqual(PLAIN))
})

describe('what was sewn since the last cleaning', () => {
  const since = (moment: string | null, times: NeedleTime[], done: WalkRecord[] = []) =>
    sewnSince('attic', moment, new Date('2026-06-01T10:00:00Z'), times, done, TABLES)
  it('adds the hours on this machine only, after that moment only', () => {
    const times = [
      time('2026-03-01T20:00:00Z'),
      time('2026-05-01T20:00:00Z', { hours: 0.5 }),
      time('2026-05-02T20:00:00Z', { machineId: 'gallery', hours: 9 }),
    ]
    expect(since('2026-04-01T09:00:00Z', times).hours).toBe(0.5)
    expect(since(null, times).hours).toBe(1.5)
  })
  it('counts everything when a clock that was ahead noted the cleaning', () =>
    expect(since('2036-05-01T20:00:00Z', [time('2026-03-01T20:00:00Z')]).hours).toBe(1))
  it('tells the same moment in another zone', () =>
    expect(since('2026-05-01T23:30:00+02:00', [time('2026-05-01T21:00:00Z')]).hours).toBe(0))
  it('counts a walk that was finished, not one under way', () => {
    const cape = { ...walks.find(({ id }) => id === 'demo-prepared-1')!, machineId: 'attic' }
    expect(since(null, [], [cape]).metallic).toBe(true)
    expect(since(null, [], [{ ...cape, finishedAt: null }]).metallic).toBe(false)
    expect(since('2026-02-20T00:00:00Z', [], [cape]).metallic).toBe(false)
  })
})
