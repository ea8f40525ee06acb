import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bladeOffsetsMm, type Construction } from '#core/needle'
import { findStitch, STITCHES, landingsMm } from '#core/stitch'
import {
  arithmetic,
  compareTwinMode,
  twinModeWords,
  dropClearances,
  explainSwing,
  headline,
  judgeSwing,
  touchedParts,
  needlePositionLimitMm,
  stitchOfRawDrops,
  type SwingInput,
  type Verdict,
} from '#core/swing'

interface Parts {
  max?: number
  plateSlot?: number | null
  footSlot?: number | null
  plateHole?: boolean
  footHole?: boolean
  construction?: Construction
  gap?: number
  size?: number
  stitch?: string
  width?: number
  mirror?: boolean
  position?: number
  margin?: number
  clearance?: number
}

function input(p: Parts = {}): SwingInput {
  const construction = p.construction ?? 'twin'
  return {
    machine: { maxWidthMm: p.max ?? 7, plateSlotMm: p.plateSlot ?? null },
    foot: { slotMm: p.footSlot ?? null, singleHole: p.footHole ?? false },
    plate: { singleHole: p.plateHole ?? false },
    needle: { construction, gapMm: construction === 'single' ? 0 : (p.gap ?? 2), sizeNm: p.size ?? 80 },
    stitch: {
      ...findStitch(p.stitch ?? 'zigzag')!,
      widthMm: p.width ?? 4,
      lengthMm: 1.5,
      mirror: p.mirror ?? false,
      positionMm: p.position ?? 0,
    },
    marginMm: p.margin ?? 0.5,
    clearanceMm: p.clearance ?? 0.25,
  }
}

describe('the rule M − g', () => {
  // Source: common practice, no published source: 9 − 2 = 7, 6 − 2 = 4, 6 − 4 = 2, 5 − 2 = 3, 7 − 2 = 5; 6 −
  // 2 − 0.5 = 3.5.
  it.each([
    [9, 2, 7],
    [6, 2, 4],
    [6, 4, 2],
    [5, 2, 3],
    [7, 2, 5],
  ])('M %d, gap %d: limit %d, safe half a millimetre less', (max, gap, limit) => {
    const result = judgeSwing(input({ max, gap }))
    expect(result.limitWidthMm).toBeCloseTo(limit, 9)
    expect(result.safeWidthMm).toBeCloseTo(limit - 0.5, 9)
    expect(judgeSwing(input({ max, gap, width: limit - 0.5 })).verdict).toBe('clear')
    expect(judgeSwing(input({ max, gap, width: limit })).verdict).toBe('close')
    expect(judgeSwing(input({ max, gap, width: limit + 0.01 })).verdict).toBe('strikes')
  })

  // Source: common practice.
  it('shows why "under 5 mm is fine" is unsafe: 4.9 mm strikes on a 6, and on a 7 above gap 2', () => {
    expect(judgeSwing(input({ max: 6, gap: 2, width: 4.9 })).verdict).toBe('strikes')
    expect(judgeSwing(input({ max: 7, gap: 2.5, width: 4.9 })).verdict).toBe('strikes')
    expect(judgeSwing(input({ max: 9, gap: 4, width: 4.9 })).verdict).toBe('close')
  })

  it.each([
    [6.5, 'close'],
    [7, 'close'],
    [7.1, 'strikes'],
    [6.4, 'clear'],
  ] as const)('a centred straight seam on a 7 with gap %d is %s: the margin is for swing', (gap, verdict) => {
    expect(judgeSwing(input({ gap, stitch: 'straight', width: 0 })).verdict).toBe(verdict)
  })

  it('gives straight only (0) where the needles fit and no swing does', () => {
    const result = judgeSwing(input({ gap: 6, position: 0.5, width: 0 }))
    expect(result.safeWidthMm).toBe(0)
    expect(result.verdict).toBe('clear')
  })
})

