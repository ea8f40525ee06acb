import { DEFAULT_CHANGE_MINUTES } from '#core/order'

/** What a route could be asked at its limits: all of it is legal, and each must be answered soon. */
export interface HeavyBody {
  readonly name: string
  readonly path: string
  readonly body: unknown
  /** 200: a piece a person could sew. null: an answer, or a refusal that counts. */
  readonly status: 200 | null
}

const FINE_DIAL = { minMm: 0.05, maxMm: 5.04, stepMm: 0.01 }
/** No two of its marks have a step in common: a mix that lands is searched for among all of them. */
const ODD_DIAL = { minMm: 0.050001, maxMm: 18.513501, stepMm: 0.037001 }
const USUAL_DIAL = { minMm: 0.5, maxMm: 5, stepMm: 0.1 }
const around = (count: number, radiusMm: (i: number) => number) =>
  Array.from({ length: count }, (_, i) => {
    const turn = (2 * Math.PI * i) / count
    const mm = radiusMm(i)
    return { x: round(mm * Math.cos(turn)), y: round(mm * Math.sin(turn)) }
  })
const round = (mm: number) => Math.round(1000 * mm) / 1000
const square = (mm: number) => [
  { x: 0, y: 0 },
  { x: mm, y: 0 },
  { x: mm, y: mm },
  { x: 0, y: mm },
]
/** To and fro, so near that every bite lies over many others. */
const folded = (count: number, apartMm: number, tallMm: number) => [
  ...Array.from({ length: count }, (_, i) => ({ x: round(i * apartMm), y: i % 2 === 0 ? 0 : tallMm })),
  { x: round(count * apartMm), y: -50 },
  { x: 0, y: -50 },
]
const blanket = { kind: 'blanket', widthMm: 4, lengthMm: 3 }
const starOfLines = (count: number, lengthMm: (i: number) => number) => ({
  nodes: count + 1,
  lines: Array.from({ length: count }, (_, i) => ({ a: 0, b: i + 1, lengthMm: lengthMm(i) })),
})
/** A spine with fronds left and right of it. */
const plume = (vanes: number) => ({
  nodes: 2 * vanes + 2,
  lines: [
    ...Array.from({ length: vanes + 1 }, (_, i) => ({ a: i, b: i + 1, lengthMm: 5 })),
    ...Array.from({ length: vanes }, (_, i) => ({ a: i + 1, b: vanes + 2 + i, lengthMm: 20 + (i % 7) })),
  ].map(line => ({ ...line, b: Math.min(line.b, 2 * vanes + 1) })),
})
const choices = Array.from({ length: 12 }, (_, i) => ({ id: `stitch ${i}`, widthMm: 4 + i / 100 }))
const sides = (count: number, mm: (i: number) => number) => Array.from({ length: count }, (_, i) => mm(i))

export const HEAVIEST: readonly HeavyBody[] = [
  {
    name: 'a star of 500 points on a usual dial',
    path: '/api/v1/edge',
    body: {
      shape: { pointsMm: around(1000, i => (i % 2 === 0 ? 300 : 260)) },
      stitch: blanket,
      dial: USUAL_DIAL,
    },
    status: 200,
  },
  {
    name: 'the finest stitch round a square, on 500 marks',
    path: '/api/v1/edge',
    body: {
      shape: { pointsMm: square(249) },
      stitch: { kind: 'satin', widthMm: 12, lengthMm: 0.05 },
      dial: FINE_DIAL,
    },
    status: null,
  },
  {
    name: 'marks without a common step',
    path: '/api/v1/edge',
    body: { shape: { pointsMm: square(9_999.999) }, stitch: blanket, dial: ODD_DIAL, mostMissMm: 0 },
    status: null,
  },
  {
    name: 'an edge folded 1,000 times',
    path: '/api/v1/edge',
    body: {
      shape: { pointsMm: folded(1001, 0.05, 40) },
      stitch: { ...blanket, widthMm: 12 },
      dial: USUAL_DIAL,
    },
    status: null,
  },
  {
    name: 'a plume of 300 lines',
    path: '/api/v1/lines',
    body: { ...plume(150), twice: true },
    status: 200,
  },
  {
    name: 'a star of 1,000 lines',
    path: '/api/v1/lines',
    body: { ...starOfLines(1000, i => 10 + (i % 97)), twice: true },
    status: 200,
  },
  {
    name: 'a star of 1,999 lines',
    path: '/api/v1/lines',
    body: { ...starOfLines(1999, i => 10 + (i % 997)), twice: true },
    status: null,
  },
  {
    name: 'twelve stitches alike in nine rows',
    path: '/api/v1/band/fill',
    body: { bandMm: 37, choices, overlapMm: 0, toleranceMm: 2, mostRows: 9 },
    status: null,
  },
  {
    name: 'twelve stitches, whatever the width',
    path: '/api/v1/band/fill',
    body: { bandMm: 40, choices, overlapMm: 0, toleranceMm: 100, mostRows: 9 },
    status: null,
  },
  {
    name: '200 sides by 500 marks',
    path: '/api/v1/fit',
    body: { sidesMm: sides(200, i => 9_000.123 + i), wantedMm: 2.5, dial: FINE_DIAL, mostMissMm: 0 },
    status: null,
  },
  {
    name: '200 sides by 500 marks without a common step',
    path: '/api/v1/fit',
    body: { sidesMm: sides(200, i => 9_000.1237 + i), wantedMm: 0.3, dial: ODD_DIAL, mostMissMm: 0 },
    status: null,
  },
  {
    name: '20 rows along 400 points on 500 marks',
    path: '/api/v1/topstitch',
    body: {
      outline: { pointsMm: around(400, i => (i % 2 === 0 ? 3000 : 2900.5)), closed: true },
      rowsMm: sides(20, i => 1 + i),
      needle: { construction: 'single' },
      machineMaxMm: 7,
      guides: [],
      wantedMm: 2.5,
      dial: ODD_DIAL,
      mostMissMm: 0,
    },
    status: null,
  },
  {
    name: '15 rows on 500 marks',
    path: '/api/v1/band',
    body: {
      rows: sides(15, i => i).map(i => ({ widthMm: 5, repeat: 10_000 / (i + 1), lengthMm: 0.05 })),
      overlapsMm: sides(14, () => 0),
      alongMm: 10_000,
      dial: FINE_DIAL,
    },
    status: null,
  },
  {
    name: '40 pieces, all different',
    path: '/api/v1/order',
    body: {
      pieces: sides(40, i => i).map(id => ({
        id,
        needs: {
          machine: `m${id % 3}`,
          needle: `n${id % 7}`,
          threads: sides(9, k => (id * k) % 11).map(n => `t${n}`),
          bobbin: `b${id % 5}`,
          plate: `p${id % 2}`,
          foot: `f${id % 4}`,
          stabilizer: `s${id % 3}`,
          tension: `${id}`,
        },
      })),
      minutes: DEFAULT_CHANGE_MINUTES,
    },
    status: 200,
  },
]
