import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { type AnyRecord, calledOf, TABLE_NAMES } from '#shared/records'

describe('what a record is called', () => {
  it.each(TABLE_NAMES)('is never its id, in %s', table => {
    for (const record of demoBackup.records[table] as readonly AnyRecord[]) {
      expect(calledOf(table, record)).not.toBe('')
      expect(calledOf(table, record)).not.toContain(record.id)
    }
  })
  it('is a needle’s label', () => {
    const [needle] = demoBackup.records.needles
    expect(calledOf('needles', needle!)).toMatch(/\d/)
  })
})
