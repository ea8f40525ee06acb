import { describe, expect, it } from 'vitest'
import { byUsefulness } from '#core/measure'
import { judgeSwing } from '#core/swing'
import { demoBackup } from '#shared/demo'
import { EMPTY_SETUP } from '#shared/setup'
import { spreadOf } from '#shared/fields'
import {
  setupPartsOf,
  clothFeedOf,
  gapOf,
  keptMeasure,
  keptTakeUp,
  perMinuteOf,
  refusedChange,
  swingInputOf,
  thingsOf,
  unmeasuredOf,
} from '#shared/inputs'
import {
  type AnyRecord,
  DEFAULT_SETTINGS,
  emptyTables,
  type Foot,
  type Machine,
  type Measure,
  type RecordChange,
  type Swatch,
  TABLE_NAMES,
  type Tables,
} from '#shared/records'

const tablesOf = (records: Partial<Record<string, readonly AnyRecord[]>>): Tables =>
  Object.fromEntries(
    TABLE_NAMES.map(table => [table, new Map((records[table] ?? []).map(record => [record.id, record]))]),
  ) as unknown as Tables
const demo = tablesOf(demoBackup.records)
const shelf = demo as never
const after = (tables: Tables, changes: readonly RecordChange[]): Tables =>
  Object.fromEntries(
    TABLE_NAMES.map(table => {
      const records = new Map(tables[table])
      for (const change of changes)
        if (change.table === table && change.record) records.set(change.id, change.record)
      return [table, records]
    }),
  ) as unknown as Tables

const measure = (known: Partial<Measure>): Measure => ({
  id: 'm',
  quantity: 'foot-opening',
  ofId: 'demo-foot-zigzag',
  name: 'Zigzag',
  value: 7.2,
  spread: 0.15,
  way: 'wedge',
  dialledMm: null,
  at: '2026-06-01T10:00:00Z',
  photoId: null,
  note: '',
  ...known,
})

describe('a measuring that is kept', () => {
  it('stands in the log and in what it is of, with its spread', () => {
    const now = after(demo, keptMeasure(measure({}), demo))
    const foot = now.feet.get('demo-foot-zigzag') as Foot
    expect(foot.slotMm).toBe(7.2)
    expect(spreadOf(foot, 'slotMm')).toBe(0.15)
    expect(now.measures.get('m')).toMatchObject({ value: 7.2, way: 'wedge' })
  })
  it('loses its spread when something else is typed over it', () => {
    const now = after(demo, keptMeasure(measure({}), demo))
    const foot = now.feet.get('demo-foot-zigzag') as Foot
    expect(spreadOf({ ...foot, slotMm: 7.5 }, 'slotMm')).toBeNull()
  })
  it.each([
    ['tex', 'threads', 30.126, { tex: 30.13, texBasis: 'weighed' }],
    ['needle-gap', 'needles', 2.0849, { trueGapMm: 2.085 }],
    ['feed', 'cloths', 0.963_26, { feedFactor: 0.9633 }],
    ['speed', 'machines', 612.4, { perMinute: 612 }],
  ] as const)('of %s is written down as finely as it makes sense', (quantity, table, value, fields) => {
    const [first] = thingsOf(quantity, demo)
    const now = after(demo, keptMeasure(measure({ quantity, ofId: first!.id, value }), demo))
    expect(now[table].get(first!.id)).toMatchObject(fields)
  })
  it('of nothing that is kept stands in the log alone', () =>
    expect(keptMeasure(measure({ quantity: 'ribbon', ofId: null }), demo)).toHaveLength(1))
  it('has nothing to be of where there is one round hole, or one needle', () => {
    expect(thingsOf('foot-opening', demo).map(({ id }) => id)).not.toContain('demo-foot-quarter')
    const gaps = new Set(thingsOf('needle-gap', demo).map(({ id }) => id))
    for (const [id, record] of demo.needles)
      expect(gaps.has(id)).toBe((record as { construction: string }).construction !== 'single')
  })
  it.each([
    ['foot-opening', 80, 'must be a number from 1 to 20'],
    ['foot-opening', 0.2, 'must be a number from 1 to 20'],
    ['width-factor', 9, 'must be a number from 0.5 to 2'],
    ['foot-opening', 8, null],
  ] as const)('is refused where nothing can be so: %s of %d', (quantity, value, refused) => {
    const [first] = thingsOf(quantity, demo)
    expect(refusedChange(keptMeasure(measure({ quantity, ofId: first!.id, value }), demo))).toBe(refused)
  })
  it('shares a take-up’s spread between both readings', () => {
    const swatch = [...demo.swatches.values()].find(one => (one as Swatch).setup.job === 'pintucks') as Swatch
    const change = keptTakeUp(swatch, { value: 120, spread: 0.3 }, { value: 109, spread: 0.4 }, 10)
    expect((change.record as Swatch).takeUp).toEqual({ beforeMm: 120, afterMm: 109, tucks: 10, readMm: 0.5 })
  })
})

