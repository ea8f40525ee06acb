import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CoreError } from '#core/errors'
import {
  FRESH_USE,
  carePrompts,
  needleHours,
  needleLife,
  type NeedleUse,
  piecesPerNeedle,
  seamHours,
  sessionHours,
  stitchesPerMinute,
} from '#core/care'

const use = (over: Partial<NeedleUse>) => needleLife({ ...FRESH_USE, ...over })
const METALLIC = { metallic: true, fusible: false, pearl: false }

describe('needle life', () => {
  // Common practice: about 8 hours; about 6 fused-wool blocks; bent, burred or sticky at once.
  it.each<[Partial<NeedleUse>, string]>([
    [{ hoursSewn: 8 }, 'now'],
    [{ hoursSewn: 6.4 }, 'soon'],
    [{ hoursSewn: 6.3 }, 'fine'],
    [{ hoursSewn: 0 }, 'fine'],
    [{}, 'not counted'],
    [{ blocksSewn: 6 }, 'now'],
    [{ blocksSewn: 5 }, 'soon'],
    [{ blocksSewn: 2, hoursSewn: 7 }, 'soon'],
    [{ blocksSewn: 4 }, 'fine'],
    [{ state: 'bent' }, 'now'],
    [{ state: 'burred' }, 'now'],
    [{ state: 'sticky', hoursSewn: 1 }, 'now'],
  ])('%j: %s', (over, advice) => expect(use(over).advice).toBe(advice))

  it('ends sooner after metallic, and says that half is a guess', () => {
    expect(use({ hoursSewn: 4, seen: METALLIC })).toMatchObject({
      advice: 'now',
      limitHours: 4,
      source: 'guess',
    })
    expect(use({ hoursSewn: 4 })).toMatchObject({ advice: 'fine', limitHours: 8, source: 'rule' })
  })
  it('is told in pieces too, by hours or fused blocks, sooner where metallic is sewn', () => {
    // By hand: 8 h of 2 h each are 4, of metallic 2; short ones end with six fused blocks.
    expect([piecesPerNeedle(2, false), piecesPerNeedle(2, true)]).toEqual([4, 2])
    expect([piecesPerNeedle(0.01, false), piecesPerNeedle(0, true), piecesPerNeedle(30, false)]).toEqual([
      6, 6, 1,
    ])
    expect(() => piecesPerNeedle(Number.NaN, false)).toThrow(CoreError)
    expect([needleHours(false), needleHours(true)]).toEqual([8, 4])
  })
  it('never says a needle is better after more sewing', () => {
    const rank = { 'not counted': 0, 'fine': 0, 'soon': 1, 'now': 2 }
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.boolean(),
        (hours, more, metallic) => {
          const seen = { ...METALLIC, metallic }
          expect(rank[use({ hoursSewn: hours + more, seen }).advice]).toBeGreaterThanOrEqual(
            rank[use({ hoursSewn: hours, seen }).advice],
          )
        },
      ),
    )
  })
})

describe('sewing time', () => {
  it('goes by the machine’s own stitches a minute where it was timed and is driven as usual', () => {
    expect(stitchesPerMinute('usual', 640)).toBe(640)
    expect(stitchesPerMinute(null, 640)).toBe(640)
    expect(stitchesPerMinute('slow', 640)).toBeLessThan(stitchesPerMinute('usual', null))
  })
  it('is what lies between start and stop', () =>
    expect(sessionHours('2026-03-01T10:00:00Z', '2026-03-01T11:30:00+00:00').hours).toBe(1.5))
  it('is never less than none, whatever the clock does', () => {
    expect(sessionHours('2026-03-01T10:00:00Z', '2026-03-01T09:00:00Z')).toEqual({
      hours: 0,
      doubt: 'clock went back',
    })
    fc.assert(
      fc.property(fc.date({ noInvalidDate: true }), fc.date({ noInvalidDate: true }), (a, b) => {
        expect(sessionHours(a.toISOString(), b.toISOString()).hours).toBeGreaterThanOrEqual(0)
      }),
    )
  })
  it.each([
    ['2026-03-01T18:00:00Z', null],
    ['2026-03-01T18:00:01Z', 'forgotten'],
    ['2026-03-02T10:00:00Z', 'forgotten'],
  ] as const)('begun at ten and stopped at %s is in doubt: %s', (stop, doubt) =>
    expect(sessionHours('2026-03-01T10:00:00Z', stop).doubt).toBe(doubt),
  )
  it('refuses what is no date', () =>
    expect(() => sessionHours('yesterday', '2026-03-01T09:00:00Z')).toThrow(CoreError))
  it('follows from stitches and speed', () => {
    // By hand: 10 m at 2.5 mm are 4000 stitches; at 400 a minute 10 minutes.
    expect(seamHours(4000, 400)).toBeCloseTo(1 / 6, 12)
    expect(() => seamHours(Number.NaN, 400)).toThrow(CoreError)
    expect(() => seamHours(4000, 0)).toThrow(CoreError)
  })
})

describe('cleaning and oil', () => {
  const CLEAN = { pearl: false, felt: false, metallic: false, fusible: false, hours: 0 }
  const codes = (over: Partial<typeof CLEAN>, sealed: boolean | null = true, oil = 0) =>
    carePrompts({ ...CLEAN, ...over }, sealed, oil).map(({ code }) => code)
  // Common practice.
  it.each(['pearl', 'felt', 'metallic', 'fusible'] as const)(
    'is asked for after %s, with places to look at',
    what => {
      expect(codes({ [what]: true })).toEqual([what])
      expect(carePrompts({ ...CLEAN, [what]: true }, true, 0)[0]!.look.length).toBeGreaterThan(1)
    },
  )
  it('is not asked for when nothing was sewn', () => expect(codes({})).toEqual([]))
  it('comes with hours, and oil only where the user oils', () => {
    expect(codes({ hours: 8 }, false, 8)).toEqual(['hours', 'oil'])
    expect(codes({ hours: 8 }, true, 8)).toEqual(['hours'])
    expect(carePrompts(CLEAN, null, 9)[0]!.message).toContain('if its manual asks')
  })
})