describe('measured openings', () => {
  it('take the blade and the clearance off, and the tightest part binds', () => {
    // 7.0 − 2.0 − 0.8 − 2 × 0.25 = 3.7 (calculated)
    const result = judgeSwing(input({ plateSlot: 8.2, footSlot: 7, width: 4 }))
    expect(result).toMatchObject({ verdict: 'close', binding: 'foot', broken: ['foot'] })
    expect(result.safeWidthMm).toBeCloseTo(3.7, 9)
    expect(result.limitWidthMm).toBeCloseTo(4.2, 9)
    expect(result.spareMm).toBeCloseTo(0.1, 9)
  })

  it(
    'reach 3.4 mm from the middle at width 4 with gap 2 and an 80 blade, and leave 0.7 of a slot of ' + '8.2',
    () => {
      const result = judgeSwing(input({ plateSlot: 8.2, width: 4 }))
      expect(result).toMatchObject({ verdict: 'clear', binding: 'machine' })
      expect(result.reachLeftMm).toBeCloseTo(3.4, 9)
      expect(result.reachRightMm).toBeCloseTo(3.4, 9)
      expect(result.spareMm).toBeCloseTo(0.7, 9)
      expect(result.spanMm).toBeCloseTo(6, 9)
    },
  )

  it('stay negative when the machine is struck inside a wide opening', () => {
    const result = judgeSwing(input({ plateSlot: 20, width: 6 }))
    expect(result).toMatchObject({ verdict: 'strikes', binding: 'machine' })
    expect(result.spareMm).toBeCloseTo(-0.5, 9)
  })
})

describe('single-hole parts', () => {
  it.each([
    ['plate', { plateHole: true }],
    ['foot', { footHole: true }],
  ] as const)('a single-hole %s stops any twin and any triple', (part, hole) => {
    for (const construction of ['twin', 'triple'] as const) {
      const result = judgeSwing(input({ ...hole, construction, max: 9, stitch: 'straight', width: 0 }))
      expect(result).toMatchObject({
        verdict: 'strikes',
        binding: part,
        limitWidthMm: null,
        safeWidthMm: null,
      })
      expect(result.spareMm).toBeLessThan(0)
    }
  })

  it('lets one straight needle through its middle and nothing beside it', () => {
    const single = { plateHole: true, construction: 'single' as const }
    expect(judgeSwing(input({ ...single, stitch: 'straight', width: 0 })).verdict).toBe('clear')
    expect(judgeSwing(input({ ...single, stitch: 'straight', width: 0, position: 0.5 })).verdict).toBe(
      'strikes',
    )
    expect(judgeSwing(input({ ...single, width: 1 })).verdict).toBe('strikes')
  })
})

describe('side-aligned stitches and moved needles', () => {
  it('are not saved by narrowing the width', () => {
    for (const width of [0, 0.5, 2, 5]) {
      expect(judgeSwing(input({ stitch: 'overcast', width }))).toMatchObject({
        verdict: 'strikes',
        limitWidthMm: null,
        safeWidthMm: null,
      })
    }
  })

  it('fit again when the needle is moved towards the middle by half the gap and margin', () => {
    const result = judgeSwing(input({ stitch: 'overcast', width: 2, position: -1.25 }))
    expect(result.verdict).toBe('clear')
    // Right edge fixed at 3.5 − 1.25 = 2.25; the left blade may reach −3.25: w = 2.25 + 3.25 − 1 = 4.5
    // (calculated)
    expect(result.safeWidthMm).toBeCloseTo(4.5, 9)
  })

  it('change sides with mirror', () => {
    expect(judgeSwing(input({ stitch: 'overcast', width: 2, position: 1.25, mirror: true })).verdict).toBe(
      'clear',
    )
    expect(judgeSwing(input({ stitch: 'overcast', width: 2, position: -1.25, mirror: true })).verdict).toBe(
      'strikes',
    )
  })

  it('allow a straight seam to move by (M − g)/2', () => {
    expect(needlePositionLimitMm(7, input().needle)).toBe(2.5)
    expect(judgeSwing(input({ stitch: 'straight', width: 0, position: 2.5 })).verdict).not.toBe('strikes')
    expect(judgeSwing(input({ stitch: 'straight', width: 0, position: 2.51 })).verdict).toBe('strikes')
    expect(needlePositionLimitMm(5, input({ gap: 6 }).needle)).toBeNull()
  })
})

describe('the look', () => {
  // Source: arithmetic on common practice: at M = 9, gap 2 and w 7 overlap 5; gap 4 and w 5 overlap 1; gap 6
  // and w 3 leave a space between rows of 3.
  it.each([
    [2, 7, 5],
    [4, 5, 1],
    [6, 3, -3],
  ])('gap %d at width %d overlaps %d', (gap, width, overlap) => {
    const result = judgeSwing(input({ max: 9, gap, width, margin: 0 }))
    expect(result.overlapMm).toBeCloseTo(overlap, 9)
    expect(result.interlacedShare).toBeCloseTo(Math.max(0, overlap) / width, 9)
    expect(result.spanMm).toBeCloseTo(width + gap, 9)
  })

  it('has no columns to overlap with one needle', () => {
    expect(judgeSwing(input({ construction: 'single' }))).toMatchObject({
      overlapMm: null,
      interlacedShare: null,
    })
  })
})

