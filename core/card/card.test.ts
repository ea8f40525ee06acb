import { describe, expect, it } from 'vitest'
import { benchCard, type CardInput, cardSheet, labelSheets } from '#core/card'
import { USUAL_THREADS } from '#core/pairing'
import { UNKNOWN_STATE } from '#core/putback'
import type { JobReason } from '#core/verdict'

const WALK: CardInput['walk'] = {
  machine: {
    id: 'm',
    maxWidthMm: 7,
    twinMode: { kind: 'on-off', assumedGapMm: 2 },
    forgetsTwinMode: true,
    tensionDial: { min: 0, home: 4, max: 9 },
    divider: true,
    needleGuides: 1,
    spoolPins: 2,
    stand: true,
    cup: true,
    threader: true,
    cutter: true,
    lock: true,
    hook: 'front',
  },
  needle: { id: 'n', construction: 'twin', gapMm: 2, sizeNm: 80, type: 'universal' },
  foot: { id: 'f', name: 'Open toe', singleHole: false },
  plate: { name: 'Zigzag plate', singleHole: false },
  secondSpool: null,
  threads: [
    {
      blade: 'left',
      thread: USUAL_THREADS.embroidery,
      supply: { place: null, draw: null },
      id: 'a',
      name: 'Slate',
      form: 'spool',
      metres: null,
    },
    {
      blade: 'right',
      thread: USUAL_THREADS.embroidery,
      supply: { place: null, draw: null },
      id: 'b',
      name: 'Wine',
      form: 'spool',
      metres: null,
    },
  ],
  bobbin: { ...USUAL_THREADS.fine, id: 'g', name: 'Fine grey' },
  stitch: { name: 'Honeycomb', swings: true, widthMm: 4, lengthMm: 2.5, positionMm: 0, planned: null },
  verdict: 'clear',
  safeWidthMm: 4.5,
  tension: 2.8,
  tensionDoubt: null,
  bobbinTension: 'home',
  pressure: 'home',
  threader: false,
  cutter: false,
  schools: { threading: 'divider', lastGuide: 'each-side', cutter: 'never', unwinding: 'back' },
  left: UNKNOWN_STATE,
  combination: 'c',
}
const RULE = { of: 'rule', why: 'The machine’s widest stitch.' } as const
const card = (walk: Partial<CardInput['walk']> = {}, over: Partial<CardInput> = {}) =>
  benchCard({
    walk: { ...WALK, ...walk },
    reasons: [],
    tensionSource: null,
    walked: true,
    speed: { text: 'slow', source: RULE },
    safeSource: RULE,
    ...over,
  })
const reason = (severity: JobReason['severity'], message: string): JobReason => ({
  code: 'fine-both',
  about: 'setup',
  severity,
  message,
  why: null,
  mend: null,
})
const field = (id: string, ...args: Parameters<typeof card>) =>
  card(...args).fields.find(one => one.id === id)