describe('what measurings change', () => {
  const plan = demoBackup.records.pieces.find(({ setup }) => setup.footId !== null)!
  const inputOf = (tables: Tables) =>
    swingInputOf(plan.setup, setupPartsOf(plan.setup, tables as never), DEFAULT_SETTINGS)!
  it('the verdict counts the narrow end of an opening', () => {
    const foot = measure({ ofId: plan.setup.footId, value: 8, spread: 0.2 })
    const input = inputOf(after(demo, keptMeasure(foot, demo)))
    expect(input.foot).toMatchObject({ slotMm: 8, slotSpreadMm: 0.2 })
    expect(judgeSwing(input).binding).toBeDefined()
  })
  it('the verdict counts the wide end of a gap and of a width', () => {
    const { needleId, machineId } = plan.setup
    const gap = measure({ quantity: 'needle-gap', ofId: needleId, value: 2.1, spread: 0.02 })
    const wide = measure({ id: 'w', quantity: 'width-factor', ofId: machineId, value: 1.02, spread: 0.01 })
    const twin = demo.needles.get(needleId!) as { construction: string }
    const first = after(demo, keptMeasure(gap, demo))
    const input = inputOf(after(first, keptMeasure(wide, first)))
    if (twin.construction !== 'single') expect(input.needle.gapMm).toBeCloseTo(2.14, 9)
    expect(input.stitch.widthFactor).toBeCloseTo(1.04, 9)
  })
  it('a gap is what was measured, else what the label says; one needle has none', () => {
    expect(gapOf({ gapMm: 2, trueGapMm: 2.1 })).toBe(2.1)
    expect(gapOf({ gapMm: 2, trueGapMm: null })).toBe(2)
    expect(gapOf({ gapMm: 0, trueGapMm: 2 })).toBe(0)
  })
  it('feed is known to within twice its spread, and no better than nothing where it was typed', () => {
    const linen = demo.cloths.get('demo-cloth-linen') as never
    expect(clothFeedOf(linen)).toEqual({ factor: 0.97, giveOrTake: expect.closeTo(0.012, 9) })
    expect(clothFeedOf({ ...(linen as object), spreads: {} } as never)).toEqual({
      factor: 0.97,
      giveOrTake: 0.05,
    })
    expect(clothFeedOf(null)).toBeNull()
  })
  it('speed is one’s own where the machine is driven as usual', () => {
    const machines = new Map([['own', { perMinute: 480 } as Machine]])
    const perMinute = (speed: 'slow' | 'usual' | null, machineId: string | null) =>
      perMinuteOf({ speed, machineId }, machines)
    expect(perMinute(null, 'own')).toBe(480)
    expect(perMinute('usual', null)).toBe(700)
    expect(perMinute('slow', 'own')).toBe(300)
  })
})

describe('what is not measured', () => {
  const [inHand] = demoBackup.records.pieces
  const all = unmeasuredOf(shelf, inHand!, DEFAULT_SETTINGS)
  it('comes the most useful first, and nothing twice', () => {
    expect([...all].sort(byUsefulness)).toEqual(all)
    expect(new Set(all.map(({ quantity, ofId, name }) => `${quantity} ${ofId ?? name}`)).size).toBe(
      all.length,
    )
    expect(all[0]!.consequence).toBe('verdict')
  })
  it('says from which opening on it would be clear: there it is', () => {
    for (const { quantity, ofId, clearFromMm, isInHand } of all) {
      if (quantity !== 'foot-opening' || !isInHand) continue
      const { setup } = inHand!
      const at = (value: number) => {
        const changes = keptMeasure(measure({ ofId, value, spread: 0 }), demo)
        return judgeSwing(
          swingInputOf(setup, setupPartsOf(setup, after(demo, changes) as never), DEFAULT_SETTINGS)!,
        )
      }
      expect(at(clearFromMm! + 0.01).broken).not.toContain('foot')
      expect(at(clearFromMm! - 0.1).broken).toContain('foot')
    }
  })
  it('is not asked for again once it is measured', () => {
    const first = all.find(({ quantity, ofId }) => ofId !== null && quantity.endsWith('opening'))!
    const { quantity, ofId } = first
    const now = after(demo, keptMeasure(measure({ quantity, ofId }), demo))
    const left = unmeasuredOf(now as never, inHand!, DEFAULT_SETTINGS)
    expect(left.some(one => one.quantity === quantity && one.ofId === ofId)).toBe(false)
  })
  it('asks once for the foot that is on where none is chosen', () => {
    const bare = { ...inHand!, setup: { ...inHand!.setup, footId: null } }
    const feet = unmeasuredOf(shelf, bare, DEFAULT_SETTINGS).filter(
      ({ quantity, ofId }) => quantity === 'foot-opening' && ofId === null,
    )
    expect(feet).toMatchObject([{ isInHand: true, consequence: 'verdict' }])
  })
  it('is nothing in an empty book', () =>
    expect(
      unmeasuredOf(emptyTables() as never, { ...inHand!, setup: EMPTY_SETUP }, DEFAULT_SETTINGS),
    ).toEqual([]))
})

describe('the demo’s measurings', () => {
  it('are what its records say, the last of each', () => {
    const newest = new Map<string, Measure>()
    for (const one of [...(demo.measures.values() as Iterable<Measure>)].sort((a, b) =>
      a.at.localeCompare(b.at),
    ))
      newest.set(`${one.quantity} ${one.ofId}`, one)
    for (const one of newest.values()) {
      const same = keptMeasure({ ...one, id: 'again' }, demo).slice(1)
      for (const { table, id, record } of same) expect(record).toEqual(demo[table].get(id))
    }
  })
})
