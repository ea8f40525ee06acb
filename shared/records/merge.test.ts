import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import {
  type AnyRecord,
  DEFAULT_SETTINGS,
  mergeEdit,
  type Project,
  type RecordEdit,
  type TableName,
  takeBack,
  type Trial,
  UNKNOWN_MACHINE,
} from '#shared/records'
import { joinValues } from './join'

/** A machine of one's own: flat, so that each field can be told. */
const BASE = { ...UNKNOWN_MACHINE, id: 'm', name: 'Attic seven', maxWidthMm: 7, perMinute: 600 }

const edit = (
  before: AnyRecord | null,
  after: AnyRecord | null,
  table: TableName = 'machines',
): RecordEdit => ({
  table,
  id: (after ?? before)!.id,
  before,
  after,
})
const merge = (before: AnyRecord | null, after: AnyRecord | null, stored: AnyRecord | null) =>
  mergeEdit(edit(before, after), stored)

describe('an edit beside what somebody else stored', () => {
  it('is as it was meant where nobody else was at work', () =>
    expect(merge(BASE, { ...BASE, maxWidthMm: 9 }, BASE)).toEqual({
      outcome: 'written',
      record: { ...BASE, maxWidthMm: 9 },
    }))
  it('leaves the fields the other one changed, inside a setup too', () => {
    const piece = demoBackup.records.pieces[0]!
    const set = (setup: object, stitch: object) => ({
      ...piece,
      setup: { ...piece.setup, ...setup, stitch: { ...piece.setup.stitch, ...stitch } },
    })
    const [mine, theirs] = [set({ tension: 6 }, { widthMm: 5 }), set({ layers: 9 }, { lengthMm: 2 })]
    expect(mergeEdit(edit(piece, mine, 'pieces'), theirs)).toEqual({
      outcome: 'merged',
      record: set({ tension: 6, layers: 9 }, { widthMm: 5, lengthMm: 2 }),
    })
  })
  it('wins in a field both changed, because it came last', () =>
    expect(
      merge(BASE, { ...BASE, maxWidthMm: 9 }, { ...BASE, maxWidthMm: 6, perMinute: 700 }).record,
    ).toMatchObject({
      maxWidthMm: 9,
      perMinute: 700,
    }))
  it('does not bring back what was taken away', () =>
    expect(merge(BASE, { ...BASE, maxWidthMm: 9 }, null)).toEqual({ outcome: 'gone', record: null }))
  it('takes away whatever stands there', () =>
    expect(merge(BASE, null, { ...BASE, perMinute: 900 })).toEqual({ outcome: 'written', record: null }))
  it('joins two that were begun at once from what a new one is: an untouched field is nobody’s wish', () =>
    expect(
      mergeEdit(edit(null, { ...DEFAULT_SETTINGS, clearanceMm: 1 }, 'settings'), {
        ...DEFAULT_SETTINGS,
        unit: 'inch',
      }).record,
    ).toEqual({ ...DEFAULT_SETTINGS, clearanceMm: 1, unit: 'inch' }))
  it('knows what it has written itself', () =>
    expect(merge(BASE, { ...BASE, maxWidthMm: 9 }, { ...BASE, maxWidthMm: 9 }).outcome).toBe('written'))

  it('is not written where both together would be no whole record', () => {
    const machine = {
      ...demoBackup.records.machines[0]!,
      tensionDial: { min: 0, home: 4, max: 9 },
      dialStep: null,
    }
    const mine = { ...machine, tensionDial: { min: 0, home: 8, max: 9 } }
    const theirs = { ...machine, tensionDial: { min: 0, home: 4, max: 5 } }
    expect(mergeEdit(edit(machine, mine, 'machines'), theirs)).toEqual({ outcome: 'unfit', record: theirs })
  })
})

