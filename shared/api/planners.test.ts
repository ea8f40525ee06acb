import { describe, expect, it } from 'vitest'
import {
  answerBand,
  answerEdge,
  answerFill,
  answerFit,
  answerLines,
  answerMeasure,
  answerOrder,
  answerPintucks,
  answerTopstitch,
  bandRequestSchema,
  bandResponseSchema,
  edgeRequestSchema,
  edgeResponseSchema,
  fillRequestSchema,
  fillResponseSchema,
  fitRequestSchema,
  fitResponseSchema,
  linesRequestSchema,
  linesResponseSchema,
  measureRequestSchema,
  measureResponseSchema,
  orderRequestSchema,
  orderResponseSchema,
  pintucksRequestSchema,
  pintucksResponseSchema,
  topstitchRequestSchema,
  topstitchResponseSchema,
} from '#shared/api'

const DIAL = { minMm: 0.5, maxMm: 5, stepMm: 0.1 }

describe('POST /api/v1/pintucks', () => {
  const REQUEST = {
    needle: { gapMm: 2, sizeNm: 80 },
    count: 6,
    spacingMm: 6,
    group: { of: 3, gapMm: 14 },
    pieceMm: 60,
    reserveMm: 20,
    takeUp: { beforeMm: 100, afterMm: 88, tucks: 10 },
  }
  const ask = (over: object = {}) =>
    pintucksResponseSchema.parse(answerPintucks(pintucksRequestSchema.parse({ ...REQUEST, ...over })))
  // Worked by hand.
  it('answers the worked example to the letter', () =>
    expect(ask()).toEqual({
      count: 6,
      spanMm: 38,
      finishedMm: [11, 17, 23, 37, 43, 49],
      takeUp: { eachMm: 1.2, leastMm: 1.1, mostMm: 1.3 },
      flatMm: [21.6, 28.8, 36, 51.2, 58.4, 65.6],
      blankMm: 87.2,
      blankLeastMm: 86.6,
      blankMostMm: 87.8,
      ridgeMm: expect.closeTo(0.7183, 4),
      groove: null,
      cordMostMm: 1.2,
      warnings: [],
    }))
  it('gives a range without a swatch, and the groove of a foot', () => {
    const answer = ask({ takeUp: undefined, foot: { pitchMm: 3, grooves: 5 } })
    expect(answer).toMatchObject({
      flatMm: null,
      blankMm: null,
      ridgeMm: null,
      takeUp: { eachMm: null, leastMm: 0, mostMm: 2 },
      blankLeastMm: 80,
      blankMostMm: 92,
      groove: { k: 2, spacingMm: 6, offMm: 0 },
    })
  })
  it.each<[string, object, string]>([
    ['both count and fill', { fillMm: 30 }, 'count'],
    ['neither', { count: undefined }, 'count'],
    ['a thousand million tucks', { count: 1e9 }, 'count'],
    ['a needle without a gap', { needle: { sizeNm: 80 } }, 'needle.gapMm'],
    ['a field nobody knows', { colour: 'red' }, ''],
    ['NaN', { spacingMm: Number.NaN }, 'spacingMm'],
  ])('refuses %s and names the field', (_, over, path) =>
    expect(pintucksRequestSchema.safeParse({ ...REQUEST, ...over }).error?.issues[0]?.path.join('.')).toBe(
      path,
    ),
  )
  it.each<[object, string]>([
    [{ spacingMm: 1.5 }, 'spacingMm'],
    [{ takeUp: { beforeMm: 88, afterMm: 100, tucks: 10 } }, 'takeUp.afterMm'],
    [{ takeUp: { beforeMm: 88, afterMm: 88, tucks: 10 } }, 'takeUp.afterMm'],
  ])('refuses %j by its field', (over, field) =>
    expect(() => ask(over)).toThrow(expect.objectContaining({ details: expect.objectContaining({ field }) })),
  )
})

