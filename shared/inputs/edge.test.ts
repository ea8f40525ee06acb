import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { describe, expect, it } from 'vitest'
import { PLAIN_SCALE, UNKNOWN_LENGTH_DIAL } from '#core/fit'
import { readFont, signedAreaMm2 } from '#core/shape'
import { findStitch } from '#core/stitch'
import {
  answerForEdge,
  answerForLines,
  type EdgeAnswer,
  EDGE_KINDS,
  type EdgeKind,
  edgeKindOf,
  edgeSettingOf,
  type EdgeStitching,
  edgeWork,
  linesWork,
} from '#shared/inputs'
import { demoBackup } from '#shared/demo'
import type { EdgePart, EdgePiece, LinesPiece, OwnStitch } from '#shared/records'

const file = createRequire(import.meta.url).resolve(
  '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-800-normal.woff',
)
const bytes = readFileSync(file)
const font = readFont(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length) as ArrayBuffer)
const { records } = demoBackup
const piece = (id: string) => records.pieces.find(one => one.id === `demo-piece-${id}`)!
const lantern = piece('lantern').plan as EdgePiece
const plume = piece('plume').plan as LinesPiece

/** Blanket, 4 × 4, unless something else is said. */
const sewnAs = (kind: EdgeKind = 'blanket', over: Partial<EdgeStitching> = {}): EdgeStitching => ({
  kind,
  stitchId: EDGE_KINDS[kind].stitchId,
  widthMm: 4,
  lengthMm: 4,
  ...over,
})
const inputOf = (plan: EdgePiece, sewn = sewnAs(), threadMm = 0.3) => ({
  plan,
  sewn,
  dial: UNKNOWN_LENGTH_DIAL,
  feedFactor: 1,
  stitch: findStitch(sewn.stitchId)!,
  threadMm,
})
const answer = (plan: EdgePiece, sewn?: EdgeStitching, over: { threadMm?: number } = {}): EdgeAnswer =>
  answerForEdge(inputOf(plan, sewn, over.threadMm), () => font)
const with1 = (cut: EdgePart['cut'], over: Partial<EdgePiece> = {}): EdgePiece => ({
  ...lantern,
  parts: [{ ...lantern.parts[0]!, cut }],
  ...over,
})
const rectangle = (wideMm: number, tallMm: number) =>
  ({ kind: 'form', form: 'rectangle', wideMm, tallMm, count: 5 }) as const
const sewnMm = ({ ways, way }: EdgeAnswer) =>
  ways[way]!.plan.stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0)

