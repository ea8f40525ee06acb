import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import {
  type AnyRecord,
  type Piece,
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
const collar = demo.pieces.get('demo-plan-collar') as Piece
const setup = collar.setup
/** The same without a name: nothing holds what it needs. */
const unnamed: Piece = { ...collar, id: 'mine', name: '' }
const withUnnamed = { ...demo, pieces: new Map<string, AnyRecord>([...demo.pieces, ['mine', unnamed]]) }
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
  it('is blocked by the named pieces that need it, and by nothing else', () => {
    const needing = usersOf({ table: 'machines', id: 'demo-machine-pantry' }, withUnnamed)
    expect(needing.map(({ id }) => id)).toEqual(['demo-plan-cuff'])
    expect(usersOf({ table: 'needles', id: setup.needleId! }, withUnnamed)).not.toContainEqual(unnamed)
    expect(usersOf({ table: 'stitches', id: 'zigzag' }, demo)).toEqual([])
  })

  it('clears it from a piece without a name and leaves the rest of it', () => {
    const id = setup.needleId!
    const changes = removalOf([{ table: 'needles', id }], withUnnamed)
    expect(changesIn(changes, 'needles')).toEqual([{ table: 'needles', id, record: null }])
    expect(changesIn(changes, 'pieces')).toEqual([
      { table: 'pieces', id: 'mine', record: { ...unnamed, setup: { ...setup, needleId: null } } },
    ])
  })

  it('clears it from the rows of a band and the cloths of an edge', () => {
    const ofKind = (kind: string) =>
      [...demo.pieces.values()].find(piece => (piece as Piece).plan.kind === kind) as Piece
    const [band, edge] = [ofKind('band'), ofKind('edge')]
    if (band.plan.kind !== 'band' || edge.plan.kind !== 'edge') throw new Error('the demo has both')
    const rows = band.plan.rows.map(row => ({ ...row, needleId: 'n', leftId: 't', stitchId: 'own' }))
    const parts = edge.plan.parts.map(part => ({ ...part, clothId: 'c' }))
    const pieces = new Map<string, AnyRecord>([
      ['b', { ...band, id: 'b', name: '', plan: { ...band.plan, rows } }],
      ['e', { ...edge, id: 'e', name: '', plan: { ...edge.plan, parts } }],
    ])
    const gone = (
      [
        ['needles', 'n'],
        ['threads', 't'],
        ['stitches', 'own'],
        ['cloths', 'c'],
      ] as const
    ).map(([table, id]) => ({ table, id }))
    const left = changesIn(removalOf(gone, { ...demo, pieces }), 'pieces').map(
      ({ record }) => (record as Piece).plan,
    )
    expect(left).toMatchObject([
      { rows: rows.map(() => ({ needleId: null, leftId: null, stitchId: 'straight' })) },
      { parts: parts.map(() => ({ clothId: null })) },
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
    const bare = setupReferences(setup).reduce(setupWithout, setup)
    expect(setupReferences(bare)).toEqual([])
  })

  it('keeps what another id of the same table names', () => {
    expect(setupWithout(setup, { table: 'machines', id: 'another' })).toEqual(setup)
    expect(setupWithout(setup, { table: 'stitches', id: 'another' })).toEqual(setup)
  })

  it('sews straight when its own stitch is gone', () => {
    const own = { ...setup, stitch: { ...setup.stitch, stitchId: 'own-wave' } }
    expect(setupReferences(own)).toContainEqual({ table: 'stitches', id: 'own-wave' })
    expect(setupWithout(own, { table: 'stitches', id: 'own-wave' }).stitch).toEqual(EMPTY_SETUP.stitch)
  })
})

describe('taking the demo out', () => {
  it('leaves an empty book', () => {
    const changes = demoRemoval(demo)
    const gone = changes.filter(({ record }) => record === null)
    const all = TABLE_NAMES.flatMap(table => [...demo[table].keys()].filter(isDemo))
    expect(gone.map(({ id }) => id).sort()).toEqual(all.sort())
  })

  it('keeps what a named piece of one’s own needs', () => {
    const piece = { ...demo.pieces.get('demo-plan-cuff')!, id: 'mine' } as AnyRecord
    const pieces = new Map([...demo.pieces, ['mine', piece]])
    const changes = demoRemoval({ ...demo, pieces })
    const gone = new Set(changes.map(({ table, id }) => `${table}/${id}`))
    expect(gone.has('machines/demo-machine-pantry')).toBe(false)
    expect(gone.has('machines/demo-machine-ferry')).toBe(true)
    expect(demoRemoval(emptyTables())).toEqual([])
    // What nobody named is no reason to keep anything.
    const all = demoRemoval(withUnnamed).filter(({ record }) => record === null)
    expect(all.map(({ id }) => id)).toContain('demo-machine-attic')
  })
})
