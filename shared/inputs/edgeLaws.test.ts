import { describe, expect, it } from 'vitest'
import { planEdge } from '#core/edge'
import { dialledMm, PLAIN_SCALE, UNKNOWN_LENGTH_DIAL } from '#core/fit'
import type { Point } from '#core/plane'
import { FORM_IDS } from '#core/shape'
import { libraryAlike, STITCHES, stitchFromDrops } from '#core/stitch'
import { demoBackup } from '#shared/demo'
import {
  answerForEdge,
  edgeInputOf,
  type EdgeAnswer,
  edgeKindOf,
  edgeSettingOf,
  edgeWork,
  type NamedStitch,
} from '#shared/inputs'
import type { EdgePiece, OwnStitch } from '#shared/records'
import { byId, demoTables } from '../../tests/unit/demoTables'

/** Laws that hold for every stitch round every form, turned by 15° to 345°, and for copies of one's own. */
const ANGLES = Array.from({ length: 23 }, (_, i) => 15 * (i + 1))
const LARGE_MM = 150
const lantern = demoBackup.records.pieces.find(({ id }) => id === 'demo-piece-lantern')!
const base = lantern.plan as EdgePiece

const edgeOf = (form: (typeof FORM_IDS)[number], turnDeg = 0, over: Partial<EdgePiece> = {}): EdgePiece => ({
  ...base,
  parts: [
    {
      ...base.parts[0]!,
      cut: {
        kind: 'form',
        form,
        wideMm: LARGE_MM,
        tallMm: form === 'drop' ? 2 * LARGE_MM : LARGE_MM,
        count: 5,
      },
      x: 0,
      y: 0,
      turnDeg,
      flipped: false,
    },
  ],
  corners: [],
  settled: [],
  starts: [],
  way: 0,
  ...over,
})
/** A stitch drawn drop by drop in mm, as one copies it from the library. */
function copyOf(stitch: NamedStitch): OwnStitch {
  const { id, drops, repeat, defaultWidthMm: widthMm, defaultLengthMm: lengthMm, alignment } = stitch
  const drawn = stitchFromDrops(
    drops.map(({ x, y }) => ({ xMm: x * widthMm, yMm: y * lengthMm })),
    repeat * lengthMm,
  )
  return {
    id: `own-${id}`,
    name: `My ${stitch.name}`,
    alignment,
    drops: [...drawn.drops],
    repeat: drawn.repeat,
    defaultWidthMm: drawn.widthMm,
    defaultLengthMm: drawn.lengthMm,
  }
}
const copies = byId(STITCHES.map(copyOf))
const tables = { ...demoTables, stitches: copies }
const setupOf = (stitch: NamedStitch) => ({
  ...lantern.setup,
  clothId: null,
  job: 'hidden-edge' as const,
  stitch: {
    stitchId: stitch.id,
    widthMm: stitch.defaultWidthMm,
    lengthMm: stitch.defaultLengthMm,
    mirror: false,
    positionMm: 0,
  },
})
const answer = (plan: EdgePiece, stitch: NamedStitch): EdgeAnswer =>
  answerForEdge(edgeInputOf(plan, setupOf(stitch), tables)!, () => null)

function pointToSegmentMm({ x, y }: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const share = Math.min(1, Math.max(0, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy)))
  return Math.hypot(x - a.x - share * dx, y - a.y - share * dy)
}
const onEdgeMm = ({ x, y }: Point, ring: readonly Point[]) =>
  Math.min(...ring.map((a, i) => pointToSegmentMm({ x, y }, a, ring[(i + 1) % ring.length]!)))
/** What does not hang on where a shape lies. */
const seenOf = ({ ways, way }: EdgeAnswer) =>
  ways.map(one => [
    one.widthMm,
    one.dialChanges,
    one.bulk,
    one.plan.landings.length,
    one.plan.touching.length,
    way,
  ])
const pairs = FORM_IDS.flatMap((form, f) =>
  STITCHES.map((stitch, s) => [form, stitch, ANGLES[(f + s) % 23]!, ANGLES[(f + s + 12) % 23]!] as const),
)