describe('POST /api/v1/fit', () => {
  const ask = (over: object) =>
    fitResponseSchema.parse(
      answerFit(fitRequestSchema.parse({ sidesMm: [43], wantedMm: 5, dial: DIAL, ...over })),
    )
  // Worked by hand.
  it('answers the worked examples', () => {
    expect(ask({ dial: { minMm: 5, maxMm: 6, stepMm: 1 } }).sides).toEqual([
      {
        sideMm: 43,
        even: { stitches: 9, lengthMm: 4.777778 },
        plans: [
          {
            parts: [
              { count: 5, lengthMm: 5 },
              { count: 3, lengthMm: 6 },
            ],
            stitches: 8,
            marks: 2,
            deviationMm: 1,
            missMm: 0,
          },
        ],
      },
    ])
    const [side] = ask({ sidesMm: [87.3], wantedMm: 3 }).sides
    expect(
      side!.plans.map(({ deviationMm, marks, missMm }) => [deviationMm, marks, Math.abs(missMm)]),
    ).toEqual([
      [0.1, 2, 0],
      [0.5, 1, 0.2],
      [0.7, 1, 0.1],
      [2.1, 1, 0],
    ])
  })
  it('has no plan where none comes near enough', () =>
    expect(ask({ dial: { minMm: 5, maxMm: 5, stepMm: 1 }, mostMissMm: 0.1 }).sides[0]!.plans).toEqual([]))
  it.each<[string, object, string]>([
    ['no side', { sidesMm: [] }, 'sidesMm'],
    ['a side of nothing', { sidesMm: [43, 0] }, 'sidesMm.1'],
    ['201 sides', { sidesMm: Array.from({ length: 201 }, () => 10) }, 'sidesMm'],
    ['a dial of no step', { dial: { ...DIAL, stepMm: 0 } }, 'dial.stepMm'],
  ])('refuses %s', (_, over, path) => {
    const { error } = fitRequestSchema.safeParse({ sidesMm: [43], wantedMm: 5, dial: DIAL, ...over })
    expect(error?.issues[0]?.path.join('.')).toBe(path)
  })
  it('refuses a dial that runs backwards, or has too many marks', () => {
    expect(() => ask({ dial: { minMm: 4, maxMm: 3, stepMm: 1 } })).toThrow(/dial.maxMm/)
    expect(() => ask({ dial: { minMm: 0.05, maxMm: 20, stepMm: 0.001 } })).toThrow(/most/)
  })
})

describe('POST /api/v1/topstitch', () => {
  const REQUEST = {
    outline: {
      pointsMm: [
        { x: 0, y: 0 },
        { x: 120, y: 0 },
        { x: 120, y: 140 },
        { x: 0, y: 140 },
      ],
      closed: true,
    },
    rowsMm: [6.35],
    needle: { construction: 'single' },
    machineMaxMm: 9,
    guides: [{ id: 'toe', fromNeedleMm: 6.35 }],
    wantedMm: 3,
    dial: DIAL,
  }
  const ask = (over: object = {}) =>
    topstitchResponseSchema.parse(answerTopstitch(topstitchRequestSchema.parse({ ...REQUEST, ...over })))
  // Worked by hand.
  it('answers the worked examples', () => {
    const [row] = ask().rows
    expect(row).toMatchObject({
      atMm: 6.35,
      needleMm: [6.35],
      vanished: false,
      legsMm: [107.3, 127.3, 107.3, 127.3],
      guides: [{ id: 'toe', positionMm: 0, offMm: 0, reachable: true }],
    })
    expect(row!.plans).toHaveLength(4)
    const twin = { needle: { construction: 'twin', gapMm: 4 } }
    expect(ask(twin).rows[0]).toMatchObject({
      needleMm: [6.35, 10.35],
      guides: [{ positionMm: 2, reachable: true }],
    })
    expect(ask({ ...twin, machineMaxMm: 7 }).rows[0]!.guides[0]!.reachable).toBe(false)
  })
  it('says that a row vanishes', () =>
    expect(ask({ rowsMm: [60] }).rows[0]).toMatchObject({
      vanished: true,
      legsMm: [0, 0, 0, 0],
      plans: [[], [], [], []],
    }))
  it('refuses an edge that crosses itself, by its point', () => {
    const pointsMm = [0, 2, 1, 3].map(i => REQUEST.outline.pointsMm[i])
    expect(() => ask({ outline: { pointsMm, closed: true } })).toThrow(/outline\.pointsMm\.\d crosses/)
  })
  it('refuses a twin without its gap', () =>
    expect(
      topstitchRequestSchema.safeParse({ ...REQUEST, needle: { construction: 'twin' } }).error?.issues[0]
        ?.path,
    ).toEqual(['needle', 'gapMm']))
})

