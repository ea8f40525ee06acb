import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { answerTension, tensionRequestSchema, tensionResponseSchema } from '#shared/api'

const DIAL = { min: 0, max: 9, home: 4.5, step: 0.25 }
const ask = (body: object) =>
  tensionResponseSchema.parse(
    answerTension(tensionRequestSchema.parse({ goal: 'balanced', dial: DIAL, rows: [], ...body })),
  )

describe('the next tension over the API', () => {
  it('begins at the rule of the goal, or where it is told to', () => {
    expect(ask({})).toEqual({
      next: 4.5,
      settled: false,
      best: null,
      evidence: 'none',
      chance: 0,
      chanceRange: { low: 0, high: 0 },
      bracket: null,
      outOfReach: false,
      reason: { code: 'first', message: 'Begin at 4.5.' },
    })
    expect(ask({ goal: 'raised' }).next).toBe(9)
    expect(ask({ prior: { dial: 3.2, spread: 0.5 } }).next).toBe(3.25)
  })
  it('takes rows with one reading or both, and the breaks', () => {
    expect(ask({ rows: [{ dial: 4.5, show: -2 }] }).next).toBeGreaterThan(5)
    expect(ask({ rows: [{ dial: 4.5, ridge: 2, show: 0 }], goal: 'flat' }).next).toBeLessThan(4.5)
    expect(ask({ rows: [{ dial: 4.5, breaks: true }] })).toMatchObject({ reason: { code: 'breaks' } })
  })
  it('takes how a person reads, and says how sure it is for readers who scatter more or less', () => {
    const rows = [
      { dial: 4, show: -1 },
      { dial: 5, show: 1 },
      { dial: 4.5, show: 0 },
    ]
    const unknown = ask({ rows })
    expect(unknown.chanceRange.low).toBeLessThan(unknown.chance)
    expect(unknown.chanceRange.high).toBeGreaterThan(unknown.chance)
    const steady = ask({ rows, reader: { scatter: 0.2 } })
    expect(steady.chance).toBeCloseTo(unknown.chanceRange.high, 9)
    // A reader who reads a step too high saw the goal a mark too low.
    const high = ask({ rows: [{ dial: 4.5, show: 1 }], reader: { scatter: 0.2, bias: 1 } })
    expect(high.best).toBe(4.5)
  })
  it('answers any rows of any reader with chances, and with no fourth row at a mark', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            dial: fc.integer({ min: 0, max: 36 }).map(step => step / 4),
            show: fc.integer({ min: -3, max: 3 }),
            skips: fc.boolean(),
          }),
          { maxLength: 12 },
        ),
        fc.option(
          fc.record({
            scatter: fc.double({ min: 0.1, max: 1.5, noNaN: true }),
            bias: fc.double({ min: -1, max: 1, noNaN: true }),
          }),
          { nil: undefined },
        ),
        (rows, reader) => {
          const answer = ask(reader ? { rows, reader } : { rows })
          const { next, settled, best, chance, chanceRange, reason } = answer
          for (const share of [chance, chanceRange.low, chanceRange.high]) {
            expect(share).toBeGreaterThanOrEqual(0)
            expect(share).toBeLessThanOrEqual(1 + 1e-9)
          }
          if (next !== null) expect(rows.filter(({ dial }) => dial === next).length).toBeLessThan(3)
          if (reason.code === 'unsteady') expect([next, settled]).toEqual([null, false])
          if (best === null) expect(chanceRange).toEqual({ low: 0, high: 0 })
          // What a reader of that scatter would be told of the same number.
          if (best !== null && reader && 1.25 * reader.scatter <= 1.5) {
            const wider = ask({ rows, reader: { ...reader, scatter: 1.25 * reader.scatter } })
            if (wider.best === best) expect(wider.chance).toBeCloseTo(chanceRange.low, 9)
          }
        },
      ),
      { numRuns: 150 },
    ))
  it.each<[string, object, string]>([
    ['an unknown goal', { goal: 'pretty' }, 'goal'],
    ['a home outside', { dial: { ...DIAL, home: 12 } }, 'dial.home'],
    ['a step of 0', { dial: { ...DIAL, step: 0 } }, 'dial.step'],
    ['ends the wrong way round', { dial: { ...DIAL, max: -1, home: -1 } }, 'dial.max'],
    ['half a reading', { rows: [{ dial: 4, show: 0.5 }] }, 'rows.0.show'],
    ['200 rows', { rows: Array.from({ length: 200 }, () => ({ dial: 4, show: 0 })) }, 'rows'],
    ['a reader too steady to be one', { reader: { scatter: 0.05 } }, 'reader.scatter'],
    ['a reader without a scatter', { reader: { bias: 0.5 } }, 'reader.scatter'],
    ['a bias of two steps', { reader: { scatter: 0.3, bias: -2 } }, 'reader.bias'],
    ['an unknown field', { colour: 1 }, ''],
  ])('refuses %s and names the field', (_, over, path) => {
    const { error } = tensionRequestSchema.safeParse({ goal: 'balanced', dial: DIAL, rows: [], ...over })
    expect(error?.issues[0]?.path.join('.')).toBe(path)
  })
  it('refuses a row off the dial', () =>
    expect(() => ask({ rows: [{ dial: 40, show: 0 }] })).toThrow(
      expect.objectContaining({
        code: 'out-of-range',
        details: expect.objectContaining({ field: 'rows.0.dial' }),
      }),
    ))
})