describe('an appliqué', () => {
  it('is sewn where its edges are seen, and cut a little under its neighbours', () => {
    const under = { ...lantern.parts[0]!, cut: rectangle(60, 60) }
    const over = { ...lantern.parts[1]!, cut: rectangle(60, 60), x: 30 }
    const two = answer({ ...lantern, parts: [under, over], underMm: 6 })
    expect(two.stretches.map(({ part, closed }) => [part, closed])).toEqual([
      [0, false],
      [1, true],
    ])
    expect(sewnMm(two)).toBeCloseTo(120 + 240, 2)
    // 30 mm of it are seen, and 6 go on under.
    expect(signedAreaMm2(two.cut[0]![0]!)).toBeCloseTo(36 * 60, 0)
    const turned = answer({ ...lantern, parts: [over], allowanceMm: 5 })
    expect(signedAreaMm2(turned.cut[0]![0]!)).toBeCloseTo(60 * 60 + 4 * 60 * 5 + Math.PI * 25, 0)
  })
  it('is sewn so far inside a raw edge with a straight stitch', () => {
    const inside = answer(with1(rectangle(60, 40), { insetMm: 3 }), sewnAs('straight'))
    expect(sewnMm(inside)).toBeCloseTo(2 * (54 + 34), 2)
    expect(inside.ways[0]!.plan.widestBiteMm).toBe(12)
  })
  it('of letters has an edge for every hole', () => {
    const letters = { kind: 'letters', text: 'BO', font: 'plain', tallMm: 60, spacingMm: 4 } as const
    const { stretches, ways } = answer(with1(letters))
    expect(stretches).toHaveLength(5)
    expect(ways[0]!.plan.touching).toEqual([])
  })
  it('measured with a string has a run for each side, and nothing that touches another shape', () => {
    const string: EdgePart['cut'] = { kind: 'string', sidesMm: [43, 86], closed: true }
    const { ways, stretches, regions } = answer({
      ...lantern,
      parts: [{ ...lantern.parts[0]!, cut: string }, lantern.parts[1]!],
    })
    expect(ways[0]!.plan.stretches[0]!.sides.map(({ lengthMm }) => lengthMm)).toEqual([43, 86])
    expect(stretches[0]!.pointsMm[0]!.y).toBeLessThan(-32)
    expect(regions[0]).toEqual([])
  })
  it('from a file keeps its holes, with y turned up', () => {
    const path = 'M0 0H60V40H0ZM20 10H40V30H20Z'
    const { regions, stretches } = answer(with1({ kind: 'path', path, mmPerUnit: 1 }))
    expect(regions[0]!.map(ring => Math.round(signedAreaMm2(ring)))).toEqual([2400, -400])
    expect(stretches).toHaveLength(2)
  })
  it('keeps what a person settled, as long as it fits', () => {
    const settled = [{ stretch: 0, side: 0, parts: [{ count: 20, lengthMm: 3 }] }]
    const kept = answer(with1(rectangle(60, 40), { settled }))
    expect(kept.ways[kept.way]!.plan.stretches[0]!.sides[0]!.plan?.parts).toEqual(settled[0]!.parts)
    const longer = answer(with1(rectangle(90, 40), { settled }))
    expect(longer.ways[longer.way]!.plan.stretches[0]!.sides[0]!.stitches).not.toBe(20)
  })
  it('begins where a person drags it to, never on a point', () => {
    const { starts, ways, way } = answer(
      with1(rectangle(60, 40), { starts: [{ stretch: 0, alongMm: 60.1 }] }),
    )
    const landing = ways[way]!.plan.landings[starts[0]!]!
    expect(landing.isPoint).toBe(false)
    expect(Math.abs(landing.alongMm - 60)).toBeLessThan(6)
  })
  it('has no point where a person wants none', () => {
    const corners = [{ x: 30, y: -20, isPoint: false }]
    const { ways } = answer(with1(rectangle(60, 40), { corners }))
    expect(ways[0]!.plan.stretches[0]!.points).toHaveLength(3)
  })
  it.each<[string, EdgePiece, RegExp, EdgeKind?]>([
    [
      'crosses itself',
      with1({
        kind: 'drawn',
        points: [
          [0, 0],
          [30, 30],
          [30, 0],
          [0, 30],
        ].map(([x, y]) => ({ x: x!, y: y!, curved: false })),
      }),
      /crosses/,
    ],
    ['is open', with1({ kind: 'path', path: 'M0 0H40V40', mmPerUnit: 1 }), /open line/],
    ['is smaller than its bite', with1(rectangle(3, 3)), /larger than the shape/],
    [
      'is all covered',
      {
        ...lantern,
        insetMm: 30,
        parts: [{ ...lantern.parts[0]!, cut: rectangle(20, 20) }],
      },
      /Nothing is left/,
      'straight',
    ],
  ])('is refused where it %s', (_, plan, message, kind) =>
    expect(() => answer(plan, sewnAs(kind))).toThrow(message),
  )
  it('waits for the letters’ font', () => {
    const plan = with1({ kind: 'letters', text: 'A', font: 'serif', tallMm: 60, spacingMm: 0 })
    expect(() => answerForEdge(inputOf(plan), () => null)).toThrow(
      expect.objectContaining({ code: 'bad-font' }),
    )
  })
})