describe('a list both sides changed', () => {
  const PROJECT = demoBackup.records.projects[0]!
  const [first, second, third] = PROJECT.items as [
    Project['items'][0],
    Project['items'][0],
    Project['items'][0],
  ]
  const done = (item: Project['items'][0]) => ({ ...item, doneAt: '2026-11-30T10:00:00Z' })
  const of = (...items: Project['items']): Project => ({ ...PROJECT, items, doing: null })
  const items = (mine: Project, theirs: Project) =>
    (mergeEdit(edit(of(first, second, third), mine, 'projects'), theirs).record as Project).items

  it('has the ticks of both', () =>
    expect(items(of(done(first), second, third), of(first, second, done(third)))).toEqual([
      done(first),
      second,
      done(third),
    ]))
  it('has the order that was changed, with what the other one did to its items', () => {
    expect(items(of(third, first, second), of(first, done(second), third))).toEqual([
      third,
      first,
      done(second),
    ])
    expect(items(of(first, done(second), third), of(third, first, second))).toEqual([
      third,
      first,
      done(second),
    ])
  })
  it('loses an item that one took away, unless the other changed it', () => {
    expect(items(of(first, third), of(first, second, done(third)))).toEqual([first, done(third)])
    expect(items(of(first, third), of(first, done(second), third))).toEqual([first, done(second), third])
  })
  it('keeps what both added, each where it was put', () => {
    const [mine, theirs] = [
      { ...first, id: 'mine' },
      { ...first, id: 'theirs' },
    ]
    expect(items(of(first, second, third, mine), of(theirs, first, second, third))).toEqual([
      theirs,
      first,
      second,
      third,
      mine,
    ])
  })
  it('has the rules of both', () => {
    const rules = (...before: Project['before']) => ({ ...of(first, second, third), before })
    const pair = (a: { id: string }, b: { id: string }): [string, string] => [a.id, b.id]
    const base = rules(pair(first, second))
    const mine = rules(pair(first, second), pair(second, third))
    const { record } = mergeEdit(edit(base, mine, 'projects'), rules(pair(first, third)))
    expect((record as Project).before).toEqual([pair(first, third), pair(second, third)])
  })

  const TRIAL = { ...demoBackup.records.trials[0]!, rows: demoBackup.records.trials[0]!.rows.slice(0, 2) }
  const row = (dial: number) => ({ ...TRIAL.rows[0]!, dial })
  const strip = (...dials: number[]): Trial => ({ ...TRIAL, rows: dials.map(row) })
  const dials = (before: Trial, mine: Trial, theirs: Trial) =>
    (mergeEdit(edit(before, mine, 'trials'), theirs).record as Trial).rows.map(({ dial }) => dial)

  it('knows items without a name by their place', () => {
    expect(dials(strip(1), strip(1, 3), strip(1, 2))).toEqual([1, 2, 3])
    expect(dials(strip(1, 2), strip(1), strip(1, 2, 3))).toEqual([1, 3])
    expect(dials(strip(1, 2, 3), strip(9, 2, 3), strip(1, 2, 4, 5))).toEqual([9, 2, 3])
    expect(dials(strip(1, 2, 3), strip(9, 2, 3), strip(1, 2, 4))).toEqual([9, 2, 4])
  })

  it('is the same from either side where nothing clashes, and has all that was put in', () => {
    const ids = fc.uniqueArray(fc.constantFrom<string[]>('a', 'b', 'c', 'd', 'e'), { maxLength: 5 })
    const change = fc.record({ gone: ids, ticked: ids, added: fc.uniqueArray(fc.nat(5), { maxLength: 2 }) })
    const apply = (
      base: readonly string[],
      { gone, ticked, added }: { gone: string[]; ticked: string[]; added: number[] },
      side: string,
    ) => [
      ...base.filter(id => !gone.includes(id)).map(id => ({ id, by: ticked.includes(id) ? side : '' })),
      ...added.map(n => ({ id: `${side}${n}`, by: side })),
    ]
    fc.assert(
      fc.property(ids, change, change, (base, one, other) => {
        const both = { ...other, ticked: other.ticked.filter(id => !one.ticked.includes(id)) }
        const was = base.map(id => ({ id, by: '' }))
        const [mine, theirs] = [apply(base, one, 'mine'), apply(base, both, 'theirs')]
        const joined = joinValues(was, mine, theirs, 'mine').value as typeof was
        const turned = joinValues(was, theirs, mine, 'mine').value as typeof was
        const sorted = (list: typeof was) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1))
        expect(sorted(turned)).toEqual(sorted(joined))
        const changed = [...mine, ...theirs].filter(({ by }) => by !== '')
        expect(joined).toEqual(expect.arrayContaining(changed))
        const left = (list: typeof was, id: string) => list.some(item => item.id === id)
        const whole = base.filter(id => left(mine, id) && left(theirs, id))
        expect(joined.map(({ id }) => id)).toEqual(expect.arrayContaining(whole))
      }),
    )
  })
})

