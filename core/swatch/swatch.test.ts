import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normal, seeded } from '#core/simulated'
import {
  alike,
  learnFrom,
  leaveOneOut,
  type LearntFrom,
  predictOffset,
  type SwatchFeatures,
} from '#core/swatch'

const METALLIC: SwatchFeatures = {
  thread: 'metallic',
  needle: 'metallic',
  construction: 'twin',
  stitch: 'swings',
  goal: 'metallic',
  cloth: 'woven',
  gap: 2,
}
const record = (share: number, over: Partial<SwatchFeatures> = {}, ruleShare = -1 / 3): LearntFrom => ({
  id: `${share}`,
  features: { ...METALLIC, ...over },
  share,
  ruleShare,
})

describe('how alike two combinations are', () => {
  it('is 1 for the same and less for each thing that differs', () => {
    expect(alike(METALLIC, METALLIC)).toBe(1)
    expect(alike(METALLIC, { ...METALLIC, gap: 3.5 })).toBeCloseTo(0.5, 9)
    expect(alike(METALLIC, { ...METALLIC, cloth: 'felt' })).toBeGreaterThan(
      alike(METALLIC, { ...METALLIC, thread: 'rayon' }),
    )
  })
})

describe('what the book expects', () => {
  it('makes no claim under three relevant records', () => {
    expect(predictOffset([record(-0.5), record(-0.5)], METALLIC, -1 / 3)).toBeNull()
    expect(
      predictOffset([record(-0.5), record(-0.5), record(0, { thread: 'rayon' })], METALLIC, -1 / 3),
    ).toBeNull()
  })
  it('is the hand-worked mean, shrunk toward the rule', () => {
    // Three equal records, each 0.2 below its rule. Their scatter is none, and the usual one counts as 0.3 of
    // a record: variance 0.3 (0.4/4.5)² / 2.3 each, 1/3 of it for three, against (1/4.5)² of the rule.
    const told = predictOffset(
      [record(-1 / 3 - 0.2), record(-1 / 3 - 0.2), record(-1 / 3 - 0.2)],
      METALLIC,
      -1 / 3,
    )!
    const each = (0.3 * (0.4 / 4.5) ** 2) / 2.3
    const precision = 4.5 ** 2 + 3 / each
    expect(told.share).toBeCloseTo(-1 / 3 - (0.2 * (3 / each)) / precision, 9)
    // Narrower than a quarter mark nobody can say.
    expect(told.spread).toBe(0.05)
    expect(told.leansOn).toHaveLength(3)
  })
  it('is as wide as its records scatter', () => {
    // Issue: four records at ±0.5 said ±0.12.
    const told = predictOffset([record(0.5), record(-0.5), record(0.5), record(-0.5)], METALLIC, 0)!
    expect(told.spread).toBeGreaterThan(0.5)
  })
  it.each([0.05, 0.2, 0.5])('covers a new record about two times in three, at scatter %d', scatter => {
    for (const count of [3, 10, 100, 1000]) {
      const random = seeded(count)
      const tries = count < 100 ? 4000 : 400
      let covered = 0
      for (let i = 0; i < tries; i++) {
        const all = Array.from({ length: count }, () => record(0.2 + scatter * normal(random), {}, 0))
        const told = predictOffset(all, METALLIC, 0)!
        if (Math.abs(0.2 + scatter * normal(random) - told.share) <= told.spread) covered++
      }
      expect(covered / tries, `${count} records`).toBeGreaterThan(0.6)
      expect(covered / tries, `${count} records`).toBeLessThan(0.8)
    }
  })
  it('leans on what is most alike', () => {
    const told = predictOffset(
      [record(-0.4, { cloth: 'felt' }), record(-0.5), record(-0.45, { needle: 'topstitch' })],
      METALLIC,
      -1 / 3,
    )!
    expect(told.leansOn.map(({ id }) => id)).toEqual(['-0.5', '-0.4', '-0.45'])
  })
  it('learns nothing from another construction of needle, nor from a straight seam for a swing', () => {
    for (const other of [{ construction: 'single' }, { stitch: 'straight' }])
      expect(predictOffset(Array(9).fill(record(0.1, other, 0)), METALLIC, 0)).toBeNull()
  })
  it('carries what records were off over to a combination with another rule', () => {
    const off = [
      record(0.1, { needle: 'topstitch' }, 0),
      record(0.1, { needle: 'topstitch' }, 0),
      record(0.1, { needle: 'topstitch' }, 0),
    ]
    expect(predictOffset(off, METALLIC, -1 / 3)!.share).toBeGreaterThan(-1 / 3)
  })
  it('stays between the rule and what the records say', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.9, max: 0.9, noNaN: true }), { minLength: 4, maxLength: 30 }),
        shares => {
          const all = shares.map(share => record(share, {}, 0))
          const told = predictOffset(all, METALLIC, 0)!
          expect(told.share).toBeGreaterThanOrEqual(Math.min(0, ...shares) - 1e-9)
          expect(told.share).toBeLessThanOrEqual(Math.max(0, ...shares) + 1e-9)
        },
      ),
    )
  })
  it('refuses a share that is none', () => {
    expect(() => predictOffset([record(NaN)], METALLIC, 0)).toThrow(/share/)
    expect(() => predictOffset([], METALLIC, 2)).toThrow(/ruleShare/)
  })
})

describe('a book read once', () => {
  it('names the most alike of many, and how many they are', () => {
    const told = learnFrom([
      ...Array.from({ length: 40 }, () => record(0.1, { cloth: 'knit' })),
      ...Array.from({ length: 30 }, () => record(-0.5)),
    ]).foretell(METALLIC, -1 / 3)
    expect(told.prediction!.of).toBe(70)
    expect(told.prediction!.leansOn.map(({ id }) => id)).toEqual(Array.from({ length: 12 }, () => '-0.5'))
    expect(told.error!.of).toBe(70)
  })
})

describe('how far off it is', () => {
  it('is the same as foretelling each record from all others, one by one', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            share: fc.double({ min: -0.9, max: 0.9, noNaN: true }),
            needle: fc.constantFrom('metallic', 'topstitch'),
            gap: fc.constantFrom(0, 2, 4),
          }),
          { minLength: 1, maxLength: 25 },
        ),
        drawn => {
          const all = drawn.map(({ share, needle, gap }, i) => ({
            ...record(share, { needle, gap }),
            id: String(i),
          }))
          const told = all.flatMap((one, i) => {
            const guess = predictOffset(
              [...all.slice(0, i), ...all.slice(i + 1)],
              one.features,
              one.ruleShare!,
            )
            return guess ? [(guess.share - one.share) ** 2] : []
          })
          const found = leaveOneOut(all)
          if (told.length === 0) {
            expect(found).toBeNull()
            return
          }
          expect(found!.of).toBe(told.length)
          expect(found!.book).toBeCloseTo(
            Math.sqrt(told.reduce((sum, square) => sum + square, 0) / told.length),
            9,
          )
        },
      ),
    )
  })
  it('is worked out on records it has not seen', () => {
    const found = leaveOneOut([record(-0.5), record(-0.52), record(-0.48), record(-0.5)])!
    expect(found.of).toBe(4)
    expect(found.rule).toBeCloseTo(
      Math.sqrt([-0.5, -0.52, -0.48, -0.5].reduce((sum, share) => sum + (share + 1 / 3) ** 2, 0) / 4),
      9,
    )
    expect(found.book).toBeLessThan(found.rule / 4)
    expect(leaveOneOut([record(-0.5), record(-0.5), record(-0.5)])).toBeNull()
  })
})