describe('the bench card', () => {
  it('gives the numbers to dial in, each with how far it may go or where normal is', () => {
    expect(field('width')).toMatchObject({ value: '4.0', note: 'safe up to 4.5', source: RULE })
    expect(field('length')).toMatchObject({ value: '2.5', note: 'Honeycomb' })
    expect(field('tension')).toMatchObject({ value: '2.8', note: 'normal is 4' })
    expect(field('tension', { tension: 4 })!.note).toBe('normal')
    expect(field('needle')).toMatchObject({ value: 'twin 2.0/80', note: 'universal' })
    expect(
      card()
        .fields.filter(({ label }) => label === 'L' || label === 'R')
        .map(({ value }) => value),
    ).toEqual(['Slate', 'Wine'])
  })
  it('says the mode to set on each kind of machine', () => {
    expect(field('mode')).toMatchObject({ value: 'on', note: 'counts with 2.0' })
    expect(field('mode', { machine: { ...WALK.machine!, twinMode: { kind: 'by-gap' } } })).toMatchObject({
      value: '2.0',
      note: 'gap to tell it',
    })
    expect(field('mode', { machine: { ...WALK.machine!, twinMode: { kind: 'none' } } })).toMatchObject({
      value: 'none',
      note: 'limit by hand',
    })
    expect(field('mode', { needle: { ...WALK.needle!, construction: 'single', gapMm: 0 } })!.value).toBe(
      'off',
    )
  })
  it('shows a straight seam as width 0, and what is not chosen as a dash with the word', () => {
    expect(field('width', { stitch: { ...WALK.stitch!, swings: false } })).toMatchObject({
      value: '0.0',
      note: 'straight',
    })
    expect(field('tension', { tension: null })).toMatchObject({ value: '–', note: 'not set' })
    expect(field('foot', { foot: null })).toMatchObject({ value: '–', note: 'not chosen' })
  })
  it('says where tension, speed and a safe width come from, and nothing where nobody knows', () => {
    const sewn = { of: 'sewn', why: 'From a row that was sewn.' } as const
    expect(field('tension', {}, { tensionSource: sewn })!.source).toBe(sewn)
    expect(field('tension')!.source).toBeUndefined()
    expect(field('tension', { tension: null }, { tensionSource: sewn })!.source).toBeUndefined()
    expect(field('speed')!.source).toBe(RULE)
    expect(field('width', { safeWidthMm: null })!.source).toBeUndefined()
    expect(field('width', { stitch: { ...WALK.stitch!, swings: false } })!.source).toBeUndefined()
  })
  it('tells after each label how many are done', () => {
    const told: number[] = []
    const label = { card: card(), title: 'T', date: 'D' }
    labelSheets([label, label, label], 'a4', done => told.push(done))
    expect(told).toEqual([1, 2, 3])
  })
  it('says so in a word on paper, on the card and on the label', () => {
    const made = card({}, { tensionSource: { of: 'sewn', why: 'From a row that was sewn.' } })
    const said = { title: 'T', date: 'D' } as const
    const words = [cardSheet(made, { ...said, paper: 'a4' }), ...labelSheets([{ ...said, card: made }], 'a4')]
      .flatMap(({ marks }) => marks)
      .flatMap(mark => (mark.kind === 'text' ? [mark.text] : []))
    expect(words).toEqual(
      expect.arrayContaining([
        'normal is 4 (sewn)',
        'slow (rule)',
        'tension normal is 4 (sewn); twin 2.0/80 universal',
      ]),
    )
  })
  it('strikes a width through that is not safe, and shows the safe one', () => {
    expect(field('width', { safeWidthMm: 2.5 })).toMatchObject({ value: '4.0', instead: '2.5' })
    expect(field('width', { safeWidthMm: 4 })!.instead).toBeUndefined()
    const { marks } = cardSheet(card({ safeWidthMm: 2.5 }), { title: 'T', date: 'D', paper: 'a4' })
    const texts = marks.flatMap(mark => (mark.kind === 'text' ? [mark.text] : []))
    expect(texts).toContain('2.5')
    expect(texts).not.toContain('4.0')
    expect(texts).toContain('not 4.0: safe up to 2.5 (rule)')
  })
  it('tells a machine that goes by the gap a triple’s outer span: the neighbours’ gap lets too much', () => {
    const triple = { needle: { ...WALK.needle!, construction: 'triple', gapMm: 2.5 } } as const
    expect(
      field('mode', { ...triple, machine: { ...WALK.machine!, twinMode: { kind: 'by-gap' } } }),
    ).toMatchObject({
      value: '5.0',
      note: 'outer span to tell it, or its triple setting',
    })
  })
  it('shows position, pressure and bobbin tension only where they are changed', () => {
    expect(field('position')).toBeUndefined()
    expect(field('pressure')).toBeUndefined()
    expect(field('position', { stitch: { ...WALK.stitch!, positionMm: -1.5 } })).toMatchObject({
      value: '1.5',
      note: 'left',
    })
    expect(field('bobbin', { bobbinTension: 'bypassed' })!.note).toBe('tension bypassed')
  })
})

describe('the one caution', () => {
  // Common practice, the worst first.
  it.each<[string, Partial<CardInput['walk']>, Partial<CardInput>, RegExp]>([
    [
      'a strike before all',
      { verdict: 'strikes' },
      { reasons: [reason('stop', 'This needle is bent.')], walked: false },
      /^A needle hits/,
    ],
    [
      'what stops the setup',
      {},
      { reasons: [reason('stop', 'This needle is bent.')], walked: false },
      /bent/,
    ],
    [
      'what is to be minded',
      { safeWidthMm: 5 },
      { reasons: [reason('mind', 'Change this needle.')] },
      /Change this/,
    ],
    ['what is not complete', { needle: null }, {}, /^Not complete/],
    ['the hand-walk', { safeWidthMm: 2 }, { walked: false }, /turned through yet/],
    [
      'a mode that lets too much through',
      { needle: { ...WALK.needle!, gapMm: 4 }, safeWidthMm: 2.5 },
      {},
      /lets you set 5\.0: never above 2\.5/,
    ],
    [
      'metallic',
      { safeWidthMm: 5, threads: [{ ...WALK.threads[0]!, thread: USUAL_THREADS.metallic }] },
      {},
      /^Slow and even/,
    ],
    ['turning with a twin', { safeWidthMm: 5 }, {}, /do not pivot/],
    ['pins', { needle: { ...WALK.needle!, construction: 'single', gapMm: 0 } }, {}, /^No pins/],
  ])('is %s', (_, walk, over, message) => expect(card(walk, over).caution.message).toMatch(message))
})

describe('a number that a plan decides', () => {
  const planned = { widthMm: 2.7, lengthsMm: [2.9, 3] }
  it('stands on the card, which says what was wanted', () => {
    const stitch = { ...WALK.stitch!, planned }
    expect(field('width', { stitch })).toMatchObject({ value: '2.7' })
    expect(field('length', { stitch })).toMatchObject({
      value: '2.9–3.0',
      note: 'Honeycomb, planned; 4.0 × 2.5 wanted',
    })
  })
})
