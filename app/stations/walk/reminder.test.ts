import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { reminderFile } from './reminder'

// Read back with another library: what a calendar would make of it (RFC 5545).
const read = (text: string) => {
  const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0])
  return calendar.getAllSubcomponents('vevent').map(event => new ICAL.Event(event))
}
const CLEAN = {
  title: 'Clean and oil Attic seven; carefully, please',
  description: 'Lint under the plate\nand round the hook',
  day: '2026-12-01',
  repeat: 'monthly',
} as const

describe('a reminder as a calendar file', () => {
  it('is at nine in the morning where it is read, with its words unharmed', () => {
    const [event] = read(reminderFile([CLEAN]))
    expect(event!.summary).toBe(CLEAN.title)
    expect(event!.description).toBe(CLEAN.description)
    expect(event!.startDate.toString()).toBe('2026-12-01T09:00:00')
    expect(event!.startDate.zone!.tzid).toBe('floating')
    expect(event!.component.getAllSubcomponents('valarm')).toHaveLength(1)
  })
  it('comes again every month or week, or only once', () => {
    const months = read(reminderFile([CLEAN]))[0]!.iterator()
    expect([months.next(), months.next(), months.next()].map(time => time!.toString().slice(0, 10))).toEqual([
      '2026-12-01',
      '2027-01-01',
      '2027-02-01',
    ])
    const weeks = read(reminderFile([{ ...CLEAN, repeat: 'weekly' }]))[0]!.iterator()
    expect([weeks.next(), weeks.next()].map(time => time!.toString().slice(0, 10))).toEqual([
      '2026-12-01',
      '2026-12-08',
    ])
    expect(read(reminderFile([{ ...CLEAN, repeat: 'once' }]))[0]!.isRecurring()).toBe(false)
  })
  it('refuses a day that is none', () =>
    expect(() => reminderFile([{ ...CLEAN, day: '2026-13-45' }])).toThrow())
})
