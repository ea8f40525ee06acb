import { DEFAULT_SCHOOLS } from '#core/schools'
import { describe, expect, it } from 'vitest'
import { findStitch } from '#core/stitch'
import fc from 'fast-check'
import { FRESH_USE } from '#core/care'
import { NEEDLE_TYPES, type NeedleType } from '#core/needle'
import {
  ASSORTMENT,
  bobbinAdvice,
  type Candidate,
  compareModels,
  eyeWidthMm,
  fitOfFill,
  fitThread,
  decidingThread,
  leadingThread,
  isFlawless,
  needleToBuy,
  onDial,
  type PairingInput,
  PRACTICE,
  rankBobbins,
  rankNeedles,
  type StartInput,
  startSettings,
  THREAD_CLASSES,
  threadClassOf,
  type ThreadFacts,
  thicknessOf,
  USUAL_THREADS,
} from '#core/pairing'

const ANY_CLOTH = { structure: null, weight: null } as const
const thread = (
  kind: ThreadFacts['kind'],
  tex: number | null,
  diameterMm: number | null = null,
): ThreadFacts => ({ kind, tex, diameterMm })
const needle = (type: NeedleType, sizeNm: number, over: Partial<Candidate> = {}): Candidate => ({
  id: `${type}-${sizeNm}`,
  construction: 'single',
  gapMm: 0,
  type,
  sizeNm,
  wear: FRESH_USE,
  ...over,
})
const single = (...threads: ThreadFacts[]): PairingInput => ({
  threads,
  cloth: ANY_CLOTH,
  construction: 'single',
  gapMm: null,
})
const first = (...threads: ThreadFacts[]) => {
  const all = rankNeedles(
    single(...threads),
    ASSORTMENT.map((n, i) => ({ ...n, id: String(i), wear: FRESH_USE })),
  )
  return { ...all[0]!.needle, verdict: all[0]!.verdict }
}

describe('the class of a thread', () => {
  // Common practice.
  it.each([
    ['40 wt rayon', thread('rayon', 25), 'embroidery'],
    ['50 wt cotton', thread('cotton', 23.62), 'all-purpose'],
    ['80 wt polyester', thread('polyester', 12.5), 'fine'],
    ['100 wt', thread('polyester', 10), 'fine'],
    ['tex 60', thread('polyester', 60), 'heavy'],
    ['metallic', thread('metallic', null), 'metallic'],
    ['film', thread('film', null, 0.5), 'film'],
    ['pearl 12', thread('pearl-cotton', 83), 'pearl'],
    ['pearl 8', thread('pearl-cotton', 125), 'thick'],
    ['crochet cotton', thread('cotton', 150), 'thick'],
    ['nylon', thread('monofilament', null), 'monofilament'],
    ['rayon of unknown weight', thread('rayon', null), 'embroidery'],
  ] as const)('%s', (_, facts, expected) => expect(threadClassOf(facts)).toBe(expected))

  it('holds for the usual thread of each class', () => {
    for (const one of THREAD_CLASSES) expect(threadClassOf(USUAL_THREADS[one])).toBe(one)
  })
})

