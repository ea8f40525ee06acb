import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  coverJobs,
  MOST_CANDIDATES,
  serves,
  TWIN_JOBS,
  type TwinCandidate,
  type TwinJob,
} from '#core/coverage'
import { ASSORTMENT } from '#core/pairing'

const needle = (id: string, gapMm: number, over: Partial<TwinCandidate> = {}): TwinCandidate => ({
  id,
  owned: false,
  construction: 'twin',
  gapMm,
  sizeNm: 80,
  type: 'universal',
  ...over,
})
const job = (id: string, min: number, max: number, over: Partial<TwinJob> = {}): TwinJob => ({
  id,
  name: id,
  gapMm: [min, max],
  sizeNm: [70, 100],
  types: ['universal'],
  widthMm: 0,
  ...over,
})
const twins: TwinCandidate[] = ASSORTMENT.filter(({ construction }) => construction === 'twin').map(
  (one, i) => ({ ...one, id: String(i), owned: false }),
)
const ids = (candidates: TwinCandidate[], jobs: TwinJob[]) =>
  coverJobs(candidates, jobs, [7], 0.5).chosen.map(({ needle: { id } }) => id)

describe('whether a needle serves a job', () => {
  // Arithmetic: widest stitch less gap, less the margin where it swings.
  it.each([
    ['straight, 7 on 7', needle('a', 7), job('j', 1, 8), [7], true],
    ['straight, 8 on 7', needle('a', 8), job('j', 1, 8), [7], false],
    ['on any machine', needle('a', 8), job('j', 1, 8), [5, 9], true],
    ['swing 4 with gap 2.5', needle('a', 2.5), job('j', 1, 8, { widthMm: 4 }), [7], true],
    ['swing 4 with gap 3', needle('a', 3), job('j', 1, 8, { widthMm: 4 }), [7], false],
    ['gap too wide', needle('a', 4), job('j', 1, 3), [9], false],
    ['size too big', needle('a', 2, { sizeNm: 110 }), job('j', 1, 3), [9], false],
    ['another type', needle('a', 2, { type: 'jeans' }), job('j', 1, 3), [9], false],
  ])('%s', (_, one, wanted, machines, expected) => expect(serves(one, wanted, machines, 0.5)).toBe(expected))
})

describe('the smallest set of twins', () => {
  it('takes one needle for two jobs rather than two', () =>
    expect(ids([needle('a', 2), needle('b', 4), needle('ab', 3)], [job('x', 2, 3), job('y', 3, 4)])).toEqual([
      'ab',
    ]))
  it('uses what is owned before it buys', () =>
    expect(
      ids(
        [needle('a', 2, { owned: true }), needle('b', 4, { owned: true }), needle('ab', 3)],
        [job('x', 2, 3), job('y', 3, 4)],
      ),
    ).toEqual(['a', 'b']))
  it('is not fooled as a greedy choice would be', () => {
    // The biggest does four of six jobs; taking it first, two more are needed, where the other two do all.
    const candidates = [
      needle('big', 2),
      needle('odd', 2, { type: 'jeans' }),
      needle('even', 2, { type: 'stretch' }),
    ]
    const typeOf = { big: 'universal', odd: 'jeans', even: 'stretch' } as const
    const does = [
      ['odd'],
      ['big', 'odd'],
      ['big', 'odd'],
      ['big', 'even'],
      ['big', 'even'],
      ['even'],
    ] as const
    expect(
      ids(
        candidates,
        does.map((which, i) => job(String(i), 1, 3, { types: which.map(one => typeOf[one]) })),
      ),
    ).toEqual(['odd', 'even'])
  })
  it('says what each adds that no other does, and what nothing serves', () => {
    const { chosen, unserved } = coverJobs(
      [needle('a', 2), needle('b', 4)],
      [job('x', 2, 4), job('y', 4, 4), job('z', 2, 2), job('never', 8, 8)],
      [9],
      0.5,
    )
    expect(chosen.map(({ needle: { id }, adds }) => [id, adds])).toEqual(
      expect.arrayContaining([
        ['a', ['z']],
        ['b', ['y']],
      ]),
    )
    expect(unserved).toEqual(['never'])
  })
  it('serves every job on the list with the usual assortment on a 9 mm machine', () => {
    const { chosen, unserved } = coverJobs(twins, TWIN_JOBS, [9], 0.5)
    expect(unserved).toEqual([])
    expect(chosen.length).toBeLessThan(TWIN_JOBS.length)
  })

  it('is as small as trying every set finds it', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 127 }), { minLength: 1, maxLength: 9 }), masks => {
        const types = [
          'universal',
          'stretch',
          'ballpoint',
          'embroidery',
          'metallic',
          'topstitch',
          'jeans',
          'sharp',
          'quilting',
        ] as const
        const candidates = masks.map((_, i) => needle(String(i), 2, { type: types[i]! }))
        const jobs = Array.from({ length: 7 }, (_, j) =>
          job(String(j), 1, 3, { types: types.filter((__, i) => (masks[i] ?? 0) & (1 << j)) }),
        )
        const goal = masks.reduce((all, mask) => all | mask, 0)
        let fewest = Infinity
        for (let set = 0; set < 1 << masks.length; set++) {
          const taken = masks.filter((_, i) => set & (1 << i))
          if (taken.reduce((all, mask) => all | mask, 0) === goal) fewest = Math.min(fewest, taken.length)
        }
        expect(coverJobs(candidates, jobs, [9], 0).chosen).toHaveLength(fewest)
      }),
      { numRuns: 200 },
    )
  })

  it('refuses more than it can search exactly', () => {
    const many = Array.from({ length: MOST_CANDIDATES + 1 }, (_, i) => needle(String(i), 2))
    expect(() => coverJobs(many, [], [7], 0.5)).toThrow(expect.objectContaining({ code: 'too-many' }))
    expect(() =>
      coverJobs(
        [],
        Array.from({ length: 31 }, (_, i) => job(String(i), 1, 2)),
        [7],
        0.5,
      ),
    ).toThrow(expect.objectContaining({ code: 'too-many' }))
    expect(() => coverJobs([], [], [7], Number.NaN)).toThrow(expect.objectContaining({ code: 'non-finite' }))
  })
})
