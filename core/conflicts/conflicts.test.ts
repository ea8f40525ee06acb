import { describe, expect, it } from 'vitest'
import { FRESH_USE } from '#core/care'
import {
  type ConflictCode,
  CONFLICT_RULES,
  type ConflictInput,
  findConflicts,
  tensionDoubt,
  type Mend,
  type ThreadedBlade,
} from '#core/conflicts'
import { type ThreadFacts, USUAL_THREADS, type ThreadClass } from '#core/pairing'
import { DEFAULT_SCHOOLS } from '#core/schools'

const on = (
  threadClass: ThreadClass,
  blade: ThreadedBlade['blade'] = 'left',
  supply: Partial<ThreadedBlade['supply']> = {},
): ThreadedBlade => ({
  blade,
  thread: USUAL_THREADS[threadClass],
  supply: { place: null, draw: null, ...supply },
})
const FRESH = FRESH_USE
const NOTHING_SEEN = { metallic: false, fusible: false, pearl: false }
const single = { construction: 'single', gapMm: 0, sizeNm: 80, type: 'universal', wear: FRESH } as const
const twin = { ...single, construction: 'twin', gapMm: 2 } as const
const DIAL = { min: 0, home: 4.5, max: 9 }
const FOOT = { kind: 'zigzag', sole: 'tunnel', singleHole: false, slotMm: null } as const
/** A setup nothing speaks against. */
const FINE: ConflictInput = {
  needle: single,
  hook: null,
  foot: FOOT,
  plate: { singleHole: false },
  stitch: { swings: false, dense: false, lengthMm: 2.5 },
  threads: [on('all-purpose')],
  bobbin: USUAL_THREADS['all-purpose'],
  cloth: { structure: 'woven', weight: 'medium' },
  technique: 'seam',
  isBobbinWork: false,
  goal: 'balanced',
  washed: false,
  stabilizer: 'none',
  tension: 4.5,
  dial: DIAL,
  dialStep: null,
  ownStart: null,
  carriedOver: [],
  threader: false,
  cutter: false,
  sharedDiscs: null,
  schools: DEFAULT_SCHOOLS,
}
const SWING = { swings: true, dense: false, lengthMm: 2.5 }
const DENSE = { swings: true, dense: true, lengthMm: 0.4 }
const WIDE_FILM = { ...on('film'), thread: { kind: 'film', tex: null, diameterMm: 5 } } as const
const LIGHT = { structure: 'woven', weight: 'light' } as const
const IN_100 = { needle: { ...single, sizeNm: 100 } }
const WT_100: ThreadFacts = { kind: 'polyester', tex: 10, diameterMm: null }
const WEAK_BOTH = { threads: [{ ...on('fine'), thread: WT_100 }], bobbin: WT_100 }
const codes = (over: Partial<ConflictInput>) => findConflicts({ ...FINE, ...over }).map(({ code }) => code)