describe('the practice table, row by row', () => {
  // Common practice: thread → needle. The needle named must come out first and good.
  it.each([
    ['embroidery 75/11 to 90/14 for 40 wt', USUAL_THREADS.embroidery, ['embroidery'], [75, 90]],
    ['universal 80/12 for 50 wt', USUAL_THREADS['all-purpose'], ['universal'], [80, 80]],
    ['70/10 or 80/12 for fine', USUAL_THREADS.fine, null, [70, 80]],
    ['topstitch 110/18 for heavy', USUAL_THREADS.heavy, ['topstitch'], [110, 110]],
    [
      'metallic 80/12 or topstitch 90/14 for metallic',
      USUAL_THREADS.metallic,
      ['metallic', 'topstitch'],
      [80, 90],
    ],
    [
      'topstitch 90/14 to 100/16 or metallic 90/14 for film',
      USUAL_THREADS.film,
      ['topstitch', 'metallic'],
      [90, 100],
    ],
    ['topstitch or jeans 100/16 for pearl 12', USUAL_THREADS.pearl, ['topstitch', 'jeans'], [100, 100]],
    ['60/8 to 70/10 for monofilament', USUAL_THREADS.monofilament, null, [60, 70]],
  ] as const)('%s', (_, facts, types, [min, max]) => {
    const best = first(facts)
    expect(best.verdict).toBe('good')
    if (types) expect(types).toContain(best.type)
    expect(best.sizeNm).toBeGreaterThanOrEqual(min)
    expect(best.sizeNm).toBeLessThanOrEqual(max)
  })

  it('sends pearl 8 to the bobbin: no needle takes it', () => {
    expect(first(USUAL_THREADS.thick).verdict).toBe('refuse')
    expect(needleToBuy(single(USUAL_THREADS.thick))).toBeNull()
  })

  it.each([
    ['heavy thread in 80/12', USUAL_THREADS.heavy, 'topstitch', 80, 'refuse'],
    ['heavy thread in topstitch 90/14', USUAL_THREADS.heavy, 'topstitch', 90, 'good'],
    ['fine thread in 100/16', USUAL_THREADS.fine, 'universal', 100, 'loose'],
    ['pearl 12 in 90/14, a makeshift', USUAL_THREADS.pearl, 'jeans', 90, 'tight'],
    ['pearl 12 in a universal 80/12', USUAL_THREADS.pearl, 'universal', 80, 'refuse'],
    ['metallic in a universal 75/11', USUAL_THREADS.metallic, 'universal', 75, 'tight'],
  ] as const)('%s: %s %d is %s', (_, facts, type, size, fit) =>
    expect(fitThread(facts, type, size).fit).toBe(fit),
  )
})

describe('the eye model', () => {
  it('is 0.40 of the blade, more where the eye is made long', () => {
    expect(eyeWidthMm('universal', 80)).toBeCloseTo(0.32, 12)
    expect(eyeWidthMm('topstitch', 100)).toBeCloseTo(0.5, 12)
    expect(eyeWidthMm('metallic', 80)).toBeCloseTo(0.384, 12)
    expect(eyeWidthMm('embroidery', 75)).toBeCloseTo(0.33, 12)
  })
  it.each([
    [0.2, 'loose'],
    [0.35, 'good'],
    [0.65, 'good'],
    [0.7, 'tight'],
    [0.8, 'tight'],
    [0.81, 'refuse'],
  ] as const)('takes a fill of %d as %s', (fill, fit) => expect(fitOfFill(fill)).toBe(fit))
  it.each([
    () => eyeWidthMm('universal', Number.NaN),
    () => eyeWidthMm('universal', 10),
    () => fitOfFill(Number.NaN),
  ])('lets no nonsense through', act => expect(act).toThrow(expect.objectContaining({ name: 'CoreError' })))

  it('never fits better when the thread grows past the middle', () => {
    const order = ['loose', 'good', 'tight', 'refuse']
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (fill, more) => {
          expect(order.indexOf(fitOfFill(fill + more))).toBeGreaterThanOrEqual(order.indexOf(fitOfFill(fill)))
        },
      ),
    )
  })

  it('agrees with the practice table but for these, which practice decides', () => {
    const rows = compareModels()
    expect(
      rows
        .filter(({ agree }) => !agree)
        .map(
          ({ threadClass, type, sizeNm, eyeFit, fit }) =>
            `${threadClass} ${type} ${sizeNm}: ${eyeFit} → ${fit}`,
        ),
    ).toEqual([
      'fine universal 90: good → loose',
      'heavy topstitch 80: tight → refuse',
      'heavy topstitch 90: tight → good',
      'film topstitch 90: refuse → good',
      'film topstitch 100: tight → good',
      'film metallic 90: refuse → good',
      'pearl topstitch 90: refuse → tight',
      'pearl topstitch 100: tight → good',
      'pearl jeans 90: refuse → tight',
      'pearl jeans 100: refuse → good',
    ])
    expect(rows.every(({ practiceFit, fit }) => practiceFit === null || practiceFit === fit)).toBe(true)
    expect(rows.filter(({ agree }) => agree).length).toBeGreaterThan(rows.length / 2)
  })

  it('says where a thickness comes from', () => {
    expect(thicknessOf(thread('cotton', 25, 0.2))).toEqual({ mm: 0.2, source: 'measured' })
    expect(thicknessOf(thread('cotton', 25)).source).toBe('rule')
    expect(thicknessOf(thread('cotton', null)).source).toBe('guess')
    expect(thicknessOf(thread('film', 20)).source).toBe('guess')
  })
})

