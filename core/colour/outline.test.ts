import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contrastOf, LEAST_CONTRAST, outlineFor } from '#core/colour'

const hex = fc.integer({ min: 0, max: 0xffffff }).map(number => `#${number.toString(16).padStart(6, '0')}`)

describe('contrast', () => {
  // WCAG 2.2: black on white is 21; #767676 on white is the lightest grey of 4.5 (from memory).
  it('is as WCAG has it', () => {
    expect(contrastOf('#000000', '#ffffff')).toBeCloseTo(21, 6)
    expect(contrastOf('#ffffff', '#ffffff')).toBe(1)
    expect(contrastOf('#767676', '#ffffff')).toBeCloseTo(4.54, 2)
    expect(contrastOf('lichen', '#ffffff')).toBeNull()
  })
})
describe('an outline', () => {
  it('is drawn round white on batiste and navy on velvet, and not round what is seen', () => {
    expect(outlineFor('#ffffff', '#f2eee3')).toBe('#2a2230')
    expect(outlineFor('#1f2d55', '#3b3357')).toBe('#ffffff')
    expect(outlineFor('#2b4c7e', '#f2eee3')).toBeNull()
  })
  it('is itself seen, whatever the cloth', () =>
    fc.assert(
      fc.property(hex, hex, (thread, cloth) => {
        const outline = outlineFor(thread, cloth)
        const seen = contrastOf(outline ?? thread, cloth)!
        expect(seen).toBeGreaterThanOrEqual(LEAST_CONTRAST)
      }),
    ))
})