/** Each rule of the trade (common practice) both ways: what breaks it, and the nearest that does not. */
const BOTH_WAYS: [code: ConflictCode, broken: Partial<ConflictInput>, mended: Partial<ConflictInput>][] = [
  ['several-single-hole-plate', { needle: twin, plate: { singleHole: true } }, { needle: twin }],
  ['several-side-hook', { needle: twin, hook: 'left' }, { needle: single, hook: 'left' }],
  ['several-single-hole-foot', { needle: twin, foot: { ...FOOT, singleHole: true } }, { needle: twin }],
  ['swing-single-hole', { stitch: SWING, plate: { singleHole: true } }, { plate: { singleHole: true } }],
  ['swing-single-hole', { stitch: SWING, foot: { ...FOOT, singleHole: true } }, { stitch: SWING }],
  [
    'bent-needle',
    { needle: { ...single, wear: { ...FRESH, state: 'bent', hoursSewn: 1 } } },
    { needle: single },
  ],
  ['thick-in-needle', { threads: [on('thick')] }, { bobbin: USUAL_THREADS.thick }],
  ['needle-unthreaded', { needle: twin }, { needle: twin, threads: [on('fine'), on('fine', 'right')] }],
  [
    'needle-unthreaded',
    { needle: { ...twin, construction: 'triple' }, threads: [on('fine'), on('fine', 'right')] },
    {},
  ],
  ['no-top-thread', { threads: [], bobbin: USUAL_THREADS.thick }, { bobbin: USUAL_THREADS.thick }],
  ['threader-several', { needle: twin, threader: true }, { threader: true }],
  ['threader-thick-thread', { threads: [on('pearl')], threader: true }, { threads: [on('pearl')] }],
  [
    'film-over-end',
    { threads: [on('film', 'left', { draw: 'over the end' })] },
    { threads: [on('film', 'left', { draw: 'rolling off' })] },
  ],
  [
    'film-in-cup',
    { threads: [on('film', 'left', { place: 'cup' })] },
    { threads: [on('film', 'left', { place: 'spool pin' })] },
  ],
  [
    'metallic-in-cup',
    { threads: [on('metallic', 'left', { place: 'cup' })] },
    { threads: [on('metallic', 'left', { place: 'stand' })] },
  ],
  ['cutter-thick-thread', { threads: [on('heavy')], cutter: true }, { cutter: true }],
  [
    'cutter-several',
    { needle: twin, cutter: true },
    { needle: twin, cutter: true, schools: { ...DEFAULT_SCHOOLS, cutter: 'allowed' } },
  ],
  [
    'cotton-on-knit',
    { needle: { ...twin, type: 'stretch' }, cloth: { structure: 'knit', weight: null } },
    {
      needle: { ...twin, type: 'stretch' },
      cloth: { structure: 'knit', weight: null },
      threads: [on('embroidery')],
    },
  ],
  [
    'needle-not-for-knit',
    { cloth: { structure: 'knit', weight: null } },
    { needle: { ...single, type: 'ballpoint' }, cloth: { structure: 'knit', weight: null } },
  ],
  [
    'leather-needle',
    { needle: { ...single, type: 'leather' } },
    { needle: { ...single, type: 'leather' }, cloth: { structure: 'leather', weight: null } },
  ],
  [
    'monofilament-tension',
    { threads: [on('monofilament')] },
    { threads: [on('monofilament')], tension: 0.5 },
  ],
  ['metallic-tension', { threads: [on('metallic')] }, { threads: [on('metallic')], tension: 3 }],
  [
    'needle-too-big',
    { threads: [on('fine')], needle: { ...single, sizeNm: 100 } },
    { threads: [on('fine')] },
  ],
  [
    'thread-refused',
    { threads: [on('heavy')] },
    { threads: [on('heavy')], needle: { ...single, sizeNm: 110, type: 'topstitch' } },
  ],
  [
    'needle-too-big-for-cloth',
    { needle: { ...single, sizeNm: 100 }, cloth: { structure: 'woven', weight: 'light' } },
    { needle: { ...single, sizeNm: 100 }, cloth: { structure: 'woven', weight: 'medium' } },
  ],
  [
    'narrow-foot-several',
    { needle: twin, foot: { ...FOOT, kind: 'quarter-inch' } },
    { needle: twin, foot: { ...FOOT, kind: 'quarter-inch', slotMm: 8 } },
  ],
  [
    'narrow-foot-several',
    { needle: twin, foot: { ...FOOT, kind: 'edge guide' } },
    { foot: { ...FOOT, kind: 'edge guide' } },
  ],
  [
    'flat-sole-satin',
    { stitch: DENSE, foot: { ...FOOT, sole: 'flat' } },
    { stitch: SWING, foot: { ...FOOT, sole: 'flat' } },
  ],
  ['film-dense', { threads: [on('film')], stitch: DENSE }, { threads: [on('film')], stitch: SWING }],
  [
    'film-dense-school',
    { threads: [on('film')], stitch: DENSE, schools: { ...DEFAULT_SCHOOLS, satinFilm: 'sewn' } },
    { threads: [on('film')], stitch: DENSE },
  ],
  [
    'pearl-on-pin',
    { threads: [on('pearl', 'left', { place: 'spool pin' })] },
    { threads: [on('pearl', 'left', { place: 'cup' })] },
  ],
  [
    'pearl-on-pin',
    { threads: [on('pearl', 'left', { place: 'second pin', draw: 'over the end' })] },
    { threads: [on('pearl', 'left', { place: 'second pin', draw: 'rolling off' })] },
  ],
  ['bobbin-work-thin', { isBobbinWork: true }, { isBobbinWork: true, bobbin: USUAL_THREADS.thick }],
  ['bobbin-work-thin', { isBobbinWork: true, bobbin: null }, { bobbin: null }],
  ['tension-carried', { carriedOver: ['set for zigzag'] }, { carriedOver: [] }],
  // 9 on a hem that should lie flat, and on decorative rayon.
  [
    'tension-far',
    { technique: 'hem', goal: 'flat', tension: 9 },
    { technique: 'hem', goal: 'flat', tension: 4 },
  ],
  [
    'tension-far',
    { technique: 'decorative', threads: [on('embroidery')], tension: 9 },
    { technique: 'decorative', threads: [on('embroidery')], tension: 5 },
  ],
  ['tension-far', { tension: 1 }, { tension: 3 }],
  [
    'tension-low-for-ridge',
    { technique: 'pintucks', goal: 'raised', needle: twin, tension: 4.5 },
    { technique: 'pintucks', goal: 'raised', needle: twin, tension: 8 },
  ],
  [
    'heavy-twin-type',
    { threads: [on('heavy')], needle: { ...twin, sizeNm: 100 } },
    { threads: [on('heavy')], needle: { ...twin, sizeNm: 100, type: 'jeans' } },
  ],
  // 100 over 100 is weak; 80 over 80 holds a seam.
  ['fine-both', WEAK_BOTH, { threads: [on('fine')], bobbin: USUAL_THREADS.fine }],
  ['fine-both', WEAK_BOTH, { ...WEAK_BOTH, technique: 'decorative' }],
  ['fine-both', WEAK_BOTH, { ...WEAK_BOTH, bobbin: USUAL_THREADS.fine }],
  ['dense-no-stabilizer', { stitch: DENSE }, { stitch: DENSE, stabilizer: 'tear-away' }],
  ['tear-away-washed', { stabilizer: 'tear-away', washed: true }, { stabilizer: 'tear-away' }],
  [
    'uneven-supply',
    {
      needle: twin,
      threads: [on('fine', 'left', { place: 'cup' }), on('fine', 'right', { place: 'stand' })],
    },
    {
      needle: twin,
      threads: [on('fine', 'left', { place: 'spool pin' }), on('fine', 'right', { place: 'second pin' })],
    },
  ],
  [
    'uneven-supply',
    {
      needle: twin,
      threads: [on('fine', 'left', { draw: 'over the end' }), on('fine', 'right', { draw: 'rolling off' })],
    },
    { needle: twin, threads: [on('fine', 'left', { draw: 'over the end' }), on('fine', 'right')] },
  ],
  ['one-groove', { needle: twin, sharedDiscs: true }, { needle: twin, sharedDiscs: false }],
  ['triple-groove', { needle: { ...twin, construction: 'triple' } }, { needle: twin }],
  [
    'wide-gap-decorative',
    { needle: { ...twin, gapMm: 6 }, stitch: SWING },
    { needle: { ...twin, gapMm: 6 } },
  ],
  [
    'needle-spent',
    { needle: { ...single, wear: { ...FRESH, hoursSewn: 8 } } },
    { needle: { ...single, wear: { ...FRESH, hoursSewn: 7.5 } } },
  ],
  [
    'metallic-wear',
    { needle: { ...single, wear: { ...FRESH, seen: { ...NOTHING_SEEN, metallic: true } } } },
    {
      needle: { ...single, wear: { ...FRESH, seen: { ...NOTHING_SEEN, metallic: true } } },
      threads: [on('metallic')],
      tension: 2,
    },
  ],
  [
    'fusible-residue',
    { needle: { ...single, wear: { ...FRESH, seen: { ...NOTHING_SEEN, fusible: true } } } },
    {},
  ],
  [
    'heavy-short',
    { threads: [on('heavy')] },
    { threads: [on('heavy')], stitch: { swings: false, dense: false, lengthMm: 3.5 } },
  ],
  [
    'different-threads',
    { needle: twin, threads: [on('embroidery'), on('metallic', 'right')] },
    { needle: twin, threads: [on('embroidery'), on('embroidery', 'right')] },
  ],
  [
    'pintuck-gap',
    { technique: 'pintucks', needle: { ...twin, gapMm: 4 } },
    { technique: 'pintucks', needle: twin },
  ],
  [
    'pintuck-cloth',
    { technique: 'pintucks', cloth: { structure: 'felt', weight: null } },
    { technique: 'pintucks', cloth: { structure: 'woven', weight: 'light' } },
  ],
  [
    'decorative-cover',
    {
      technique: 'decorative',
      stitch: DENSE,
      stabilizer: 'tear-away',
      foot: { ...FOOT, sole: 'grooved' },
    },
    { technique: 'decorative', stitch: DENSE, stabilizer: 'tear-away' },
  ],
]