describe('ranking what is owned', () => {
  const metallic = USUAL_THREADS.metallic
  it('puts only the wanted construction and gap, best first, refused last', () => {
    const owned = [
      needle('universal', 60),
      needle('metallic', 80),
      needle('universal', 80),
      needle('metallic', 80, { id: 'twin', construction: 'twin', gapMm: 2.5 }),
    ]
    expect(rankNeedles(single(metallic), owned).map(({ needle: { id } }) => id)).toEqual([
      'metallic-80',
      'universal-80',
      'universal-60',
    ])
    const twin = { ...single(metallic), construction: 'twin' as const }
    expect(rankNeedles({ ...twin, gapMm: 2.5 }, owned).map(({ needle: { id } }) => id)).toEqual(['twin'])
    expect(rankNeedles({ ...twin, gapMm: 4 }, owned)).toEqual([])
  })

  it('lets the thread decide that sits worse, and says both', () => {
    const pair = rankNeedles(
      { ...single(USUAL_THREADS.embroidery, USUAL_THREADS.pearl), construction: 'twin' },
      [needle('embroidery', 75, { construction: 'twin', gapMm: 2 })],
    )[0]!
    expect(pair.verdict).toBe('refuse')
    expect(pair.fits.map(({ fit }) => fit)).toEqual(['good', 'refuse'])
    expect(pair.reasons[0]).toContain('pearl cotton No. 12')
  })

  it('refuses a bent needle and puts a worn one behind a fresh one', () => {
    const ranked = rankNeedles(single(metallic), [
      needle('metallic', 80, { id: 'worn', wear: { ...FRESH_USE, hoursSewn: 9 } }),
      needle('metallic', 80, { id: 'fresh' }),
      needle('metallic', 80, { id: 'bent', wear: { ...FRESH_USE, state: 'bent', hoursSewn: 1 } }),
    ])
    expect(ranked.map(({ needle: { id }, verdict }) => `${id} ${verdict}`)).toEqual([
      'fresh good',
      'worn good',
      'bent refuse',
    ])
    expect(ranked[1]!.reasons.join(' ')).toContain('Change it first: 9 of about 8 hours')
  })

  // Common practice: the finest needle that takes the thread and suits the cloth.
  it('is the one that fits the cloth too, of those that take the thread', () => {
    const best = (one: ThreadFacts, weight: 'light' | 'medium', ...sizes: number[]) =>
      rankNeedles(
        { ...single(one), cloth: { structure: 'woven', weight } },
        sizes.flatMap(size => (['universal', 'topstitch', 'embroidery'] as const).map(t => needle(t, size))),
      )[0]!.needle.sizeNm
    // 40 wt is 25 tex: on linen, of medium weight, 80/12 before 100/16.
    for (const kind of ['rayon', 'polyester', 'cotton'] as const)
      expect(best(thread(kind, 25), 'medium', 100, 80)).toBe(80)
    // Heavy thread begins at 90/14: on light cloth that and no larger.
    expect(best(thread('polyester', 60), 'light', 110, 100, 90)).toBe(90)
    expect(best(thread('polyester', 60), 'medium', 110, 100, 90)).toBe(100)
  })
  it('follows the cloth: stretch for a knit, light sizes for light cloth', () => {
    const cotton = thread('polyester', 24)
    const owned = [needle('universal', 75), needle('stretch', 75)]
    const best = (cloth: PairingInput['cloth']) =>
      rankNeedles({ ...single(cotton), cloth }, owned)[0]!.needle.type
    expect(best({ structure: 'knit', weight: null })).toBe('stretch')
    expect(best({ structure: 'woven', weight: null })).toBe('universal')
    const sizes = rankNeedles(
      { ...single(thread('cotton', 24)), cloth: { structure: 'woven', weight: 'light' } },
      [needle('sharp', 90), needle('sharp', 80)],
    )
    expect(sizes[0]!.needle.sizeNm).toBe(80)
  })

  // Common practice: a jeans needle cuts the loops of a knit, however well the thread runs in it.
  it('calls no needle flawless that its own reasons speak against, and offers a better one to buy', () => {
    const hem: PairingInput = {
      threads: [thread('polyester', 24)],
      cloth: { structure: 'knit', weight: null },
      construction: 'twin',
      gapMm: 4,
    }
    const jeans = needle('jeans', 100, { construction: 'twin', gapMm: 4 })
    const [only] = rankNeedles(hem, [jeans])
    expect(only).toMatchObject({ verdict: 'good', isWarned: true })
    expect(isFlawless(only!)).toBe(false)
    expect(needleToBuy(hem)?.needle).toMatchObject({ type: 'stretch', gapMm: 4, sizeNm: 75 })
  })

  it('puts verdict before score, and a needle that strikes last', () => {
    const hem: PairingInput = { ...single(thread('polyester', 24)), construction: 'twin' }
    const two = needle('universal', 80, { id: 'two', construction: 'twin', gapMm: 2 })
    const eight = needle('universal', 80, { id: 'eight', construction: 'twin', gapMm: 8 })
    const seam = {
      machine: { maxWidthMm: 7, plateSlotMm: null },
      foot: { slotMm: null, singleHole: false },
      plate: { singleHole: false },
      stitch: { ...findStitch('zigzag')!, widthMm: 4, lengthMm: 2, mirror: false, positionMm: 0 },
      marginMm: 0.5,
      clearanceMm: 0.25,
    }
    const tight = needle('stretch', 60, { id: 'tight', construction: 'twin', gapMm: 2 })
    const said = rankNeedles({ ...hem, seam }, [eight, tight, two]).map(
      ({ needle: { id }, swing, verdict }) => `${id} ${swing} ${verdict}`,
    )
    expect(said).toEqual(['two clear good', 'tight clear refuse', 'eight strikes good'])
    // Where nobody says what is sewn, the swing is not judged.
    expect(rankNeedles(hem, [eight])[0]!.swing).toBeNull()
  })

  it.each([
    // The table was made for usual threads: half a millimetre of monofilament fills a 60/8 twice.
    ['monofilament', thread('monofilament', null, 0.5), 'universal', 60, 2.08],
    ['metallic', thread('metallic', 2000), 'metallic', 90, 3],
    ['film', thread('film', null, 5), 'topstitch', 90, 11],
  ] as const)(
    'lets the eye model refuse %s thicker than the table speaks of',
    (_, one, type, sizeNm, fill) => {
      const [ranked] = rankNeedles(single(one), [needle(type, sizeNm)])
      expect(ranked).toMatchObject({ verdict: 'refuse', fit: { decidedBy: 'eye model', practiceFit: null } })
      expect(ranked!.fit.fill).toBeGreaterThan(fill)
      expect(ranked!.reasons.join(' ')).toMatch(
        /The practice table speaks of .* of [\d.]+ to [\d.]+ mm only\./,
      )
    },
  )

  it('keeps every score in 0…100 and gives 0 to the refused alone', () => {
    const facts = fc.record({
      kind: fc.constantFrom(
        'cotton',
        'rayon',
        'metallic',
        'film',
        'pearl-cotton',
        'monofilament',
        'polyester',
      ),
      tex: fc.option(fc.double({ min: 0.5, max: 400, noNaN: true })),
      diameterMm: fc.option(fc.double({ min: 0.02, max: 2, noNaN: true })),
    }) as fc.Arbitrary<ThreadFacts>
    fc.assert(
      fc.property(
        facts,
        fc.constantFrom(...NEEDLE_TYPES),
        fc.integer({ min: 50, max: 150 }),
        (one, type, sizeNm) => {
          const [ranked] = rankNeedles(single(one), [needle(type, sizeNm)])
          expect(ranked!.score).toBeGreaterThanOrEqual(0)
          expect(ranked!.score).toBeLessThanOrEqual(100)
          expect(ranked!.score === 0).toBe(ranked!.verdict === 'refuse')
          expect(ranked!.reasons.length).toBeGreaterThan(0)
        },
      ),
    )
  })

  it('names what to buy: at the gap wanted, or the nearest that exists', () => {
    const twin = (gapMm: number | null) =>
      needleToBuy({ ...single(metallic), construction: 'twin', gapMm })?.needle
    expect(twin(2.5)).toMatchObject({ type: 'metallic', gapMm: 2.5, sizeNm: 80 })
    expect(twin(3)).toMatchObject({ type: 'metallic', gapMm: 3 })
    expect(twin(6)).toMatchObject({ type: 'metallic', gapMm: 3 })
    expect(
      needleToBuy({ ...single(USUAL_THREADS.pearl), construction: 'twin', gapMm: null })?.needle,
    ).toMatchObject({ type: 'jeans', gapMm: 4 })
  })

  it('refuses to rank without a thread', () =>
    expect(() => rankNeedles(single(), [])).toThrow(expect.objectContaining({ code: 'out-of-range' })))
})