describe('the machine’s own twin mode', () => {
  const twin4 = input({ gap: 4 }).needle
  it('assuming 2.0 lets a 4.0 needle through by 2 mm, half on each side', () => {
    expect(compareTwinMode({ kind: 'on-off', assumedGapMm: 2 }, 7, twin4, 2.5)).toEqual({
      allowsMm: 5,
      overMm: 2.5,
      pastEachSideMm: 1,
    })
  })
  it('by gap allows the bare rule; none allows everything', () => {
    expect(compareTwinMode({ kind: 'by-gap' }, 7, twin4, 2.5)).toMatchObject({
      allowsMm: 3,
      pastEachSideMm: 0,
    })
    expect(compareTwinMode({ kind: 'none' }, 7, twin4, null)).toEqual({
      allowsMm: 7,
      overMm: null,
      pastEachSideMm: 2,
    })
  })
  it('is told by what it would let through first, and beside what is safe only where something is', () => {
    const onOff = { kind: 'on-off', assumedGapMm: 2 } as const
    expect(twinModeWords(onOff, 7, twin4, 2.5)).toBe(
      'With the twin setting on, the machine allows 5.0 mm for every gap: 1.0 mm past the end '
        + 'of its swing on each side.',
    )
    expect(twinModeWords({ kind: 'by-gap' }, 7, twin4, 2.5)).toMatch(/ 3\.0 mm: 0\.5 mm more than is safe\.$/)
    expect(twinModeWords({ kind: 'by-gap' }, 7, twin4, 3)).toMatch(/: no more than is safe\.$/)
    for (const nothingSafe of [null, 0])
      expect(twinModeWords({ kind: 'by-gap' }, 7, twin4, nothingSafe)).toMatch(/allows 3\.0 mm\.$/)
  })
})

/**
 * Turns the needle through every needle position as circles of the blade's size, sampled around their edge.
 */
function simulate(i: SwingInput): Verdict {
  const { machine, foot, plate, needle, stitch } = i
  const r = needle.sizeNm / 200
  const centres = landingsMm(stitch, stitch, machine.maxWidthMm).flatMap(({ xMm }) =>
    bladeOffsetsMm(needle).map(o => xMm + o),
  )
  const swings =
    new Set(landingsMm(stitch, stitch, machine.maxWidthMm).map(({ xMm }) => xMm.toFixed(9))).size > 1
  const rim = Array.from({ length: 64 }, (_, k) => r * Math.cos((2 * Math.PI * k) / 64))
  const touches = (slot: number, extra: number) =>
    centres.some(c => rim.some(x => c + x + extra > slot / 2 + 1e-9 || c + x - extra < -slot / 2 - 1e-9))
  const slots = [machine.plateSlotMm, foot.slotMm].filter(s => s !== null)
  const reach = Math.max(...centres) - Math.min(...centres)
  if ((foot.singleHole || plate.singleHole) && centres.some(c => Math.abs(c) > 1e-9)) return 'strikes'
  if (centres.some(c => Math.abs(c) > machine.maxWidthMm / 2 + 1e-9) || slots.some(s => touches(s, 0)))
    return 'strikes'
  const kept = i.needle.construction === 'single' ? 0 : i.marginMm
  const margin = swings
    ? centres.some(c => Math.abs(c) > (machine.maxWidthMm - kept) / 2 + 1e-9)
    : machine.maxWidthMm - reach <= kept + 1e-9
  return margin || slots.some(s => touches(s, i.clearanceMm)) ? 'close' : 'clear'
}

const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map(n => n / 10)
const anyInput = fc
  .record({
    max: tenths(3, 12),
    plateSlot: fc.option(tenths(3, 13)),
    footSlot: fc.option(tenths(3, 13)),
    plateHole: fc.integer({ min: 0, max: 9 }).map(n => n === 0),
    footHole: fc.integer({ min: 0, max: 9 }).map(n => n === 0),
    construction: fc.constantFrom<Construction>('single', 'twin', 'triple'),
    gap: tenths(1.6, 6),
    size: fc.constantFrom(60, 75, 80, 90, 100),
    stitch: fc.constantFrom(...STITCHES.map(({ id }) => id)),
    width: tenths(0, 9),
    mirror: fc.boolean(),
    position: tenths(-2, 2),
    margin: tenths(0, 1),
    clearance: tenths(0, 0.5),
  })
  .map(input)

