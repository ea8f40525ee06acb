import { describe, expect, it } from 'vitest'
import { columnsInWords, columnsOf } from '#core/swing'

const words = (overlapMm: number | null, spanMm = 6, interlacedShare: number | null = null) =>
  columnsInWords(columnsOf({ overlapMm, spanMm, interlacedShare }))

// Arithmetic: two columns as wide as the stitch, their middles a gap apart.
describe('how the columns lie', () => {
  it('is one row under one needle', () => expect(words(null)).toBe('One row, one thread.'))
  it.each([0, 0.049, -0.049])('is edge to edge at %d mm', overlap =>
    expect(words(overlap)).toBe('The rows meet edge to edge, 6.0 mm wide in all.'),
  )
  it('is a lane where the stitch is narrower than the gap, by at least what shows', () => {
    expect(words(-1.5)).toBe('A clear space of 1.5 mm between the rows.')
    expect(columnsOf({ overlapMm: -0.05, spanMm: 6, interlacedShare: null }).kind).toBe('lane')
  })
  it('is an overlap where it is wider, with how much of a column that is', () => {
    expect(words(1, 6, 0.25)).toBe('Rows overlap 1.0 mm, 25 % interlaced, 6.0 mm wide in all.')
    expect(columnsOf({ overlapMm: 0.05, spanMm: 6, interlacedShare: 0.1 }).kind).toBe('overlap')
  })
})
