import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import type { Reader, Trial } from '#shared/records'
import { answersOf } from '#shared/inputs'

const [demo] = demoBackup.records.trials
const [some] = demo!.rows
type Row = Trial['rows'][number]
const row = (dial: number, show: Row['show'], over: Partial<Row> = {}): Row => ({
  ...some!,
  dial,
  show,
  ridge: null,
  comparable: true,
  ...over,
})
const strip = (id: string, readBy: string, rows: Row[]): Trial => ({ ...demo!, id, readBy, rows })
const practice = (id: string, person: string, reading: Reader['reading'], said: 0 | 1): Reader => ({
  id,
  person,
  reading,
  answers: [{ truth: 0, said }],
  readAt: '2026-06-01T18:00:00Z',
})
const of = (person: string, trials: Trial[], readers: Reader[] = []) =>
  answersOf(person, 'show', {
    trials: new Map(trials.map(one => [one.id, one])),
    readers: new Map(readers.map(one => [one.id, one])),
  })

describe('what tells how a person reads', () => {
  it('is their own practice of this reading', () => {
    const readers = [
      practice('a', '', 'show', 0),
      practice('b', '', 'ridge', 1),
      practice('c', 'Second', 'show', 1),
    ]
    expect(of('', [], readers).known).toEqual([{ truth: 0, said: 0 }])
    expect(of('Second', [], readers).known).toEqual([{ truth: 0, said: 1 }])
  })
  it('is rows of one strip that were sewn again at one number', () => {
    const rows = [row(4, 0), row(4.5, 1), row(4, 1), row(4, 0), row(5, 2)]
    expect(of('', [strip('a', '', rows)]).repeats).toEqual([[0, 1, 0]])
  })
  it('is no row that cannot be compared, was not read, or is of another strip or person', () => {
    expect(of('', [strip('a', '', [row(4, 0), row(4, 1, { comparable: false })])]).repeats).toEqual([])
    expect(of('', [strip('a', '', [row(4, 0), row(4, null)])]).repeats).toEqual([])
    expect(of('', [strip('a', '', [row(4, 0)]), strip('b', '', [row(4, 1)])]).repeats).toEqual([])
    expect(of('', [strip('a', 'Second', [row(4, 0), row(4, 1)])]).repeats).toEqual([])
  })
})