describe('POST /api/v1/edge', () => {
  const SQUARE = [
    { x: 0, y: 0 },
    { x: 60, y: 0 },
    { x: 60, y: 60 },
    { x: 0, y: 60 },
  ]
  const REQUEST = {
    shape: { pointsMm: SQUARE },
    stitch: { kind: 'blanket', widthMm: 6, lengthMm: 5 },
    dial: DIAL,
  }
  const ask = (over: object = {}) =>
    edgeResponseSchema.parse(answerEdge(edgeRequestSchema.parse({ ...REQUEST, ...over })))
  // Worked by hand.
  it('answers the worked example', () => {
    const answer = ask()
    expect(answer).toMatchObject({
      lengthMm: 240,
      areaMm2: 3600,
      touching: [],
      crowded: [],
      widestBiteMm: 9.5,
    })
    expect(answer.points.map(({ insideDeg, kind }) => [insideDeg, kind])).toEqual(
      Array(4).fill([90, 'outer']),
    )
    expect(
      answer.sides.map(({ lengthMm, leastRadiusMm, plan }) => [lengthMm, leastRadiusMm, plan!.stitches]),
    ).toEqual(Array(4).fill([60, null, 12]))
    expect(answer.landings).toHaveLength(48)
    expect(answer.landings.filter(({ point }) => point)).toHaveLength(4)
    expect(answer.landings[answer.start!]).toMatchObject({
      xMm: 30,
      yMm: 0,
      biteXMm: 30,
      biteYMm: 6,
      alongMm: 30,
    })
    expect(answer.bulk).toHaveLength(4)
    expect(answer.turns).toEqual([0, 1, 2, 3].map(side => ({ side, everyStitches: null })))
  })
  it('reads path data, keeps the way it runs, and bites inwards either way', () => {
    const path = ask({ shape: { path: 'M0 0V30H30V0Z', mmPerUnit: 2 } })
    expect(path.lengthMm).toBe(240)
    expect(path.points[1]).toMatchObject({ xMm: 0, yMm: 60, kind: 'outer' })
    expect(path.landings[6]).toMatchObject({ xMm: 0, yMm: 30, biteXMm: 6, biteYMm: 30 })
  })
  it('gives a round the even length where nothing on the dial lands', () => {
    const answer = ask({
      shape: { path: 'M-20 0A20 20 0 0 1 20 0A20 20 0 0 1 -20 0Z', mmPerUnit: 1 },
      dial: { minMm: 5, maxMm: 5, stepMm: 1 },
      mostMissMm: 0,
    })
    expect(answer.points).toEqual([])
    expect(answer.sides).toEqual([
      { lengthMm: expect.closeTo(40 * Math.PI, 1), leastRadiusMm: expect.closeTo(20, 0), plan: null },
    ])
    expect(answer.landings).toHaveLength(25)
    // floor(sqrt(8 · 20 · 0.3) / 5) = 1.
    expect(answer.turns).toEqual([{ side: 0, everyStitches: 1 }])
  })
  it.each<[string, object, string]>([
    ['neither points nor path', { shape: {} }, 'shape.pointsMm'],
    ['both', { shape: { pointsMm: SQUARE, path: 'M0 0' } }, 'shape.pointsMm'],
    ['a path without its scale', { shape: { path: 'M0 0H9V9Z' } }, 'shape.mmPerUnit'],
    ['two points', { shape: { pointsMm: SQUARE.slice(2) } }, 'shape.pointsMm'],
    [
      '100,000 points',
      { shape: { pointsMm: Array.from({ length: 1e5 }, () => ({ x: 0, y: 0 })) } },
      'shape.pointsMm',
    ],
    ['NaN', { shape: { pointsMm: [...SQUARE, { x: Number.NaN, y: 1 }] } }, 'shape.pointsMm.4.x'],
    ['a stitch nobody knows', { stitch: { ...REQUEST.stitch, kind: 'lace' } }, 'stitch.kind'],
    ['a bite of 13', { stitch: { ...REQUEST.stitch, widthMm: 13 } }, 'stitch.widthMm'],
  ])('refuses %s and names the field', (_, over, path) =>
    expect(edgeRequestSchema.safeParse({ ...REQUEST, ...over }).error?.issues[0]?.path.join('.')).toBe(path),
  )
  it.each<[string, object, string, string]>([
    [
      'one that crosses itself',
      { pointsMm: [SQUARE[0], SQUARE[2], SQUARE[1], SQUARE[3]] },
      'bad-outline',
      'shape.pointsMm.2',
    ],
    [
      'a doubled point',
      { pointsMm: [SQUARE[0], SQUARE[0], SQUARE[1], SQUARE[2]] },
      'bad-outline',
      'shape.pointsMm.1',
    ],
    ['an open path', { path: 'M0 0H60V60', mmPerUnit: 1 }, 'bad-path', 'shape.path'],
    ['a path with a hole', { path: 'M0 0H60V60ZM5 5H9V9Z', mmPerUnit: 1 }, 'bad-path', 'shape.path'],
    ['NaN in path data', { path: 'M0 0HNaNV9Z', mmPerUnit: 1 }, 'bad-path', 'shape.path'],
    ['a path of nothing', { path: 'M0 0Z', mmPerUnit: 1 }, 'bad-path', 'shape.path'],
  ])('refuses %s by its code', (_, shape, code, field) =>
    expect(() => ask({ shape })).toThrow(
      expect.objectContaining({ code, details: expect.objectContaining({ field }) }),
    ),
  )
})