describe('a single needle', () => {
  it('may use all of the machine’s swing: the margin is for twins (common practice)', () => {
    const full = input({ max: 9, construction: 'single', gap: 0, width: 9, margin: 0.5 })
    expect(judgeSwing(full)).toMatchObject({ verdict: 'clear', safeWidthMm: 9 })
    expect(touchedParts(judgeSwing(full), full)).toEqual([])
  })
  it('is not warned of a foot that opens 10.2 at width 9.0', () => {
    const open = input({ max: 9, construction: 'single', gap: 0, size: 70, width: 9, footSlot: 10.2 })
    expect(judgeSwing(open)).toMatchObject({ verdict: 'clear', binding: 'machine' })
  })
})

describe('what is quoted', () => {
  const on7 = (width: number) => judgeSwing(input({ max: 7, gap: 2, size: 80, width, footSlot: 9 }))
  it('is what is left in the part that binds, so that more width never quotes more', () => {
    // The foot leaves 0.85 at either edge; the end of the swing is what makes 4.8 close.
    expect(on7(4.8)).toMatchObject({ verdict: 'close', binding: 'machine' })
    expect(on7(4.8).bindingSpareMm).toBeCloseTo(0.1, 9)
    expect(on7(4.5).bindingSpareMm).toBeCloseTo(0.25, 9)
  })
})

describe('as good as touching', () => {
  it.each([
    [7, 0, ['machine']],
    [6.9, 0, ['machine']],
    [6.8, 0, []],
    [7.1, 0, []],
  ] as const)('a twin 2.0 on a 9 at width %d with margin %d: %j', (width, margin, parts) => {
    const asked = input({ max: 9, gap: 2, width, margin })
    expect(touchedParts(judgeSwing(asked), asked)).toEqual(parts)
  })
  it('names a measured opening, for a single needle too', () => {
    const asked = input({
      max: 9,
      construction: 'single',
      gap: 0,
      size: 80,
      width: 7,
      footSlot: 7.8,
      clearance: 0,
    })
    expect(judgeSwing(asked).verdict).toBe('clear')
    expect(touchedParts(judgeSwing(asked), asked)).toEqual(['foot'])
  })
})

describe('against a simulation that moves blades through the openings', () => {
  it('agrees on every verdict', () => {
    fc.assert(
      fc.property(anyInput, i => {
        expect(judgeSwing(i).verdict).toBe(simulate(i))
      }),
      { numRuns: 1500 },
    )
  })

  it('the limit is the widest width that does not strike, the safe width the widest that is clear', () => {
    const widths = Array.from({ length: 121 }, (_, k) => k / 10)
    const swinging = anyInput.filter(i => i.stitch.drops.length > 1)
    fc.assert(
      fc.property(swinging, i => {
        const result = judgeSwing(i)
        const verdicts = widths
          .filter(w => w <= i.machine.maxWidthMm)
          .map(w => [w, simulate({ ...i, stitch: { ...i.stitch, widthMm: w } })] as const)
        const widest = (good: (v: Verdict) => boolean) =>
          verdicts.filter(([, v]) => good(v)).at(-1)?.[0] ?? null
        for (const [computed, scanned] of [
          [result.limitWidthMm, widest(v => v !== 'strikes')],
          [result.safeWidthMm, widest(v => v === 'clear')],
        ] as const) {
          if (scanned !== null) {
            expect(computed).not.toBeNull()
            expect(computed! - scanned).toBeGreaterThan(-1e-6)
            expect(computed! - scanned).toBeLessThan(0.1 + 1e-6)
          } else if (computed !== null) {
            // Between two scanned widths there may be a sliver that fits.
            expect(simulate({ ...i, stitch: { ...i.stitch, widthMm: computed } })).not.toBe('strikes')
          }
        }
      }),
      { numRuns: 300 },
    )
  })

  it('never turns clear into a strike by narrowing a centred stitch', () => {
    fc.assert(
      fc.property(anyInput, fc.double({ min: 0, max: 1, noNaN: true }), (i, share) => {
        fc.pre(i.stitch.alignment === 'centre' && judgeSwing(i).verdict === 'clear')
        expect(
          judgeSwing({ ...i, stitch: { ...i.stitch, widthMm: i.stitch.widthMm * share } }).verdict,
        ).not.toBe('strikes')
      }),
    )
  })
})