describe('the bobbin', () => {
  const advise = (top: ThreadFacts, swings = false, school: 'same' | 'ordinary' = 'ordinary') =>
    bobbinAdvice({
      top: { ...top, hex: '#22304f' },
      swings,
      schools: { ...DEFAULT_SCHOOLS, heavyBobbin: school },
    })
  // Common practice, row by row.
  it.each([
    ['embroidery side to side', USUAL_THREADS.embroidery, true, 'same'],
    ['embroidery straight', USUAL_THREADS.embroidery, false, 'fine'],
    ['all-purpose', USUAL_THREADS['all-purpose'], false, 'same'],
    ['fine', USUAL_THREADS.fine, false, 'fine'],
    ['metallic', USUAL_THREADS.metallic, true, 'fine'],
    ['film', USUAL_THREADS.film, false, 'fine'],
    ['pearl 12', USUAL_THREADS.pearl, false, 'cotton-50'],
    ['monofilament', USUAL_THREADS.monofilament, true, 'matched-fine'],
  ] as const)('under %s', (_, top, swings, choice) =>
    expect(advise(top, swings).choices[0]!.choice).toBe(choice),
  )

  it('follows the school under heavy thread, and gives the other view too', () => {
    expect(advise(USUAL_THREADS.heavy, false, 'same').choices.map(({ choice }) => choice)[0]).toBe('same')
    const ordinary = advise(USUAL_THREADS.heavy, false, 'ordinary').choices.map(({ choice }) => choice)
    expect(ordinary[0]).toBe('cotton-50')
    expect(ordinary).toContain('same')
  })

  it('says bobbin work for what is too thick, with what changes', () => {
    const advice = advise(USUAL_THREADS.thick)
    expect(advice.mode).toBe('bobbin work')
    const text = advice.steps.join(' ')
    for (const word of ['mirrored', 'Bypass', 'thick thread up first', 'cutter']) expect(text).toContain(word)
    expect(advise(USUAL_THREADS.pearl).mode).toBe('normal')
  })

  it('ranks owned threads by choice, then by colour', () => {
    const owned = [
      { ...thread('cotton', 23), id: 'red', hex: '#a8382b' },
      { ...thread('cotton', 23), id: 'navy', hex: '#22304f' },
      { ...thread('cotton', 23), id: 'unknown', hex: null },
      { ...thread('pearl-cotton', 83), id: 'pearl', hex: '#22304f' },
      { ...thread('polyester', 12), id: 'fine', hex: '#22304f' },
    ]
    const ranked = rankBobbins(
      { top: { ...USUAL_THREADS.pearl, hex: '#22304f' }, swings: false, schools: DEFAULT_SCHOOLS },
      'pearl',
      owned,
    )
    expect(ranked.map(({ id, look }) => `${id} ${look}`)).toEqual([
      'navy matches',
      'red shows',
      'unknown colour not known',
    ])
  })
})

