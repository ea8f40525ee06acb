import { describe, expect, it } from 'vitest'
import { DEFAULT_CHANGE_MINUTES } from '#core/order'
import { demoBackup } from '#shared/demo'
import { changeTarget, itemRuns, needsOfSetup, projectWorkOf, runsNeedsOf, sewnNeedsOf } from '#shared/inputs'
import { DEFAULT_SETTINGS, type Project, removalOf, TABLES, type Tables } from '#shared/records'

const { records } = demoBackup
const tables = Object.fromEntries(
  Object.entries(records).map(([table, list]) => [table, new Map(list.map(record => [record.id, record]))]),
) as never as Parameters<typeof itemRuns>[2] & Parameters<typeof runsNeedsOf>[1] & Pick<Tables, 'stabilizers'>
const project = records.projects[0]!
const work = projectWorkOf(project, tables)
const at = (id: string) => work.find(({ item }) => item.id === `demo-item-${id}`)!

describe('the work of a project', () => {
  it('is named and known by what it stands for', () => {
    expect(work.map(({ kind }) => kind)).toEqual([
      'cut',
      'pintucks',
      'topstitching',
      'fuse',
      'edge',
      'band',
      'band',
      'topstitching',
    ])
    expect(at('cut')).toMatchObject({ name: 'Cut out jacket and collar', setup: null })
    const gone = {
      ...project,
      items: [{ ...project.items[1]!, work: { kind: 'piece' as const, pieceId: 'x' } }],
    }
    expect(projectWorkOf(gone, tables)[0]).toMatchObject({ name: 'Piece gone', setup: null })
  })
  it('asks for as much as all copies of each piece', () => {
    const one = itemRuns(at('pocket'), 1, tables, DEFAULT_SETTINGS)!
    const three = itemRuns(at('pocket'), 3, tables, DEFAULT_SETTINGS)!
    expect(three[0]!.work.seamM).toBeCloseTo(3 * one[0]!.work.seamM, 9)
    // A band has a run for each row; what a worker does is not told here.
    expect(itemRuns(at('collarband'), 1, tables, DEFAULT_SETTINGS)).toHaveLength(3)
    expect(itemRuns(at('lantern'), 1, tables, DEFAULT_SETTINGS)).toBeNull()
    expect(itemRuns(at('cut'), 1, tables, DEFAULT_SETTINGS)).toEqual([])
  })
  it('of a seam is the metres of its setup', () => {
    const work = { kind: 'piece', pieceId: records.pieces[0]!.id } as const
    const plan = projectWorkOf({ ...project, items: [{ ...project.items[0]!, work }] }, tables)[0]!
    const [run] = itemRuns(plan, 2, tables, DEFAULT_SETTINGS)!
    expect(run!.work.seamM).toBe(2 * records.pieces[0]!.setup.seamM)
    expect(runsNeedsOf([run!], tables, DEFAULT_SETTINGS)!.minutes).toBeGreaterThan(0)
  })
  it('needs what its setup points at, and says it in words', () => {
    const { setup } = at('front')
    expect(needsOfSetup(setup!, tables)).toMatchObject({
      machine: 'demo-machine-attic',
      needle: 'demo-needle-16',
      threads: ['demo-thread-white', 'demo-thread-white'],
      plate: 'zigzag',
      tension: '8.6',
    })
    expect(changeTarget('needle', setup!, tables)).toContain('1.6/80')
    expect(changeTarget('thread', setup!, tables)).toBe('White cotton 50 + White cotton 50')
    expect(changeTarget('stabilizer', setup!, tables)).toBe('none')
    expect(changeTarget('plate', setup!, tables)).toBe('Zigzag plate')
  })
  it('changes threads from row to row of a band, and leaves the last on', () => {
    const { setup, piece } = at('collarband')
    const own = sewnNeedsOf(setup!, piece, tables, DEFAULT_CHANGE_MINUTES)
    // Two rows in slate and one in wine: one change, whichever comes first.
    expect(own.inside).toEqual(['thread'])
    expect([own.needs.threads[0], own.leaves.threads[0]].sort()).toEqual([
      'demo-thread-slate',
      'demo-thread-wine',
    ])
    const alone = sewnNeedsOf(at('front').setup!, at('front').piece, tables, DEFAULT_CHANGE_MINUTES)
    expect([alone.inside, alone.leaves]).toEqual([[], alone.needs])
  })
})

describe('a project when a piece is taken away', () => {
  it('is without it, and without the rules that spoke of it', () => {
    const target = { table: 'pieces' as const, id: 'demo-piece-collarband' }
    const change = removalOf([target], tables as never as Tables).find(({ table }) => table === 'projects')!
    const left = change.record as Project
    expect(left.items).toHaveLength(project.items.length - 1)
    expect(left.before).toHaveLength(project.before.length - 1)
  })
  it.each([
    ['a due day that is none', { dueOn: '2026-13-40' }],
    ['six days', { weekdayMinutes: [0, 0, 0, 0, 0, 0] }],
    [
      'forty-one items',
      { items: Array.from({ length: 41 }, (_, i) => ({ ...project.items[0]!, id: `i${i}` })) },
    ],
    [
      'work of no time',
      { items: [{ ...project.items[0]!, work: { ...project.items[0]!.work, minutes: 0 } }] },
    ],
  ])('is refused with %s', (_, over) =>
    expect(TABLES.projects.schema.safeParse({ ...project, ...over }).success).toBe(false),
  )
})
