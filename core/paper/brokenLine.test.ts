import { describe, expect, it } from 'vitest'
import { brokenLine } from '#core/paper'

describe('a line that is too long', () => {
  it('is broken at its punctuation, and goes on set in', () =>
    expect(brokenLine('Leaf: 14 × 5, turn; 13 × 5, end', 20)).toEqual([
      'Leaf: 14 × 5, turn;',
      '  13 × 5, end',
    ]))
  it('stays as it is where it fits, or cannot be broken', () => {
    expect(brokenLine('Leaf: 14 × 5', 20)).toEqual(['Leaf: 14 × 5'])
    expect(brokenLine('Leafleafleafleafleafleaf', 20)).toEqual(['Leafleafleafleafleafleaf'])
  })
})