describe('pearl No. 12', () => {
  // Common practice: one school has sewn it through a 90/14 and a universal 100/16, the eye model says no.
  const fit = (type: NeedleType, sizeNm: number, pearlEye: 'eye' | 'as-sewn') =>
    fitThread(USUAL_THREADS.pearl, type, sizeNm, { thickPearl: 'bobbin', pearlEye }).fit
  it('is tight instead of refused by the school that sews it so, and never better than that', () => {
    expect([fit('universal', 100, 'eye'), fit('universal', 100, 'as-sewn')]).toEqual(['refuse', 'tight'])
    expect([fit('universal', 90, 'eye'), fit('universal', 90, 'as-sewn')]).toEqual(['refuse', 'tight'])
    expect(fit('topstitch', 100, 'as-sewn')).toBe('good')
    expect(fit('universal', 80, 'as-sewn')).toBe('refuse')
  })
})

describe('a bobbin under a hidden edge', () => {
  const owned = [
    { kind: 'polyester', tex: 12, diameterMm: null, id: 'fine grey', hex: '#8f8f8c' },
    { kind: 'polyester', tex: 12, diameterMm: null, id: 'fine navy', hex: '#22304f' },
    { kind: 'cotton', tex: 25, diameterMm: null, id: 'navy cotton', hex: '#22304f' },
  ] as const
  const first = (hiddenBobbin: 'matched' | 'fine-grey', isHidden = true) =>
    rankBobbins(
      {
        top: { ...USUAL_THREADS.monofilament, hex: '#22304f' },
        swings: true,
        schools: { ...DEFAULT_SCHOOLS, hiddenBobbin },
        isHidden,
      },
      'mono',
      owned,
    )[0]!.id
  it('is fine and in its colour, or fine grey, by the school', () => {
    expect(first('matched')).toBe('fine navy')
    expect(first('fine-grey')).toBe('fine grey')
    expect(first('fine-grey', false)).toBe('fine navy')
  })
})

