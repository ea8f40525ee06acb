import { describe, expect, it } from 'vitest'
import { csvHeadsOf } from '~/stations/workbox/workboxCsv'
import { WORKBOX_TABLES } from '~/stations/workbox/workboxTables'
import { tableOfCsv } from './tableOfCsv'

describe('tableOfCsv', () => {
  it.each(WORKBOX_TABLES)('knows the workbox’s own CSV of %s', table => {
    expect(tableOfCsv(`id,${csvHeadsOf(table).join(',')}\nx,1`)).toBe(table)
  })

  it('knows swatches by the heads they cannot do without, in any order and size of letter', () => {
    expect(tableOfCsv('Tension,Goal,Name,cloth\n4,ridge,Collar,batiste')).toBe('swatches')
  })

  it('knows the drops of a stitch', () => {
    expect(tableOfCsv('x_mm,y_mm\n0,0\n2,1\n0,2')).toBe('stitch')
  })

  it.each(['', 'date,amount\n2026-11-27,4', 'hello'])('says nothing of what is not ours: “%s”', text => {
    expect(tableOfCsv(text)).toBeNull()
  })
})
