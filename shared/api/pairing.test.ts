import { describe, expect, it } from 'vitest'
import {
  answerPairing,
  pairingRequestSchema,
  pairingResponseSchema,
  answerThreadCount,
  threadCountRequestSchema,
  threadCountResponseSchema,
} from '#shared/api'

const count = (body: object) =>
  threadCountResponseSchema.parse(answerThreadCount(threadCountRequestSchema.parse(body)))
const pair = (body: object) => pairingResponseSchema.parse(answerPairing(pairingRequestSchema.parse(body)))
const METALLIC = { kind: 'metallic', tex: 30 }

describe('a thread count', () => {
  // Source: ISO 1144, ISO 2947 (from memory): Ne 50/2 = 2 × 590.5/50.
  it.each([
    [{ label: '50/2 Ne' }, 23.62, 'label', 'cotton'],
    [{ label: 'pearl No. 12' }, 83, 'nominal', 'cotton'],
    [{ label: '40 wt' }, 25, 'nominal', 'polyester'],
    [{ system: 'denier', value: 120, plies: 2 }, 26.666667, 'label', 'polyester'],
    [{ system: 'nm', value: 40 }, 25, 'label', 'polyester'],
    [{ label: '40 wt', fibre: 'viscose' }, 25, 'nominal', 'viscose'],
  ])('answers %j', (body, tex, basis, fibre) =>
    expect(count(body)).toMatchObject({
      tex,
      basis,
      fibre,
      dtex: expect.closeTo(10 * tex, 4),
      ticket: expect.closeTo(3000 / tex, 4),
    }),
  )

  it('gives Peirce’s diameter for cotton', () => {
    // Source: F. T. Peirce, J. Textile Inst. 28 (1937) T45 (from memory): Ne 25 → 0.1814 mm.
    expect(Math.abs(count({ system: 'ne', value: 25 }).diameterMm / 0.1814 - 1)).toBeLessThan(0.01)
  })
  it('says what it assumed', () => {
    expect(count({ system: 'tex', value: 25 }).assumed).toEqual(['fibre', 'packing'])
    expect(count({ system: 'tex', value: 8.95, fibre: 'nylon', packing: 1 })).toMatchObject({
      diameterMm: expect.closeTo(0.1, 4),
      assumed: [],
    })
  })
  it('asks with the likely reading first', () => {
    expect(() => count({ label: '12' })).toThrow(
      expect.objectContaining({
        code: 'ambiguous',
        issues: expect.arrayContaining([{ path: 'label', message: expect.stringContaining('pearl') }]),
      }),
    )
    expect(() => count({ label: 'velvet 12' })).toThrow(expect.objectContaining({ code: 'unknown-word' }))
  })
  it.each([
    {},
    { label: '40 wt', system: 'tex' },
    { system: 'tex' },
    { system: 'tex', value: 0 },
    { system: 'tex', value: -1 },
    { system: 'furlong', value: 2 },
    { system: 'ne', value: 50, plies: 0 },
    { label: 'x'.repeat(300) },
    { label: '40 wt', colour: 1 },
  ])('refuses %j', body => expect(threadCountRequestSchema.safeParse(body).success).toBe(false))
})

describe('a pairing', () => {
  it('ranks the assortment and says how to begin', () => {
    const { ranked, bobbin, start, buy } = pair({ thread: METALLIC, construction: 'single' })
    expect(ranked[0]).toMatchObject({ needle: { type: 'metallic', sizeNm: 80 }, verdict: 'good' })
    expect(bobbin).toMatchObject({ mode: 'normal', choices: [{ choice: 'fine' }, {}] })
    expect(start.tensionShare).toBeCloseTo(-1 / 3, 9)
    expect(buy).toBeNull()
  })
  it('takes needles by label and says what to buy when none is good', () => {
    expect(
      pair({
        thread: METALLIC,
        construction: 'twin',
        gapMm: 2.5,
        needles: ['2.5/75 stretch', '4.0/100 jeans', '80'],
      }),
    ).toMatchObject({
      ranked: [{ needle: { label: '2.5/75' }, verdict: 'tight' }],
      buy: { needle: { type: 'metallic', gapMm: 2.5 }, verdict: 'good' },
    })
  })
  it('reads labels and lets the worse thread decide', () => {
    const { ranked, conflicts } = pair({
      threads: { left: { label: '40 wt rayon' }, right: { label: '12', kind: 'pearl-cotton' } },
      construction: 'twin',
      needles: ['2.0/75 embroidery'],
    })
    expect(ranked[0]!.verdict).toBe('refuse')
    expect(conflicts.map(({ code }) => code)).toContain('different-threads')
  })
  it('sends what is too thick to the bobbin', () => {
    expect(pair({ thread: { label: 'pearl 8' }, construction: 'single' })).toMatchObject({
      bobbin: { mode: 'bobbin work' },
      buy: null,
      conflicts: [{ code: 'thick-in-needle', severity: 'stop' }],
    })
  })
  it('follows school and cloth', () => {
    expect(
      pair({
        thread: { kind: 'polyester', tex: 60 },
        construction: 'single',
        school: { heavyBobbin: 'same' },
      }).bobbin.choices[0]!.choice,
    ).toBe('same')
    expect(
      pair({ thread: { kind: 'cotton', tex: 24 }, construction: 'single', cloth: 'knit' }).conflicts.map(
        ({ code }) => code,
      ),
    ).toContain('cotton-on-knit')
  })
  it.each([
    ['no thread', { construction: 'single' }],
    ['both', { thread: METALLIC, threads: { left: METALLIC, right: METALLIC }, construction: 'twin' }],
    ['a gap on one needle', { thread: METALLIC, construction: 'single', gapMm: 2 }],
    ['no kind', { thread: { tex: 30 }, construction: 'single' }],
    ['tex of 1e9', { thread: { kind: 'cotton', tex: 1e9 }, construction: 'single' }],
    ['an unknown field', { thread: METALLIC, construction: 'single', colour: 'red' }],
    ['501 needles', { thread: METALLIC, construction: 'single', needles: Array(501).fill('80') }],
  ])('refuses %s', (_, body) => expect(pairingRequestSchema.safeParse(body).success).toBe(false))
  it('names the needle it cannot read', () => {
    expect(() => pair({ thread: METALLIC, construction: 'single', needles: ['80', 'velvet'] })).toThrow(
      expect.objectContaining({
        issues: [{ path: 'needles.1', message: expect.stringContaining('velvet') }],
      }),
    )
  })
})
