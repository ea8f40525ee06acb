import fc from 'fast-check'
import * as z from 'zod/mini'
import { describe, expect, it } from 'vitest'
import { healed, wholeWithin, within } from '#shared/fields'

const schema = z.strictObject({
  lengthMm: within('dialLengthMm'),
  shape: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('strip'), lengthMm: within('shapeMm') }),
    z.strictObject({ kind: z.literal('circle'), diameterMm: within('shapeMm') }),
  ]),
  rowsMm: z.array(within('rowMm')).check(z.minLength(1)),
  copies: wholeWithin('copies'),
})
const FRESH = { lengthMm: 3, shape: { kind: 'strip' as const, lengthMm: 300 }, rowsMm: [6], copies: 1 }
const mend = (kept: unknown) => healed(schema, kept, FRESH)

describe('what was kept outside the book', () => {
  it('is taken as it is while it fits', () => {
    const kept = {
      lengthMm: 2.5,
      shape: { kind: 'circle' as const, diameterMm: 90 },
      rowsMm: [6, 12],
      copies: 4,
    }
    expect(mend(kept)).toEqual(kept)
  })
  it('keeps all that fits beside a number that is none', () => {
    // Number.NaN goes into JSON as null.
    const kept = JSON.parse(JSON.stringify({ ...FRESH, lengthMm: Number.NaN, copies: 4 })) as unknown
    expect(mend(kept)).toEqual({ ...FRESH, copies: 4 })
    expect(mend({ ...FRESH, rowsMm: [null, 12], copies: 4 })).toEqual({
      ...FRESH,
      rowsMm: [6, 12],
      copies: 4,
    })
  })
  it('takes the whole part where the good one has no such place', () => {
    const kept = { ...FRESH, shape: { kind: 'circle', diameterMm: null }, copies: 4 }
    expect(mend(kept)).toEqual({ ...FRESH, copies: 4 })
    expect(mend({ ...FRESH, rowsMm: [6, null], copies: 4 })).toEqual({ ...FRESH, copies: 4 })
  })
  it('leaves out what an older or a newer app kept there', () => {
    expect(mend({ ...FRESH, colour: 'red' })).toEqual(FRESH)
    expect(mend('nonsense')).toEqual(FRESH)
    expect(mend(null)).toEqual(FRESH)
  })
  it('fits, whatever it was', () => {
    fc.assert(fc.property(fc.anything(), kept => schema.safeParse(mend(kept)).success))
    const odd = fc.record({
      lengthMm: fc.anything(),
      shape: fc.anything(),
      rowsMm: fc.array(fc.anything()),
      copies: fc.anything(),
    })
    fc.assert(fc.property(odd, kept => schema.safeParse(mend(kept)).success))
  })
})
