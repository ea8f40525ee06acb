import { describe, expect, it } from 'vitest'
import { judgeSwing } from '#core/swing'
import { GOAL_FACTS } from '#core/trial'
import { backupSchema, readBackup } from '#shared/backup'
import { emptyTables, DEFAULT_SETTINGS } from '#shared/records'
import { setupPartsOf, swingInputOf } from '#shared/inputs'
import { demoBackup } from '#shared/demo'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables

describe('the demo', () => {
  it('is a valid backup without a dangling or doubled record', () => {
    expect(backupSchema.safeParse(demoBackup).success).toBe(true)
    const empty = emptyTables()
    const reading = readBackup(JSON.stringify(demoBackup), empty)
    expect(reading).toMatchObject({ ok: true, preview: { refused: [], changed: [] } })
    if (reading.ok)
      expect(reading.preview.added).toHaveLength(
        Object.values(records).reduce((sum, list) => sum + list.length, 0),
      )
  })

  it('has one machine each of 5, 6, 7 and 9 mm, with different twin modes', () => {
    expect(records.machines.map(m => m.maxWidthMm)).toEqual([5, 6, 7, 9])
    expect(new Set(records.machines.map(m => m.twinMode.kind)).size).toBe(3)
  })

  it.each(records.pieces.map(p => [p.name, p] as const))(
    '“%s” is what the rules accept, unless it is an honest failure',
    (name, plan) => {
      const verdict = judgeSwing(
        swingInputOf(plan.setup, setupPartsOf(plan.setup, tables), DEFAULT_SETTINGS)!,
      ).verdict
      expect(verdict === 'strikes').toBe(/\((struck|refused)\)/.test(name))
    },
  )

  it.each(records.swatches.map(s => [s.name, s] as const))(
    '“%s” reads as its verdict says',
    (_, { goal, verdict, readings }) => {
      const { leads, target } = GOAL_FACTS[goal]
      const reading = readings[leads]!
      if (verdict === 'good') expect([reading, readings.breaks]).toEqual([target, false])
      // The muddy leaf failed by its length.
      else if (verdict === 'usable') expect(reading).not.toBe(target)
    },
  )
})