const NO_OWN = new Map<string, OwnStitch>()
describe('how the machine is set for an edge', () => {
  const setupOf = (kind: EdgeKind, widthMm = 1.5) => ({
    job: EDGE_KINDS[kind].job,
    stitch: { stitchId: EDGE_KINDS[kind].stitchId, widthMm, lengthMm: 2, mirror: false, positionMm: 0 },
  })
  it('follows its stitch', () => {
    const of = (kind: EdgeKind, over: Partial<EdgePiece> = {}) =>
      edgeSettingOf({ ...lantern, ...over }, setupOf(kind), NO_OWN)
    expect(of('blanket')).toMatchObject({ stitchId: 'blanket', widthMm: 1.5, positionMm: 0 })
    // Half the width less what falls outside: 0.75 − 0.3, to the side of the cloth.
    expect(of('hidden')).toMatchObject({ stitchId: 'zigzag', widthMm: 1.5, positionMm: -0.45 })
    expect(of('straight')).toMatchObject({ stitchId: 'straight', widthMm: 0 })
    expect(of('hidden', { backwards: true }).positionMm).toBe(0.45)
    // A blanket bites to the left: with the cloth on the right it is mirrored.
    expect(of('blanket').mirror).toBe(false)
    expect(of('blanket', { backwards: true }).mirror).toBe(true)
  })
  it.each(Object.keys(EDGE_KINDS) as EdgeKind[])('%s is told by its job and stitch', kind =>
    expect(edgeKindOf(setupOf(kind), NO_OWN)).toBe(kind),
  )
})

describe('what a piece asks for', () => {
  it('counts seams with what is sewn over, turns and starts, for every copy', () => {
    const plan = with1(rectangle(60, 40), { overlap: 3 })
    const made = answer(plan, sewnAs('blanket', { widthMm: 3, lengthMm: 5 }))
    const work = edgeWork(plan, made, 2)
    expect(work.seamM).toBeCloseTo((2 * (200 + 3 * 5)) / 1000, 6)
    expect(work).toMatchObject({ rows: 2, turns: 8, stitches: 2 * 3 * 43 })
  })
  it('of a line drawing counts what is sewn twice', () => {
    const made = answerForLines({ plan: plume, wantedMm: 3, dial: UNKNOWN_LENGTH_DIAL, scale: PLAIN_SCALE })
    expect(linesWork(made, 1).seamM).toBeCloseTo(made.sewn.sewnMm / 1000, 9)
    expect(linesWork(made, 1).rows).toBe(1)
    expect(made.other.starts).toBe(7)
  })
})

describe('a line drawing', () => {
  it('from a file is joined where its lines meet', () => {
    const path = { by: 'path', path: 'M0 80V0M0 40L30 20M0 50L-30 30', mmPerUnit: 1 } as const
    const { drawing } = answerForLines({
      plan: { ...plume, drawing: path },
      wantedMm: 3,
      dial: UNKNOWN_LENGTH_DIAL,
      scale: PLAIN_SCALE,
    })
    expect(drawing.lines).toHaveLength(5)
    expect(Math.max(...drawing.nodes.map(({ y }) => y))).toBeCloseTo(0, 9)
  })
  it('drawn goes round curves, and a ring comes back to its start', () => {
    const ring = { by: 'path', path: 'M0 0H40V40H0Z', mmPerUnit: 1 } as const
    const { sewn } = answerForLines({
      plan: { ...plume, drawing: ring, twice: false },
      wantedMm: 3,
      dial: UNKNOWN_LENGTH_DIAL,
      scale: PLAIN_SCALE,
    })
    expect([sewn.starts, Math.round(sewn.sewnMm)]).toEqual([1, 160])
    const drawn = {
      by: 'drawn',
      ways: [
        [
          { x: 0, y: 0, curved: false },
          { x: 20, y: 10, curved: true },
          { x: 40, y: 0, curved: false },
        ],
      ],
    } as const
    const curve = answerForLines({
      plan: { ...plume, drawing: drawn as unknown as LinesPiece['drawing'] },
      wantedMm: 3,
      dial: UNKNOWN_LENGTH_DIAL,
      scale: PLAIN_SCALE,
    })
    expect(curve.sewn.sewnMm).toBeGreaterThan(Math.hypot(20, 10) * 2)
  })
})
