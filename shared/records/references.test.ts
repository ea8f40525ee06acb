import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import {
  type AnyRecord,
  demoRemoval,
  emptyTables,
  isDemo,
  type RecordChange,
  referencesOf,
  removalOf,
  TABLE_NAMES,
  TABLES,
  type Tables,
  usersOf,
} from '#shared/records'
import { EMPTY_SETUP, setupReferences, setupWithout } from '#shared/setup'

const demo = Object.fromEntries(
  TABLE_NAMES.map(table => [table, new Map((demoBackup.records[table] as AnyRecord[]).map(r => [r.id, r]))]),
) as unknown as Tables
const bench = demo.setup.get('current') as AnyRecord & typeof EMPTY_SETUP
const changesIn = (changes: readonly RecordChange[], table: string) => changes.filter(c => c.table === table)

describe('every table', () => {
  it.each(TABLE_NAMES)('%s has demo records exactly when its manifest says so', table => {
    expect(demo[table].size > 0).toBe(TABLES[table].demo)
  })

  it('points at tables only whose records are there', () => {
    for (const table of TABLE_NAMES)
      for (const record of demo[table].values())
        for (const to of referencesOf(table, record)) expect(demo[to.table].has(to.id)).toBe(true)
  })
})

describe('taking a record out', () => {
  it('is blocked by the plans that need it, and by nothing else', () => {
    const needing = usersOf({ table: 'machines', id: 'demo-machine-pantry' }, demo)
    expect(needing.map(({ id }) => id)).toEqual(['demo-plan-cuff'])
    expect(usersOf({ table: 'stitches', id: 'zigzag' }, demo)).toEqual([])
  })

  it('clears it from the bench and leaves the rest of the setup', () => {
    const id = bench.needleId!
    const changes = removalOf([{ table: 'needles', id }], demo)
    expect(changesIn(changes, 'needles')).toEqual([{ table: 'needles', id, record: null }])
    expect(changesIn(changes, 'setup')).toEqual([
      { table: 'setup', id: 'current', record: { ...bench, needleId: null } },
    ])
  })

  it('empties the bobbins wound with a thread', () => {
    const changes = removalOf([{ table: 'threads', id: 'demo-thread-fine' }], demo)
    expect(changesIn(changes, 'bobbins')).toMatchObject([
      { id: 'demo-bobbin-1', record: { threadId: null, woundM: null, name: 'Grey, full' } },
    ])
  })

  it('takes along what was known of a machine and the walk under way on it, and keeps its log', () => {
    const changes = removalOf([{ table: 'machines', id: 'demo-machine-attic' }], demo)
    expect(changesIn(changes, 'machineStates')).toMatchObject([{ id: 'demo-machine-attic', record: null }])
    expect(changesIn(changes, 'walks')).toMatchObject([{ id: 'demo-prepared-4', record: null }])
  })

  it('changes nothing twice when it goes itself', () => {
    const changes = removalOf(
      [
        { table: 'threads', id: 'demo-thread-fine' },
        { table: 'bobbins', id: 'demo-bobbin-1' },
      ],
      demo,
    )
    expect(changesIn(changes, 'bobbins')).toEqual([{ table: 'bobbins', id: 'demo-bobbin-1', record: null }])
  })
})

describe('a setup', () => {
  it('points at nothing once everything it points at was taken out', () => {
    const bare = setupReferences(bench).reduce(setupWithout, bench)
    expect(setupReferences(bare)).toEqual([])
  })

  it('keeps what another id of the same table names', () => {
    expect(setupWithout(bench, { table: 'machines', id: 'another' })).toEqual(bench)
    expect(setupWithout(bench, { table: 'stitches', id: 'another' })).toEqual(bench)
  })

  it('sews straight when its own stitch is gone', () => {
    const own = { ...bench, stitch: { ...bench.stitch, stitchId: 'own-wave' } }
    expect(setupReferences(own)).toContainEqual({ table: 'stitches', id: 'own-wave' })
    expect(setupWithout(own, { table: 'stitches', id: 'own-wave' }).stitch).toEqual(EMPTY_SETUP.stitch)
  })
})

describe('taking the demo out', () => {
  it('leaves an empty book and a cleared bench', () => {
    const changes = demoRemoval(demo)
    const gone = changes.filter(({ record }) => record === null)
    const all = TABLE_NAMES.flatMap(table => [...demo[table].keys()].filter(isDemo))
    expect(gone.map(({ id }) => id).sort()).toEqual(all.sort())
    expect(changesIn(changes, 'setup')).toEqual([{ table: 'setup', id: 'current', record: EMPTY_SETUP }])
  })

  it('keeps what a plan of one’s own needs', () => {
    const plan = { ...demo.plans.get('demo-plan-cuff')!, id: 'mine' } as AnyRecord
    const changes = demoRemoval({ ...demo, plans: new Map([...demo.plans, ['mine', plan]]) })
    const gone = new Set(changes.map(({ table, id }) => `${table}/${id}`))
    expect(gone.has('machines/demo-machine-pantry')).toBe(false)
    expect(gone.has('machines/demo-machine-ferry')).toBe(true)
    expect(demoRemoval(emptyTables())).toEqual([])
  })
})
