import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxAt, clearPlace, PLACES } from './clearPlace'

const LAPTOP = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const NOTE = { width: 384, height: 80 }
const ON_PHONE = { width: 358, height: 80 }
const MENU_PX = 64

describe('where a note lies', () => {
  it('is the foot of the screen while nothing is there', () =>
    expect(clearPlace(LAPTOP, NOTE, 0, [], [])).toBe('bottom-center'))
  it('is never over Save while another place is free', () => {
    const save = { left: 560, top: 740, right: 660, bottom: 784 }
    expect(clearPlace(LAPTOP, NOTE, 0, [save], [])).toBe('bottom-right')
  })
  it('would rather cover a dozen links than one answer of a dialog', () => {
    const dialog = { left: 16, top: 130, right: 374, bottom: 828 }
    const links = Array.from({ length: 12 }, (_, i) => ({
      left: 20,
      top: 6 * i,
      right: 300,
      bottom: 6 * i + 4,
    }))
    expect(clearPlace(PHONE, ON_PHONE, 0, [dialog], links)).toMatch(/^top/)
  })
  it('stays above a phone’s menu', () => {
    const { bottom } = boxAt('bottom-center', PHONE, ON_PHONE, MENU_PX)
    expect(bottom).toBeLessThanOrEqual(PHONE.height - MENU_PX)
  })
  it('covers nothing that must stay free where any place allows it', () => {
    const box = fc
      .tuple(fc.integer({ min: 0, max: 1200 }), fc.integer({ min: 0, max: 760 }))
      .map(([left, top]) => ({ left, top, right: left + 80, bottom: top + 44 }))
    fc.assert(
      fc.property(fc.array(box, { maxLength: 8 }), fc.array(box, { maxLength: 30 }), (kept, others) => {
        const covers = (place: (typeof PLACES)[number]) => {
          const note = boxAt(place, LAPTOP, NOTE, 0)
          return kept.some(
            one =>
              note.left < one.right
              && one.left < note.right
              && note.top < one.bottom
              && one.top < note.bottom,
          )
        }
        if (!PLACES.every(covers)) expect(covers(clearPlace(LAPTOP, NOTE, 0, kept, others))).toBe(false)
      }),
    )
  })
})
