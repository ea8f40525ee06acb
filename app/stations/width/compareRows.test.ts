import { describe, expect, it } from 'vitest'
import { compareCsvRows, compareRow, COMPARE_CSV_HEADER } from './compareRows'
import { plainCell, safeCell } from '~/utils/csv'
import { setupPartsOf } from '#shared/inputs'
import { DEFAULT_SETTINGS } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { demoTables } from '~/../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables
const setup = records.pieces[0]!.setup

describe('compareRow', () => {
  it('tells how the same stitch does with another needle', () => {
    const parts = setupPartsOf(setup, tables)
    const needle = records.needles.find(n => n.gapMm === 4)!
    // Attic seven: 7.0 − 4.0 − 0.5 = 2.5, a space between rows of 1.5 (calculated).
    expect(compareRow(setup, { ...parts, needle }, DEFAULT_SETTINGS, 'a', 'b', 'c')).toMatchObject({
      verdict: 'strikes',
      safeWidthMm: 2.5,
      overlapAtSafeMm: -1.5,
      interlacedAtSafe: 0,
    })
  })
  it('has nothing to say while the machine is missing', () => {
    expect(
      compareRow(setup, { ...setupPartsOf(setup, tables), machine: null }, DEFAULT_SETTINGS, '', '', ''),
    ).toBeNull()
  })
})

describe('the table as CSV', () => {
  it('gives every row as many cells as there are columns', () => {
    const row = compareRow(setup, setupPartsOf(setup, tables), DEFAULT_SETTINGS, '=cmd()', 'x', 'id')!
    const [cells] = compareCsvRows('needle', [row])
    expect(cells).toHaveLength(COMPARE_CSV_HEADER.length)
    expect(cells![1]).toBe("'=cmd()")
  })
  it.each(['=1', '+1', '-1', '@x', '\tx', "'=1"])('makes %j plain, and gives it back', text => {
    expect(safeCell(text)).toBe(`'${text}`)
    expect(plainCell(safeCell(text))).toBe(text)
  })
})