describe('taking an edit back', () => {
  const back = (before: AnyRecord | null, after: AnyRecord | null, now: AnyRecord | null) =>
    takeBack(edit(before, after), now, 'theirs')

  it('leaves what was changed since, here or in another tab', () =>
    expect(back(BASE, { ...BASE, maxWidthMm: 9 }, { ...BASE, maxWidthMm: 9, perMinute: 900 })).toMatchObject({
      edit: { after: { maxWidthMm: 7, perMinute: 900 } },
      inTheWay: null,
    }))
  it('says which newer field stands in the way; the rest can go back, or all of it', () => {
    const after = { ...BASE, maxWidthMm: 9, perMinute: 700 }
    const now = { ...BASE, maxWidthMm: 9, perMinute: 900 }
    expect(back(BASE, after, now)).toMatchObject({
      edit: { after: { maxWidthMm: 7, perMinute: 900 } },
      inTheWay: { what: 'changed', fields: ['perMinute'] },
    })
    expect(takeBack(edit(BASE, after), now, 'mine').edit.after).toEqual(BASE)
  })
  it('takes a new record away, unless somebody changed it since', () => {
    expect(back(null, BASE, BASE)).toMatchObject({ edit: { after: null }, inTheWay: null })
    const newer = { ...BASE, perMinute: 900 }
    expect(back(null, BASE, newer)).toEqual({
      edit: edit(newer, newer),
      inTheWay: { what: 'changed', fields: ['perMinute'] },
    })
    expect(takeBack(edit(null, BASE), newer, 'mine').edit.after).toBeNull()
  })
  it('brings back what was taken away, unless another stands there', () => {
    expect(back(BASE, null, null)).toMatchObject({ edit: { after: BASE }, inTheWay: null })
    expect(back(BASE, null, { ...BASE, perMinute: 900 }).inTheWay).toEqual({ what: 'anew', fields: [] })
  })
  it('does not bring back a record because a field of it was changed', () => {
    const taken = back(BASE, { ...BASE, maxWidthMm: 9 }, null)
    expect(taken).toMatchObject({ edit: { after: null }, inTheWay: { what: 'gone' } })
  })

  describe('beside what was noted aside', () => {
    const backedUp = (settings: AnyRecord) =>
      ({ ...settings, backedUpAt: '2026-11-30T10:00:00Z' }) as AnyRecord
    const MINE = { ...DEFAULT_SETTINGS, clearanceMm: 1 }
    const settings = (before: AnyRecord | null, after: AnyRecord | null, now: AnyRecord | null) =>
      takeBack(edit(before, after, 'settings'), now, 'theirs')

    it('is not stopped by it, and keeps it', () => {
      expect(settings(DEFAULT_SETTINGS, MINE, backedUp(MINE))).toMatchObject({
        edit: { after: backedUp(DEFAULT_SETTINGS) },
        inTheWay: null,
      })
      expect(settings(null, MINE, backedUp(MINE))).toMatchObject({
        edit: { after: backedUp(DEFAULT_SETTINGS) },
        inTheWay: null,
      })
    })
    it('brings back what was emptied, over a record that holds nothing else', () =>
      expect(settings(MINE, null, backedUp(DEFAULT_SETTINGS))).toMatchObject({
        edit: { after: backedUp(MINE) },
        inTheWay: null,
      }))
  })
})