describe('POST /api/v1/lines', () => {
  const REQUEST = {
    nodes: 5,
    lines: [
      { a: 0, b: 1, lengthMm: 30 },
      { a: 1, b: 2, lengthMm: 20 },
      { a: 1, b: 3, lengthMm: 12 },
      { a: 1, b: 4, lengthMm: 12 },
    ],
    twice: false,
  }
  const ask = (over: object = {}) =>
    linesResponseSchema.parse(answerLines(linesRequestSchema.parse({ ...REQUEST, ...over })))
  // Worked by hand.
  it('answers the worked example, however the places are sent', () => {
    expect(ask()).toMatchObject({ starts: 2, tails: 4, twiceMm: 0, proven: true })
    const twice = ask({ twice: true, nodes: Array.from({ length: 5 }, (_, x) => ({ x, y: 0 })) })
    expect(twice).toMatchObject({ starts: 1, tails: 2, twiceMm: 24, proven: true })
    expect([twice.runs[0]!.nodes[0], twice.runs[0]!.nodes.at(-1)]).toEqual([0, 2])
  })
  it.each<[string, object, string]>([
    ['no place', { nodes: 0 }, 'nodes'],
    ['no line', { lines: [] }, 'lines'],
    ['a line of nothing', { lines: [{ a: 0, b: 1, lengthMm: 0 }] }, 'lines.0.lengthMm'],
    ['a word for “twice”', { twice: 'yes' }, 'twice'],
  ])('refuses %s', (_, over, path) =>
    expect(linesRequestSchema.safeParse({ ...REQUEST, ...over }).error?.issues[0]?.path.join('.')).toBe(path),
  )
  it('refuses a line to a place there is not', () =>
    expect(() => ask({ lines: [{ a: 0, b: 5, lengthMm: 3 }] })).toThrow(
      expect.objectContaining({
        code: 'bad-drawing',
        details: expect.objectContaining({ field: 'lines.0.b' }),
      }),
    ))
})

