import { describe, expect, it } from 'vitest'
import { BLADE_LOOKS, bladeLooksOf } from './bladeLooks'

describe('the looks of blades', () => {
  it.each([
    [1, ['']],
    [2, ['L', 'R']],
    [3, ['L', 'M', 'R']],
  ] as const)('of %d blades go from left to right', (count, letters) => {
    expect(bladeLooksOf(count).map(({ letter }) => letter)).toEqual(letters)
  })
  it('give a triple’s middle an ink of its own', () => {
    expect(bladeLooksOf(3).map(({ hex }) => hex)).toEqual([
      BLADE_LOOKS.left.hex,
      BLADE_LOOKS.middle.hex,
      BLADE_LOOKS.right.hex,
    ])
    expect(new Set(bladeLooksOf(3).map(({ hex }) => hex)).size).toBe(3)
  })
})