describe('pearl No. 8', () => {
  // Common practice: one school winds it on the bobbin, the other has sewn it through 110/18.
  const fit = (sizeNm: number, school: 'bobbin' | 'needle', tex = 125) =>
    fitThread({ kind: 'pearl-cotton', tex, diameterMm: null }, 'topstitch', sizeNm, {
      thickPearl: school,
      pearlEye: 'eye',
    }).fit
  it('is tight in a 110/18 by the one school, and refused by the other', () => {
    expect(fit(110, 'needle')).toBe('tight')
    expect(fit(110, 'bobbin')).toBe('refuse')
  })
  it('wants cotton below where a needle takes it, and lies below itself where none does', () => {
    const top = { kind: 'pearl-cotton', tex: 125, diameterMm: null, hex: null } as const
    const advice = (throughNeedle: boolean) =>
      bobbinAdvice({ top, swings: false, schools: DEFAULT_SCHOOLS, throughNeedle })
    expect(advice(true)).toMatchObject({ mode: 'normal', choices: [{ choice: 'cotton-50' }] })
    expect(advice(false)).toMatchObject({ mode: 'bobbin work', choices: [{ choice: 'thick' }] })
  })
  it('is refused by both in anything finer, and so is No. 5 in any', () => {
    expect(fit(100, 'needle')).toBe('refuse')
    expect(fit(110, 'needle', 210)).toBe('refuse')
  })
})

