import { describe, expect, it } from 'vitest'
import { EMPTY_SETUP } from '#shared/setup'
import { type AnyRecord, mergeEdit, type RecordEdit, takeBack } from '#shared/records'

type Fields = Record<string, unknown>
const as = (fields: Fields | null) => fields as AnyRecord | null
const edit = (before: Fields | null, after: Fields | null): RecordEdit => ({
  table: 'setup',
  id: 'current',
  before: as(before),
  after: as(after),
})
const merge = (before: Fields | null, after: Fields | null, stored: Fields | null) =>
  mergeEdit(edit(before, after), as(stored))

describe('an edit beside what somebody else stored', () => {
  const BASE = { id: 'current', tension: 4, layers: 2, stitch: { id: 'zigzag', widthMm: 3, lengthMm: 1 } }

  it('is as it was meant where nobody else was at work', () =>
    expect(merge(BASE, { ...BASE, tension: 6 }, BASE)).toEqual({
      outcome: 'written',
      record: { ...BASE, tension: 6 },
    }))
  it('leaves the fields the other one changed, inside a setup too', () => {
    const mine = { ...BASE, tension: 6, stitch: { ...BASE.stitch, widthMm: 5 } }
    const theirs = { ...BASE, layers: 9, stitch: { ...BASE.stitch, lengthMm: 2 } }
    expect(merge(BASE, mine, theirs)).toEqual({
      outcome: 'merged',
      record: { ...BASE, tension: 6, layers: 9, stitch: { id: 'zigzag', widthMm: 5, lengthMm: 2 } },
    })
  })
  it('wins in a field both changed, because it came last', () =>
    expect(merge(BASE, { ...BASE, tension: 6 }, { ...BASE, tension: 5, layers: 3 }).record).toMatchObject({
      tension: 6,
      layers: 3,
    }))
  it('keeps the rows of both where both added some', () => {
    const strip = (...rows: string[]) => ({ id: 's', rows })
    expect(merge(strip('a'), strip('a', 'mine'), strip('a', 'theirs')).record).toEqual(
      strip('a', 'theirs', 'mine'),
    )
    // One took a row away: a list is one value then.
    expect(merge(strip('a', 'b'), strip('a'), strip('a', 'b', 'theirs')).record).toEqual(strip('a'))
  })
  it('does not bring back what was taken away', () =>
    expect(merge(BASE, { ...BASE, tension: 6 }, null)).toEqual({ outcome: 'gone', record: null }))
  it('takes away whatever stands there', () =>
    expect(merge(BASE, null, { ...BASE, layers: 9 })).toEqual({ outcome: 'written', record: null }))
  it('joins two that were begun at once from what a new one is: an untouched field is nobody’s wish', () =>
    expect(
      merge(null, { ...EMPTY_SETUP, tension: 6 }, { ...EMPTY_SETUP, layers: 9, machineId: 'm' }).record,
    ).toEqual({ ...EMPTY_SETUP, tension: 6, layers: 9, machineId: 'm' }))
  it('knows what it has written itself', () =>
    expect(merge(BASE, { ...BASE, tension: 6 }, { ...BASE, tension: 6 }).outcome).toBe('written'))
})

describe('taking an edit back', () => {
  const BASE = { id: 'current', tension: 4, layers: 2 }
  const back = (before: Fields | null, after: Fields | null, now: Fields | null) =>
    takeBack(edit(before, after), as(now))

  it('leaves what was changed since, here or in another tab', () =>
    expect(back(BASE, { ...BASE, tension: 6 }, { ...BASE, tension: 6, layers: 9 })).toMatchObject({
      ok: true,
      edit: { after: { tension: 4, layers: 9 } },
    }))
  it('says which newer field stands in the way, and changes nothing then', () =>
    expect(back(BASE, { ...BASE, tension: 6, layers: 3 }, { ...BASE, tension: 6, layers: 9 })).toEqual({
      ok: false,
      inTheWay: ['layers'],
    }))
  it('takes a new record away, unless somebody changed it since', () => {
    expect(back(null, BASE, BASE)).toMatchObject({ ok: true, edit: { after: null } })
    expect(back(null, BASE, { ...BASE, layers: 9 })).toEqual({ ok: false, inTheWay: [] })
  })
  it('brings back what was taken away, unless another stands there', () => {
    expect(back(BASE, null, null)).toMatchObject({ ok: true, edit: { after: BASE } })
    expect(back(BASE, null, { ...BASE, layers: 9 })).toEqual({ ok: false, inTheWay: [] })
  })
  it('does not bring back a record because a field of it was changed', () =>
    expect(back(BASE, { ...BASE, tension: 6 }, null)).toEqual({ ok: false, inTheWay: [] }))
})