describe('POST /api/v1/band', () => {
  const outer = { widthMm: 5, repeat: 2, lengthMm: 2.5 }
  const REQUEST = {
    rows: [outer, { widthMm: 7, repeat: 22, lengthMm: 0.4 }, outer],
    overlapsMm: [0.5, 0.5],
    alongMm: 300,
    dial: { minMm: 0.2, maxMm: 5, stepMm: 0.1 },
  }
  const ask = (over: object = {}) =>
    bandResponseSchema.parse(answerBand(bandRequestSchema.parse({ ...REQUEST, ...over })))
  // Worked by hand.
  it('answers the worked example', () => {
    expect(ask()).toMatchObject({
      bandMm: 16,
      rows: [
        {
          spanMm: 5,
          centreMm: 2.5,
          repeatMm: 5,
          repeats: 60,
          evenLengthMm: 2.5,
          dialLengthMm: 2.5,
          missMm: 0,
        },
        {
          centreMm: 8,
          repeats: 34,
          evenLengthMm: 0.40107,
          dialLengthMm: 0.4,
          missMm: 0.8,
          stretch: 0.002674,
        },
        { centreMm: 13.5, repeats: 60 },
      ],
      drift: [
        { a: 0, b: 1, everyMm: 11.578947 },
        { a: 1, b: 2, everyMm: 11.578947 },
      ],
      ribbonMarginMm: null,
    })
    expect(ask({ ribbonMm: 15.875 }).ribbonMarginMm).toBe(-0.0625)
  })
  it('fills a band as the worked example does', () => {
    const choices = [
      { id: 'a', widthMm: 5 },
      { id: 'b', widthMm: 7 },
    ]
    const request = { bandMm: 17, choices, overlapMm: 0, toleranceMm: 0.2, mostRows: 3 }
    expect(fillResponseSchema.parse(answerFill(fillRequestSchema.parse(request)))).toEqual({
      stacks: [{ ids: ['a', 'b', 'a'], offMm: 0 }],
    })
    expect(fillRequestSchema.safeParse({ ...request, mostRows: 10 }).success).toBe(false)
  })
  it.each<[string, object, string]>([
    ['no row', { rows: [] }, 'rows'],
    ['too many overlaps', { overlapsMm: [0, 0, 0] }, 'overlapsMm'],
    ['a repeat of nothing', { rows: [{ ...outer, repeat: 0 }], overlapsMm: [] }, 'rows.0.repeat'],
    ['a way of NaN', { alongMm: Number.NaN }, 'alongMm'],
  ])('refuses %s', (_, over, path) =>
    expect(bandRequestSchema.safeParse({ ...REQUEST, ...over }).error?.issues[0]?.path.join('.')).toBe(path),
  )
})