describe('where to start', () => {
  const DIAL = { min: 0, home: 4.5, max: 9 }
  const start = (facts: ThreadFacts, over: Partial<StartInput> = {}) =>
    startSettings({
      thread: facts,
      construction: 'single',
      technique: 'decorative',
      goal: 'balanced',
      swings: true,
      dial: DIAL,
      dialStep: null,
      washed: false,
      schools: DEFAULT_SCHOOLS,
      foretold: null,
      own: null,
      ...over,
    })
  // Common practice, on a dial of 0 to 9 with normal tension 4.5.
  it.each([
    ['metallic zigzag, about 3', USUAL_THREADS.metallic, {}, 3],
    ['metallic straight, about 2', USUAL_THREADS.metallic, { swings: false }, 2],
    ['film, about 2', USUAL_THREADS.film, {}, 2],
    ['monofilament, nearly nothing', USUAL_THREADS.monofilament, {}, 0.5],
    ['pearl, home', USUAL_THREADS.pearl, {}, 4.5],
    [
      'pearl, school home + 1',
      USUAL_THREADS.pearl,
      { schools: { ...DEFAULT_SCHOOLS, pearlTension: 'plus-one' } },
      5.5,
    ],
    ['pearl with a hair of bobbin', USUAL_THREADS.pearl, { goal: 'bobbin hair' }, 5.5],
    ['pintucks, top of the dial', USUAL_THREADS['all-purpose'], { technique: 'pintucks', goal: 'raised' }, 9],
    [
      'a flat hem, half a step down',
      USUAL_THREADS['all-purpose'],
      { technique: 'hem', goal: 'flat', swings: false },
      4,
    ],
    ['fine, home', USUAL_THREADS.fine, { technique: 'seam' }, 4.5],
    ['bobbin work, home', USUAL_THREADS.thick, {}, 4.5],
    ['a raised goal does not break metallic', USUAL_THREADS.metallic, { goal: 'raised' }, 3],
  ] as const)('tension for %s', (_, facts, over, dial) => expect(start(facts, over).tension.value).toBe(dial))

  it.each([
    ['heavy', USUAL_THREADS.heavy, { swings: false }, 3.5],
    ['fine', USUAL_THREADS.fine, { swings: false, technique: 'seam' }, 1.8],
    ['pearl line', USUAL_THREADS.pearl, { swings: false }, 3],
    ['monofilament zigzag', USUAL_THREADS.monofilament, {}, 1],
    ['a hem', USUAL_THREADS['all-purpose'], { technique: 'hem', swings: false }, 3],
  ] as const)('length for %s', (_, facts, over, mm) => expect(start(facts, over).length.value).toBe(mm))

  it('gives pearl blanket stitch its 5.0 by 6.0', () =>
    expect(start(USUAL_THREADS.pearl, { technique: 'blanket stitch' })).toMatchObject({
      length: { value: 5 },
      width: { value: 6 },
    }))
  it('changes the stabilizer with the wash', () => {
    expect(start(USUAL_THREADS.embroidery).stabilizer.text).toBe('tear-away')
    expect(start(USUAL_THREADS.embroidery, { washed: true }).stabilizer.text).toBe('cut-away')
  })
  it('never puts a twin over a single hole', () => {
    expect(start(USUAL_THREADS.fine, { construction: 'twin', swings: false }).plate.text).toBe('zigzag plate')
    expect(start(USUAL_THREADS.fine, { swings: false }).plate.text).toBe('single-hole plate')
  })
  it('says only the offset when the dial is not known', () => {
    expect(start(USUAL_THREADS.metallic, { dial: null })).toMatchObject({
      tension: { value: null, text: 'a quarter turn looser than normal', source: 'rule' },
    })
  })
  it('puts an own plan before the rule and says so', () => {
    expect(
      start(USUAL_THREADS.metallic, { own: { name: 'Night cape', tension: 2.5, lengthMm: 1.2 } }),
    ).toMatchObject({
      tension: {
        value: 2.5,
        source: 'own plan',
        why: expect.stringContaining('Night cape'),
        others: [{ text: '3', source: 'rule' }],
      },
    })
  })
  it('carries a share from dial to dial and back', () => {
    expect(onDial(-1 / 3, { min: 0, home: 6, max: 10 }, null)).toBe(4)
  })
  it('puts own swatches before an own plan, with one number and all its reasons', () => {
    const { tension, tensionShare, ruleShare } = start(USUAL_THREADS.metallic, {
      foretold: { share: -0.5, of: 6 },
      own: { name: 'Night cape', tension: 2.5, lengthMm: 1.2 },
    })
    // Half the way from normal tension 4.5 to 0 is 2.25, said in halves.
    expect(tension).toMatchObject({
      value: 2.5,
      source: 'own swatches',
      why: expect.stringContaining('6 own'),
    })
    expect(tension.others.map(({ source, text }) => `${source} ${text}`)).toEqual(['own plan 2.5', 'rule 3'])
    expect(tensionShare).toBe(-0.5)
    expect(ruleShare).toBeCloseTo(-1 / 3, 9)
  })
  it('says a number that this dial can be set to', () => {
    // Normal tension 4.5 on a dial of whole marks: nearest to 3.0 of the rule, and 2 of halves of 2.25.
    const whole = { dial: { min: 0, home: 4, max: 9 }, dialStep: 1 }
    expect(start(USUAL_THREADS.metallic, whole).tension.value).toBe(3)
    expect(onDial(-0.4, { min: 0, home: 4, max: 9 }, 1)).toBe(3)
    expect(onDial(0.9, { min: 0, home: 4, max: 9 }, 2)).toBe(8)
  })
  it('sews film slowly or at full speed, by school', () => {
    expect(start(USUAL_THREADS.film).speed).toMatchObject({ value: 'slow' })
    const full = { ...DEFAULT_SCHOOLS, filmSpeed: 'full' } as const
    expect(start(USUAL_THREADS.film, { schools: full }).speed).toMatchObject({ value: 'usual' })
    expect(start(USUAL_THREADS.metallic, { schools: full }).speed).toMatchObject({ value: 'slow' })
  })
  it('hides an appliqué edge under 1.0 by 1.0', () =>
    expect(start(USUAL_THREADS['all-purpose'], { technique: 'appliqué edge' })).toMatchObject({
      length: { value: 1 },
      width: { value: 1 },
    }))
  it('goes by the thick thread on the bobbin, whatever is above', () => {
    expect(decidingThread([USUAL_THREADS.metallic], USUAL_THREADS.thick)).toBe(USUAL_THREADS.thick)
    expect(decidingThread([USUAL_THREADS.metallic], USUAL_THREADS.fine)).toBe(USUAL_THREADS.metallic)
    expect(decidingThread([], USUAL_THREADS.fine)).toBeNull()
  })
  it('lets the more delicate thread lead', () => {
    expect(leadingThread([USUAL_THREADS.embroidery, USUAL_THREADS.metallic])).toBe(USUAL_THREADS.metallic)
    expect(leadingThread([USUAL_THREADS.film, USUAL_THREADS.metallic])).toBe(USUAL_THREADS.film)
  })
  it('has a caution wherever practice asks for care', () => {
    for (const one of ['metallic', 'film', 'pearl', 'monofilament', 'heavy'] as const)
      expect(PRACTICE[one].cautions.length).toBeGreaterThan(0)
  })
})