describe('dropClearances', () => {
  it('has its least value where the verdict says the worst drop is', () => {
    fc.assert(
      fc.property(anyInput, i => {
        const clearances = dropClearances(i)
        const least = Math.min(...clearances.map(c => c.clearanceMm))
        expect(clearances[judgeSwing(i).worstDrop.index]!.clearanceMm).toBeCloseTo(least, 6)
        expect(least < -1e-9).toBe(judgeSwing(i).verdict === 'strikes')
      }),
    )
  })
})

describe('stitchOfRawDrops', () => {
  it('lands drops where they were given', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ xMm: tenths(-4, 4), yMm: tenths(0, 20) }), { minLength: 1, maxLength: 20 }),
        drops => {
          const stitch = stitchOfRawDrops(drops)
          for (const [i, { xMm, yMm }] of landingsMm(stitch, stitch, 9).entries()) {
            expect(xMm).toBeCloseTo(drops[i]!.xMm, 9)
            expect(yMm).toBeCloseTo(drops[i]!.yMm, 9)
          }
        },
      ),
    )
  })
})

describe('explanations', () => {
  const explain = (p: Parts) =>
    explainSwing(judgeSwing(input(p)), input(p))
      .map(({ code, message }) => `${code}: ${message}`)
      .join('\n')

  it('do the subtraction aloud and name drop, needle and part', () => {
    const text = explain({ width: 5.5 })
    expect(text).toContain('7.0 widest − 2.0 gap − 0.5 margin = 4.5')
    expect(text).toContain('Needle position 1 of 2: the left needle goes down 3.75 mm left')
    expect(text).toContain('beyond-machine')
  })
  it.each<[Parts, string]>([
    [{ footSlot: 7 }, '7.0 foot opening − 2.0 gap − 0.8 blade − 2 × 0.25 clearance = 3.7'],
    [{ position: 0.5, width: 3 }, '7.0 widest − 2.0 gap − 0.5 margin − 2 × 0.5 needle moved = 3.5'],
    [{ construction: 'triple', gap: 2, width: 1 }, '7.0 widest − 4.0 outer gap − 0.5 margin = 2.5'],
    [
      { stitch: 'overcast', position: -1.25, width: 2 },
      'held edge 2.25 + 3.25 room on the other side − 1.0 half the gap = 4.5',
    ],
    [{ stitch: 'overcast', width: 2 }, 'held edge 3.5 + 1.0 half the gap = 4.5, and 3.25 is free'],
  ])('do the sum that gives the safe width: %j', (p, sum) => expect(explain(p)).toContain(sum))

  it('end every sum with the safe width itself', () => {
    fc.assert(
      fc.property(anyInput, i => {
        const { safeWidthMm } = judgeSwing(i)
        const total = / = (−?[\d.]+)$/.exec(arithmetic(i))?.[1]
        fc.pre(
          total !== undefined
            && safeWidthMm !== null
            && safeWidthMm > 0.01
            && safeWidthMm < i.machine.maxWidthMm - 0.01,
        )
        expect(Number(total!.replace('−', '-'))).toBeCloseTo(safeWidthMm!, 1)
      }),
    )
  })

  it('say in one line what to dial in', () => {
    const line = (p: Parts) => headline(judgeSwing(input(p)), input(p))
    expect(line({ width: 5.5 })).toBe('Set the width to 4.5 mm or less.')
    expect(line({ plateHole: true })).toBe('Do not sew: the plate has a single hole.')
    expect(line({ gap: 8 })).toBe('Do not sew: no width makes this fit.')
    expect(line({ gap: 6, position: 0.5, width: 1 })).toBe('Sew straight only: no swing is safe here.')
  })
  it('tell that a held stitch is not helped by narrowing', () =>
    expect(explain({ stitch: 'blind-hem', width: 3 })).toContain('starts at the right end'))
  it('ask for the handwheel unless it strikes', () => {
    expect(explain({})).toContain('toward you')
    expect(explain({ width: 6 })).not.toContain('toward you')
  })
})

describe('bad input', () => {
  it.each([
    ['machine.maxWidthMm', { max: Number.NaN }],
    ['needle.gapMm', { gap: -1 }],
    ['widthMm', { width: Infinity }],
    ['machine.plateSlotMm', { plateSlot: Number.NaN }],
    ['foot.slotMm', { footSlot: 1e9 }],
    ['needle.sizeNm', { size: 0 }],
    ['marginMm', { margin: Number.NaN }],
    ['clearanceMm', { clearance: -1 }],
  ] as const)('is refused by name: %s', (field, p) => {
    expect(() => judgeSwing(input(p))).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field }) }),
    )
  })
})