describe('every stitch round every form', () => {
  it.each(
    pairs.map(
      ([form, stitch, ...angles]) => [`${stitch.name} round a ${form}`, form, stitch, angles] as const,
    ),
  )('%s', (_, form, stitch, [angle, other]) => {
    const made = answer(edgeOf(form, angle), stitch)
    const { plan } = made.ways[made.way]!
    const ring = made.stretches[0]!.pointsMm
    // Stitch points lie on the edge, one on every point.
    expect(Math.max(...plan.landings.map(at => onEdgeMm(at, ring)))).toBeLessThan(1e-6)
    const points = plan.stretches.flatMap(stretch => stretch.points)
    expect(plan.landings.filter(({ isPoint }) => isPoint)).toHaveLength(points.length)
    for (const { at } of points)
      expect(Math.min(...plan.landings.map(({ x, y }) => Math.hypot(x - at.x, y - at.y)))).toBeLessThan(1e-9)
    // Turned another way, mirrored, or sewn as a copy of one's own it is the same edge.
    expect(seenOf(answer(edgeOf(form, other), copies.get(`own-${stitch.id}`)!))).toEqual(seenOf(made))
  })
  it.each(['rectangle', 'circle', 'ellipse', 'rounded'] as const)(
    'a large %s keeps the wanted bite',
    form => {
      // Round a right angle bites much longer than their distance cross: such are left out.
      const fits = ({ defaultWidthMm: bite, defaultLengthMm: mm, repeat }: NamedStitch) =>
        form !== 'rectangle' || bite <= 1.5 * mm * repeat
      for (const stitch of STITCHES.filter(fits))
        expect(answer(edgeOf(form), stitch).ways[0]!.widthMm, stitch.name).toBe(stitch.defaultWidthMm)
    },
  )
  it('mirrored is the same edge, but for the side it leans to', () => {
    for (const form of FORM_IDS)
      for (const stitch of STITCHES.slice(0, 8)) {
        const made = edgeOf(form)
        const mirrored = { ...made, parts: made.parts.map(part => ({ ...part, flipped: true })) }
        const [one, other] = [answer(made, stitch), answer(mirrored, stitch)].map(({ ways }) => [
          ways[0]!.widthMm,
          ways[0]!.plan.landings.length,
          ways[0]!.plan.touching.length,
        ])
        expect(other, `${stitch.name} ${form}`).toEqual(one)
      }
  })
  it('has no wider bite where more must stay free', () => {
    for (const form of FORM_IDS)
      for (const isSatin of [false, true]) {
        const { pointsMm, closed, clothOn } = answer(edgeOf(form), STITCHES[1]!).stretches[0]!
        const widest = [0, 0.2, 0.5, 1, 2].map(
          clearanceMm =>
            planEdge(
              [{ pointsMm, closed, clothOn }],
              { widthMm: 4, lengthMm: isSatin ? 1 : 3, bites: 'at', isSatin },
              { marks: [1, 3], pointDeg: 35, clearanceMm, mostMissMm: 0.25 },
            ).widestBiteMm,
        )
        expect(
          [...widest].sort((a, b) => b - a),
          `${form} ${isSatin}`,
        ).toEqual(widest)
      }
  })
  it('on a square longer by whole stitches has so many more of the same', () => {
    for (const sideMm of [60, 65, 100]) {
      const edge = { pointsMm: squareOf(sideMm), closed: true, clothOn: 'left' as const }
      const rules = { marks: [5], pointDeg: 35, clearanceMm: 0.5, mostMissMm: 0.25 }
      const { stretches } = planEdge([edge], { widthMm: 4, lengthMm: 5, bites: 'at' }, rules)
      expect(stretches[0]!.sides.map(({ plan }) => plan?.parts)).toEqual(
        Array(4).fill([{ count: sideMm / 5, lengthMm: 5 }]),
      )
    }
  })
})
const squareOf = (mm: number): Point[] => [
  { x: 0, y: 0 },
  { x: mm, y: 0 },
  { x: mm, y: mm },
  { x: 0, y: mm },
]

describe('a stitch of one’s own, copied from the library', () => {
  it.each(STITCHES.map(stitch => [stitch.name, stitch] as const))(
    '%s behaves as the library’s',
    (_, stitch) => {
      const own = copies.get(`own-${stitch.id}`)!
      expect(libraryAlike(own)?.id).toBe(stitch.id)
      expect(own.repeat).toBeCloseTo(stitch.repeat, 9)
      expect(own.defaultLengthMm).toBeCloseTo(stitch.defaultLengthMm, 9)
      for (const backwards of [false, true])
        for (const job of ['hidden-edge', 'satin', 'blanket-edge'] as const) {
          const [of, like] = [stitch, own].map(one => ({ ...setupOf(one), job }))
          expect(edgeKindOf(like!, copies)).toBe(edgeKindOf(of!, copies))
          const { stitchId: _id, ...setting } = edgeSettingOf({ ...base, backwards }, of!, copies)
          expect(edgeSettingOf({ ...base, backwards }, like!, copies)).toMatchObject(setting)
        }
      const plan = edgeOf('rectangle')
      const [work, like] = [stitch, own].map(one => edgeWork(plan, answer(plan, one), 1))
      expect(like).toEqual(work)
    },
  )
  it('begun on its other side is still what it is', () => {
    const right = {
      drops: [
        { x: 0.5, y: 0 },
        { x: -0.5, y: 7 },
      ],
      repeat: 14,
    }
    expect(libraryAlike(right)?.id).toBe('zigzag')
    expect(
      libraryAlike({
        drops: [
          { x: 0.5, y: 0 },
          { x: -0.5, y: 5 },
        ],
        repeat: 14,
      }),
    ).toBeNull()
  })
})