describe('conflicts', () => {
  it('finds nothing in a sound setup, and nothing where nothing is known', () => {
    expect(codes({})).toEqual([])
    expect(
      codes({
        needle: null,
        foot: null,
        stitch: null,
        threads: [],
        bobbin: null,
        cloth: { structure: null, weight: null },
        tension: null,
        dial: null,
      }),
    ).toEqual([])
  })

  it.each(BOTH_WAYS)('%s is raised when broken and goes when mended', (code, broken, mended) => {
    expect(codes(broken)).toContain(code)
    expect(codes(mended)).not.toContain(code)
  })

  it('has one rule for each conflict, tried both ways', () => {
    const all = CONFLICT_RULES.map(({ code }) => code)
    expect(new Set(all).size).toBe(all.length)
    const tried = new Set(BOTH_WAYS.map(([code]) => code))
    expect(all.filter(code => !tried.has(code))).toEqual([])
  })

  it('puts what stops first and says why and what to do', () => {
    const found = findConflicts({
      ...FINE,
      needle: { ...twin, wear: { ...FRESH, hoursSewn: 9 } },
      plate: { singleHole: true },
      threads: [on('embroidery'), on('metallic', 'right')],
    })
    expect(found.map(({ severity }) => severity)).toEqual(
      [...found.map(({ severity }) => severity)].sort(
        (a, b) => 'stop warn note'.indexOf(a) - 'stop warn note'.indexOf(b),
      ),
    )
    expect(found[0]).toMatchObject({
      code: 'several-single-hole-plate',
      severity: 'stop',
      mend: { kind: 'plate' },
    })
    for (const { message, why } of found) expect(message.length * why.length).toBeGreaterThan(200)
  })

  it('mends tension to a number of this dial', () => {
    const [conflict] = findConflicts({
      ...FINE,
      threads: [on('metallic')],
      stitch: SWING,
      tension: 6,
      dial: { min: 0, home: 6, max: 10 },
    })
    expect(conflict?.mend).toEqual({ kind: 'tension', label: 'Tension 4', dial: 4 })
  })

  it('begins where own swatches say, and by the rule of the school where they say nothing', () => {
    const far = { technique: 'hem', goal: 'flat', tension: 9 } as const
    const begin = (over: Partial<ConflictInput>) =>
      tensionDoubt(findConflicts({ ...FINE, ...far, ...over }))?.start
    expect(begin({})).toBe(4)
    expect(begin({ ownStart: 3.3 })).toBe(3.3)
    const pearl = { threads: [on('pearl')], goal: 'balanced', tension: 9, bobbin: null } as const
    expect(begin(pearl)).toBe(4.5)
    expect(begin({ ...pearl, schools: { ...DEFAULT_SCHOOLS, pearlTension: 'plus-one' } })).toBe(5.5)
  })
  it('doubts no tension that nothing speaks against', () =>
    expect(tensionDoubt(findConflicts(FINE))).toBeNull())
  it('does not judge a tension whose dial it does not know', () =>
    expect(codes({ threads: [on('metallic')], dial: null })).toEqual([]))
})

