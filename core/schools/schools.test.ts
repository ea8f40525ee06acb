import { describe, expect, it } from 'vitest'
import {
  CUTTER_SCHOOLS,
  DEFAULT_SCHOOLS,
  FILM_SPEED_SCHOOLS,
  HEAVY_BOBBIN_SCHOOLS,
  HIDDEN_BOBBIN_SCHOOLS,
  isStraightOnly,
  LAST_GUIDE_SCHOOLS,
  MARGIN_SCHOOLS,
  marginOfMm,
  PEARL_EYE_SCHOOLS,
  PEARL_TENSION_SCHOOLS,
  SATIN_FILM_SCHOOLS,
  THICK_PEARL_SCHOOLS,
  THREADING_SCHOOLS,
  TRIPLE_GAP_SCHOOLS,
  UNWINDING_SCHOOLS,
  WIDE_GAP_SCHOOLS,
} from '#core/schools'

const EVERY_SCHOOL = [
  ['margin', MARGIN_SCHOOLS],
  ['tripleGap', TRIPLE_GAP_SCHOOLS],
  ['wideGap', WIDE_GAP_SCHOOLS],
  ['heavyBobbin', HEAVY_BOBBIN_SCHOOLS],
  ['pearlTension', PEARL_TENSION_SCHOOLS],
  ['thickPearl', THICK_PEARL_SCHOOLS],
  ['pearlEye', PEARL_EYE_SCHOOLS],
  ['filmSpeed', FILM_SPEED_SCHOOLS],
  ['satinFilm', SATIN_FILM_SCHOOLS],
  ['hiddenBobbin', HIDDEN_BOBBIN_SCHOOLS],
  ['unwinding', UNWINDING_SCHOOLS],
  ['cutter', CUTTER_SCHOOLS],
  ['threading', THREADING_SCHOOLS],
  ['lastGuide', LAST_GUIDE_SCHOOLS],
] as const

describe('schools', () => {
  // Common practice: half a millimetre off for swing is careful, a whole one is also used.
  it.each([
    ['bare', 0],
    ['careful', 0.5],
    ['roomy', 1],
    ['own', 0.75],
  ] as const)('the margin of %s is %d', (margin, mm) => {
    expect(marginOfMm({ ...DEFAULT_SCHOOLS, margin })).toBe(mm)
  })

  // Common practice: straight stitch only from 5.0 up.
  it.each([
    ['twin', 4.9, false],
    ['twin', 5, true],
    ['triple', 6, true],
    ['single', 0, false],
  ] as const)('%s of gap %d: straight only %s', (construction, gapMm, only) => {
    expect(isStraightOnly({ construction, gapMm }, DEFAULT_SCHOOLS)).toBe(only)
    expect(isStraightOnly({ construction, gapMm }, { wideGap: 'arithmetic' })).toBe(false)
  })

  it.each(EVERY_SCHOOL)('of %s give a reason each, under names of their own', (_, choices) => {
    for (const { why } of choices) expect(why.length).toBeGreaterThan(25)
    expect(new Set(choices.map(({ id }) => id)).size).toBe(choices.length)
    expect(new Set(choices.map(({ name }) => name)).size).toBe(choices.length)
    expect(choices.length).toBeGreaterThan(1)
  })
  it.each(EVERY_SCHOOL)('of %s begin with one that can be chosen', (school, choices) =>
    expect(choices.map(({ id }) => id as string)).toContain(DEFAULT_SCHOOLS[school]),
  )
  it('leave no switch without its reasons', () => {
    const switches = Object.keys(DEFAULT_SCHOOLS).filter(name => name !== 'ownMarginMm')
    expect(EVERY_SCHOOL.map(([school]) => school as string).sort()).toEqual(switches.sort())
  })
})
