import { describe, expect, it } from 'vitest'
import { clearOrSmoke } from '#core/colour'

describe('monofilament', () => {
  // Common practice: clear on light cloth, smoke on dark.
  it.each([
    ['#f7f1e6', 'clear'],
    ['#e6d9c0', 'clear'],
    ['#3a3358', 'smoke'],
    ['#2b4c7e', 'smoke'],
  ])('on %s is %s', (hex, which) => expect(clearOrSmoke(hex)).toBe(which))
})