/** What each conflict that can be mended offers to do: the trade's own mend (common practice). */
const MENDS: readonly [code: ConflictCode, over: Partial<ConflictInput>, mend: Mend][] = [
  [
    'several-single-hole-plate',
    { needle: twin, plate: { singleHole: true } },
    { kind: 'plate', label: 'Zigzag plate' },
  ],
  [
    'needle-unthreaded',
    { needle: { ...twin, construction: 'triple' }, threads: [on('fine'), on('fine', 'right')] },
    { kind: 'thread-as', label: 'As the left', blade: 'middle', like: 'left' },
  ],
  [
    'several-single-hole-foot',
    { needle: twin, foot: { ...FOOT, singleHole: true } },
    { kind: 'foot', label: 'A foot with a slot' },
  ],
  [
    'several-single-hole-plate',
    { needle: twin, plate: { singleHole: true }, foot: { ...FOOT, singleHole: true } },
    { kind: 'plate-and-foot', label: 'Zigzag plate and a foot with a slot' },
  ],
  [
    'swing-single-hole',
    { stitch: SWING, plate: { singleHole: true } },
    { kind: 'plate', label: 'Zigzag plate' },
  ],
  [
    'swing-single-hole',
    { stitch: SWING, foot: { ...FOOT, singleHole: true } },
    { kind: 'foot', label: 'A foot with a slot' },
  ],
  [
    'swing-single-hole',
    { stitch: SWING, plate: { singleHole: true }, foot: { ...FOOT, singleHole: true } },
    { kind: 'plate-and-foot', label: 'Zigzag plate and a foot with a slot' },
  ],
  [
    'thick-in-needle',
    { threads: [on('thick', 'right')] },
    { kind: 'to-bobbin', label: 'Onto the bobbin', blade: 'right', tension: 4.5 },
  ],
  ['threader-several', { needle: twin, threader: true }, { kind: 'threader-off', label: 'By hand' }],
  [
    'threader-thick-thread',
    { threads: [on('pearl')], threader: true },
    { kind: 'threader-off', label: 'By hand' },
  ],
  [
    'film-over-end',
    { threads: [on('film', 'right', { draw: 'over the end' })] },
    { kind: 'supply', label: 'Roll it off', blade: 'right', supply: { draw: 'rolling off' } },
  ],
  [
    'film-in-cup',
    { threads: [on('film', 'right', { place: 'cup' })] },
    {
      kind: 'supply',
      label: 'Second pin',
      blade: 'right',
      supply: { place: 'second pin', draw: 'rolling off' },
    },
  ],
  [
    'narrow-foot-several',
    { needle: twin, foot: { ...FOOT, kind: 'straight' } },
    { kind: 'foot', label: 'Another foot' },
  ],
  [
    'pearl-on-pin',
    { threads: [on('pearl', 'right', { place: 'second pin' })] },
    { kind: 'supply', label: 'In a cup', blade: 'right', supply: { place: 'cup' } },
  ],
  [
    'tension-carried',
    { carriedOver: ['set for zigzag'], tension: 6 },
    { kind: 'tension', label: 'Tension 4.5', dial: 4.5 },
  ],
  [
    'tension-far',
    { technique: 'hem', goal: 'flat', tension: 9 },
    { kind: 'tension', label: 'Tension 4', dial: 4 },
  ],
  [
    'tension-low-for-ridge',
    { technique: 'pintucks', goal: 'raised', needle: twin },
    { kind: 'tension', label: 'Tension 9', dial: 9 },
  ],
  [
    'metallic-in-cup',
    { threads: [on('metallic', 'left', { place: 'cup' })] },
    { kind: 'supply', label: 'Stand', blade: 'left', supply: { place: 'stand' } },
  ],
  [
    'cutter-thick-thread',
    { threads: [on('heavy')], cutter: true },
    { kind: 'cutter-off', label: 'Cutter off' },
  ],
  ['cutter-several', { needle: twin, cutter: true }, { kind: 'cutter-off', label: 'Cutter off' }],
  [
    'dense-no-stabilizer',
    { stitch: DENSE },
    { kind: 'stabilizer', label: 'Tear-away', stabilizer: 'tear-away' },
  ],
  [
    'dense-no-stabilizer',
    { stitch: DENSE, washed: true },
    { kind: 'stabilizer', label: 'Cut-away', stabilizer: 'cut-away' },
  ],
  [
    'tear-away-washed',
    { stabilizer: 'tear-away', washed: true },
    { kind: 'stabilizer', label: 'Cut-away', stabilizer: 'cut-away' },
  ],
  [
    'uneven-supply',
    {
      needle: twin,
      threads: [on('fine', 'left', { place: 'cup' }), on('fine', 'right', { place: 'stand' })],
    },
    { kind: 'supply', label: 'Both alike', blade: 'right', supply: { place: 'cup', draw: null } },
  ],
  ['one-groove', { needle: twin, sharedDiscs: true }, { kind: 'split-discs', label: 'Part them' }],
  ['heavy-short', { threads: [on('heavy')] }, { kind: 'length', label: 'Length 3.0', lengthMm: 3 }],
  [
    'monofilament-tension',
    { threads: [on('monofilament')] },
    { kind: 'tension', label: 'Tension 0.5', dial: 0.5 },
  ],
]