describe('POST /api/v1/order', () => {
  const all = { machine: 'Attic', plate: 'zigzag', stabilizer: '' }
  const pearl = { ...all, needle: '100/16', bobbin: 'navy', foot: 'open', tension: '4' }
  const needs = [
    { ...all, needle: '2.0/80', threads: ['white', 'white'], bobbin: 'white', foot: 'grooved', tension: '7' },
    { ...pearl, threads: ['red pearl'] },
    {
      ...all,
      needle: '2.0/80',
      threads: ['slate', 'gold'],
      bobbin: 'grey',
      foot: 'open',
      stabilizer: 'tear-away',
      tension: '2.8',
    },
    { ...pearl, threads: ['blue pearl'] },
  ]
  const REQUEST = {
    pieces: needs.map((one, i) => ({ id: String(i), needs: one })),
    before: [[0, 3]],
    minutes: {
      machine: 1,
      needle: 2,
      thread: 1.5,
      bobbin: 1,
      plate: 2,
      foot: 0.5,
      stabilizer: 1,
      tension: 3,
    },
  }
  const ask = (over: object = {}) =>
    orderResponseSchema.parse(answerOrder(orderRequestSchema.parse({ ...REQUEST, ...over })))
  // Worked by hand.
  it('answers the worked example', () => {
    const { order, ...sums } = ask()
    expect(sums).toMatchObject({ changeMinutes: 19.5, typedMinutes: 29.5, proven: true })
    expect(['2,0,1,3', '2,0,3,1']).toContain(order.join())
    expect(ask({ start: needs[1] }).steps[0]!.minutes).toBeGreaterThanOrEqual(0)
  })
  it.each<[string, object, string]>([
    ['no piece', { pieces: [] }, 'pieces'],
    ['41 pieces', { pieces: Array.from({ length: 41 }, () => REQUEST.pieces[0]) }, 'pieces'],
    ['a piece there is not', { before: [[0, 4]] }, 'before.0.1'],
    ['minutes below nothing', { minutes: { ...REQUEST.minutes, foot: -1 } }, 'minutes.foot'],
  ])('refuses %s', (_, over, path) =>
    expect(orderRequestSchema.safeParse({ ...REQUEST, ...over }).error?.issues[0]?.path.join('.')).toBe(path),
  )
  it('refuses a cycle by its code', () =>
    expect(() =>
      ask({
        before: [
          [0, 1],
          [1, 0],
        ],
      }),
    ).toThrow(expect.objectContaining({ code: 'cycle' })))
})

describe('POST /api/v1/measure', () => {
  const at = (x: number, y: number) => ({ x, y })
  const REQUEST = {
    cornersPx: [at(0, 0), at(856, 0), at(856, 539.8), at(0, 539.8)],
    rectangleMm: { wideMm: 85.6, tallMm: 53.98 },
    spans: [[at(400, 270), at(480, 270)]],
  }
  const ask = (over: object = {}) =>
    measureResponseSchema.parse(answerMeasure(measureRequestSchema.parse({ ...REQUEST, ...over })))
  it('answers the worked example', () =>
    expect(ask()).toEqual({
      lengths: [{ mm: 8, spreadMm: expect.closeTo(0.1417, 4) }],
      obliqueDeg: 0,
      warnings: [],
    }))
  it('says what is doubtful in words', () =>
    expect(ask({ spans: [[at(400, 270), at(403, 270)]] }).warnings).toEqual([
      { code: 'unsure', message: expect.stringContaining('closer') },
    ]))
  it.each<[string, object, string]>([
    ['three corners', { cornersPx: REQUEST.cornersPx.slice(1) }, 'cornersPx'],
    ['a rectangle of no width', { rectangleMm: { wideMm: 0, tallMm: 54 } }, 'rectangleMm.wideMm'],
    ['half a span', { spans: [[at(1, 1)]] }, 'spans.0'],
    ['a word for a place', { spans: [[at(1, 1), { x: 'left', y: 1 }]] }, 'spans.0.1.x'],
    ['clicks off by less than nothing', { clickPx: -1 }, 'clickPx'],
  ])('refuses %s', (_, over, path) =>
    expect(measureRequestSchema.safeParse({ ...REQUEST, ...over }).error?.issues[0]?.path.join('.')).toBe(
      path,
    ),
  )
  it.each([
    ['in a line', [at(0, 0), at(10, 10), at(20, 20), at(30, 30)]],
    ['crossed', [at(0, 0), at(856, 539.8), at(856, 0), at(0, 539.8)]],
    ['repeated', [at(0, 0), at(0, 0), at(856, 539.8), at(0, 539.8)]],
  ])('refuses corners %s', (_, cornersPx) =>
    expect(() => ask({ cornersPx })).toThrow(expect.objectContaining({ code: 'bad-corners' })),
  )
})