describe('where bites fall', () => {
  const blanket = STITCHES.find(({ id }) => id === 'blanket')!
  const firstTip = (bites: EdgePiece['bites']) => {
    const { ways } = answer(edgeOf('rectangle', 0, { bites }), blanket)
    return ways[0]!.plan.tips[1]!
  }
  it('is as the stitch does, or as one says: half a stitch farther on', () => {
    expect(firstTip('at')).toEqual(firstTip(null))
    const [at, between] = [firstTip('at'), firstTip('between')]
    expect(Math.hypot(at.x - between.x, at.y - between.y)).toBeCloseTo(blanket.defaultLengthMm / 2, 6)
  })
})

describe('on a cloth that is fed short', () => {
  const fed = (sewnMm: number) => ({ feed: { sewnMm, stitches: 20, dialledMm: 3, readMm: 0.5 } })
  const straight = STITCHES.find(({ id }) => id === 'blanket')!
  it('every length is a mark of the dial, and the stitches come out along the side', () => {
    const plan = edgeOf('rectangle', 0, fed(58.2))
    const made = answer(plan, straight)
    expect(made.scale.feedFactor).toBeCloseTo(0.97, 9)
    const { sides } = made.ways[0]!.plan.stretches[0]!
    for (const { plan: own, lengthMm } of sides) {
      for (const part of own!.parts) {
        const dial = dialledMm(part.lengthMm, made.scale)
        expect(10 * dial).toBeCloseTo(Math.round(10 * dial), 6)
        expect(part.lengthMm).toBeCloseTo(0.97 * dial, 6)
      }
      const sewnMm = own!.parts.reduce((sum, part) => sum + part.count * part.lengthMm, 0)
      expect(Math.abs(sewnMm - lengthMm)).toBeLessThanOrEqual(plan.mostMissMm + 1e-6)
    }
    const { dialled } = edgeWork(plan, made, 1)
    for (const mm of dialled!.lengthsMm) expect(10 * mm).toBeCloseTo(Math.round(10 * mm), 6)
  })
  it('satin keeps its density: half a column is spread along a side before another length is dialled', () => {
    const zigzag = STITCHES.find(({ id }) => id === 'zigzag')!
    const setup = { ...setupOf(zigzag), job: 'satin' as const }
    for (const sewnMm of [56, 57.1, 58.2, 59.3, 60]) {
      const satin = { ...setup, stitch: { ...setup.stitch, widthMm: 3, lengthMm: 0.4 } }
      const made = answerForEdge(edgeInputOf(edgeOf('leaf', 0, fed(sewnMm)), satin, tables)!, () => null)
      const marks = edgeWork(edgeOf('leaf', 0, fed(sewnMm)), made, 1).dialled!.lengthsMm
      for (const mm of marks) expect(Math.abs(mm - 0.4), `${sewnMm}`).toBeLessThan(0.11)
    }
  })
  it('what a person settled is kept as it is dialled', () => {
    const settled = [{ stretch: 0, side: 0, parts: [{ count: 50, lengthMm: 3.1 }] }]
    const made = answer(edgeOf('rectangle', 0, { ...fed(58.2), settled }), straight)
    // 50 of 3.1 sew 150.35: 0.35 over is within half a stitch.
    expect(made.ways[0]!.plan.stretches[0]!.sides[0]!.plan!.parts).toEqual([{ count: 50, lengthMm: 3.007 }])
  })
  it('nothing changes where nobody measured', () => {
    const { scale } = answer(edgeOf('rectangle'), straight)
    expect(scale).toEqual({ ...PLAIN_SCALE, counted: 'stitches' })
    expect(UNKNOWN_LENGTH_DIAL.stepMm).toBe(0.1)
  })
})