describe('what a conflict says', () => {
  const raised = (code: ConflictCode, over: Partial<ConflictInput>) =>
    findConflicts({ ...FINE, ...over }).find(conflict => conflict.code === code)!
  it.each(BOTH_WAYS)('of %s is a whole sentence, and why', (code, broken) => {
    const { message, why } = raised(code, broken)
    expect(message).toMatch(/^[A-Z].{20,}\.$/)
    expect(why).toMatch(/^([A-Z]|\d).{10,}\.$/)
  })
  it.each(MENDS)('of %s offers its mend', (code, over, mend) => expect(raised(code, over).mend).toEqual(mend))
  it('offers a mend only where one press can do it', () => {
    const mended = new Set(MENDS.map(([code]) => code).concat('metallic-tension'))
    for (const [code, broken] of BOTH_WAYS)
      expect(raised(code, broken).mend !== null, code).toBe(mended.has(code))
  })
  it('names the needle that is in, and the thread it is about', () => {
    const triple = { ...twin, construction: 'triple' } as const
    expect(raised('threader-several', { needle: triple, threader: true }).message).toContain(
      'with a triple needle',
    )
    expect(
      raised('needle-too-big', { threads: [on('fine')], needle: { ...single, sizeNm: 90 } }).message,
    ).toBe('Size 90 leaves holes with fine thread, 60 to 100 wt: 70/10 or 80/12.')
    expect(
      raised('needle-too-big', { threads: [on('monofilament')], needle: { ...single, sizeNm: 90 } }).message,
    ).toMatch(/60\/8 or 70\/10\.$/)
    expect(raised('heavy-short', { threads: [on('heavy')] }).message).toMatch(
      /^Heavy .* at length 2\.5 sinks/,
    )
  })
})

describe('a rule at its edge', () => {
  const film = on('film', 'left', { draw: 'over the end' })
  // Limits and their sides: common practice, as the rules name it.
  it.each<[code: ConflictCode, raised: boolean, over: Partial<ConflictInput>]>([
    ['needle-too-big', false, { threads: [on('fine')], needle: { ...single, sizeNm: 80 } }],
    [
      'thread-refused',
      false,
      { threads: [on('heavy')], needle: { ...single, sizeNm: 110, type: 'topstitch' } },
    ],
    ['thread-refused', true, { threads: [on('pearl')], needle: { ...single, sizeNm: 80 } }],
    // No needle is made for a flat metallic 5 mm wide: onto the bobbin with it.
    ['thick-in-needle', true, { threads: [WIDE_FILM] }],
    ['thread-refused', false, { threads: [WIDE_FILM] }],
    // What no needle takes is told where it belongs, once.
    ['thread-refused', false, { threads: [on('thick')] }],
    ['needle-too-big-for-cloth', false, { needle: { ...single, sizeNm: 90 }, cloth: LIGHT }],
    // Heavy thread needs its needle, whatever the cloth.
    ['needle-too-big-for-cloth', false, { ...IN_100, threads: [on('heavy')], cloth: LIGHT }],
    ['tension-far', false, { threads: [on('metallic')], tension: 9 }],
    ['tension-far', false, { tension: 6.5 }],
    ['tension-far', true, { tension: 7 }],
    ['heavy-twin-type', false, { threads: [on('heavy')], needle: { ...twin, type: 'topstitch' } }],
    ['heavy-twin-type', false, { threads: [on('heavy')], needle: single }],
    ['heavy-twin-type', false, { needle: twin }],
    ['swing-single-hole', false, { stitch: SWING, plate: { singleHole: true }, needle: null }],
    ['swing-single-hole', false, { stitch: SWING, plate: { singleHole: true }, needle: twin }],
    ['swing-single-hole', false, { stitch: null, plate: { singleHole: true } }],
    ['several-side-hook', false, { needle: twin, hook: 'front' }],
    [
      'leather-needle',
      false,
      { needle: { ...single, type: 'leather' }, cloth: { structure: null, weight: null } },
    ],
    ['needle-spent', false, { needle: { ...single, wear: { ...FRESH, state: 'bent', hoursSewn: 99 } } }],
    ['cotton-on-knit', false, { cloth: { structure: 'woven', weight: null } }],
    [
      'cotton-on-knit',
      true,
      { cloth: { structure: 'knit', weight: null }, threads: [on('embroidery'), on('all-purpose', 'right')] },
    ],
    ['fine-both', true, { ...WEAK_BOTH, threads: [on('embroidery'), ...WEAK_BOTH.threads] }],
    ['fine-both', false, { ...WEAK_BOTH, threads: [on('embroidery')] }],
    ['tear-away-washed', false, { stabilizer: 'cut-away', washed: true }],
    ['wide-gap-decorative', true, { needle: { ...twin, gapMm: 5 }, stitch: SWING }],
    ['wide-gap-decorative', false, { needle: { ...twin, gapMm: 4.9 }, stitch: SWING }],
    // The other school goes by the arithmetic alone.
    [
      'wide-gap-decorative',
      false,
      {
        needle: { ...twin, gapMm: 5 },
        stitch: SWING,
        schools: { ...DEFAULT_SCHOOLS, wideGap: 'arithmetic' },
      },
    ],
    ['wide-gap-decorative', false, { needle: { ...single, gapMm: 6 }, stitch: SWING }],
    ['wide-gap-decorative', false, { needle: { ...twin, gapMm: 6 }, stitch: null }],
    ['heavy-short', false, { threads: [on('heavy')], stitch: { ...SWING, swings: false, lengthMm: 3 } }],
    ['heavy-short', false, { threads: [on('heavy')], stitch: SWING }],
    ['pintuck-gap', false, { technique: 'pintucks', needle: { ...twin, gapMm: 2.5 } }],
    ['pintuck-gap', false, { technique: 'pintucks', needle: { ...single, gapMm: 4 } }],
    ['pintuck-gap', false, { technique: 'hem', needle: { ...twin, gapMm: 4 } }],
    ['pintuck-cloth', true, { technique: 'pintucks', cloth: { structure: 'woven', weight: 'heavy' } }],
    ['pintuck-cloth', false, { technique: 'seam', cloth: { structure: 'felt', weight: 'heavy' } }],
    ['decorative-cover', false, { technique: 'seam', stitch: DENSE, foot: { ...FOOT, sole: 'grooved' } }],
    [
      'decorative-cover',
      false,
      { technique: 'decorative', stitch: SWING, foot: { ...FOOT, sole: 'grooved' } },
    ],
    ['decorative-cover', false, { technique: 'decorative', stitch: DENSE, foot: null }],
    [
      'decorative-cover',
      false,
      { technique: 'decorative', stitch: null, foot: { ...FOOT, sole: 'grooved' } },
    ],
    ['film-over-end', true, { threads: [on('fine'), { ...film, blade: 'right' }] }],
    ['film-over-end', false, { threads: [on('fine', 'left', { draw: 'over the end' })] }],
    ['film-in-cup', false, { threads: [on('metallic', 'left', { place: 'cup' })] }],
    ['metallic-in-cup', false, { threads: [on('film', 'left', { place: 'cup' })] }],
    ['cutter-several', false, { cutter: true }],
    [
      'uneven-supply',
      false,
      { threads: [on('fine', 'left', { place: 'cup' }), on('fine', 'right', { place: 'stand' })] },
    ],
    ['uneven-supply', false, { needle: twin, threads: [] }],
    // Pin and second pin brake alike; a cup brakes less than either.
    [
      'uneven-supply',
      true,
      {
        needle: twin,
        threads: [on('fine', 'left', { place: 'cup' }), on('fine', 'right', { place: 'spool pin' })],
      },
    ],
    [
      'uneven-supply',
      true,
      {
        needle: twin,
        threads: [on('fine', 'left', { place: 'stand' }), on('fine', 'right', { place: 'second pin' })],
      },
    ],
    [
      'uneven-supply',
      false,
      { needle: twin, threads: [on('fine', 'left'), on('fine', 'right', { place: 'second pin' })] },
    ],
    ['monofilament-tension', false, { threads: [on('monofilament')], tension: null }],
    ['monofilament-tension', false, { threads: [on('monofilament')], dial: null }],
    // 1.8 of 4.5 is exactly the 0.6 of the way down that is low enough.
    [
      'monofilament-tension',
      false,
      { threads: [on('monofilament')], dial: { min: 0, home: 5, max: 9 }, tension: 2 },
    ],
    ['metallic-tension', false, { threads: [on('metallic')], tension: null }],
    ['metallic-tension', true, { threads: [on('film')] }],
    ['metallic-tension', true, { threads: [on('metallic')], needle: null, stitch: null }],
  ])('%s: %s', (code, raised, over) => expect(codes(over).includes(code)).toBe(raised))

  it('does not stumble over a part that is not chosen', () => {
    const parts = ['needle', 'foot', 'stitch', 'bobbin', 'tension', 'dial', 'hook', 'stabilizer'] as const
    for (const [code, broken] of BOTH_WAYS)
      for (const part of parts) {
        const without = { ...FINE, ...broken, [part]: null }
        expect(() => findConflicts(without), `${code} without ${part}`).not.toThrow()
      }
  })
  it('starts from the needle and stitch that are in', () => {
    const mend = (over: Partial<ConflictInput>) =>
      findConflicts({ ...FINE, threads: [on('metallic')], ...over }).find(
        ({ code }) => code === 'metallic-tension',
      )?.mend
    expect(mend({ stitch: SWING })).not.toEqual(mend({ technique: 'topstitching' }))
  })
})

describe('a thread sewn from below', () => {
  // Common practice: pearl 12 and 8 are wound on the bobbin and sewn wrong side up.
  const pearl = (tex: number): ThreadFacts => ({ kind: 'pearl-cotton', tex, diameterMm: null })
  it.each([83, 125])('of pearl with %i tex is the thick one of bobbin work, and jams the cutter', tex => {
    const below = { isBobbinWork: true, bobbin: pearl(tex) } as const
    expect(codes(below)).not.toContain('bobbin-work-thin')
    expect(codes({ ...below, threads: [] })).toContain('no-top-thread')
    const { message } = findConflicts({ ...FINE, ...below, cutter: true }).find(
      ({ code }) => code === 'cutter-thick-thread',
    )!
    expect(message).toContain('sewn from below')
  })
})
