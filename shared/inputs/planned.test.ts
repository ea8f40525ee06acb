import { describe, expect, it } from 'vitest'
import { marksOfPlans } from '#core/fit'
import { threadingWalk } from '#core/walk'
import { demoBackup } from '#shared/demo'
import { itemDialsOf, plannedOf, type PieceWork, projectWorkOf, walkInputOf } from '#shared/inputs'
import { DEFAULT_SETTINGS, type Project } from '#shared/records'
import { UNKNOWN_STATE } from '#core/putback'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables

const WORK: PieceWork = { seamM: 1, rows: 1, turns: 0, stitches: 400 }
const asked = (widthMm: number | null, ...lengthsMm: number[]): PieceWork => ({
  ...WORK,
  dialled: { widthMm, lengthsMm },
})
const BLANKET = { widthMm: 4, lengthMm: 3 }

describe('the lengths several plans dial', () => {
  it('are told once each, the shortest first, and none of what lands nowhere', () => {
    const plan = (...parts: [number, number][]) => ({
      parts: parts.map(([count, lengthMm]) => ({ count, lengthMm })),
    })
    expect(marksOfPlans([plan([10, 2.9], [35, 3]), null, plan([4, 3]), plan([0, 5])])).toEqual([2.9, 3])
    expect(marksOfPlans([null])).toEqual([])
  })
})

describe('what a plan dials in place of what is set', () => {
  it('is nothing where it dials what is set, or was not worked out', () => {
    expect(plannedOf(BLANKET, asked(4, 3))).toBeNull()
    expect(plannedOf(BLANKET, asked(null, 3))).toBeNull()
    expect(plannedOf(BLANKET, WORK)).toBeNull()
    expect(plannedOf(BLANKET, null)).toBeNull()
  })
  it('is a smaller bite, or whole stitches of two lengths', () => {
    expect(plannedOf(BLANKET, asked(2.7, 3))).toEqual({ widthMm: 2.7, lengthsMm: [3] })
    expect(plannedOf(BLANKET, asked(null, 2.9, 3))).toEqual({ widthMm: 4, lengthsMm: [2.9, 3] })
    // Nothing on the dial lands: the length that is set is all there is to say.
    expect(plannedOf(BLANKET, asked(2.7))).toEqual({ widthMm: 2.7, lengthsMm: [3] })
  })

  const { setup } = records.pieces.find(({ plan }) => plan.kind === 'edge')!
  const stitchStep = (planned: ReturnType<typeof plannedOf>) =>
    threadingWalk(walkInputOf(setup, tables, DEFAULT_SETTINGS, UNKNOWN_STATE, null, planned)).steps.find(
      ({ id }) => id === 'stitch',
    )!
  it('is what the walk sets, which says what was wanted, and is another step than that', () => {
    const step = stitchStep({ widthMm: 2.7, lengthsMm: [2.9, 3] })
    expect(step.instruction).toMatch(/length 2\.9 and 3, width 2\.7/)
    expect(step.why).toMatch(/^Planned; .* wanted\./)
    expect(step.effect).toMatchObject({ widthMm: 2.7 })
    expect(step.key).not.toBe(stitchStep(null).key)
    expect(stitchStep(null).why).not.toContain('lanned')
  })
})

describe('the numbers of an item', () => {
  const project = records.projects[0]!
  const workOf = (change: Partial<Project['items'][number]> = {}) =>
    projectWorkOf({ ...project, items: project.items.map(item => ({ ...item, ...change })) }, tables)
  const sewn = workOf().find(({ piece }) => piece?.plan.kind === 'topstitching')!
  const stitches = new Map()

  it('are as set, or as its plan decides, and say which', () => {
    const { widthMm, lengthMm } = sewn.setup!.stitch
    expect(itemDialsOf(sewn, null, stitches)).toMatchObject({
      from: 'setup',
      numbers: { widthMm, lengthsMm: [lengthMm], tension: sewn.setup!.tension },
    })
    expect(itemDialsOf(sewn, asked(null, 2.9, 3), stitches)).toMatchObject({
      from: 'plan',
      numbers: { widthMm, lengthsMm: [2.9, 3] },
    })
  })
  it('stay those it was sewn with, whatever is changed later', () => {
    const sewnWith = { stitch: 'Straight', widthMm: 0, lengthsMm: [2.2], tension: 7 }
    const done = workOf({ sewnWith }).find(({ piece }) => piece?.plan.kind === 'topstitching')!
    expect(itemDialsOf(done, asked(null, 2.9, 3), stitches)).toEqual({ from: 'sewn', numbers: sewnWith })
  })
  it('are none for work without a machine, nor for rows that are each set otherwise', () => {
    for (const one of workOf()) {
      const { piece } = one
      const isRowByRow = piece?.plan.kind === 'band' && piece.plan.rows.length > 1
      expect(itemDialsOf(one, null, stitches) === null).toBe(piece === null || isRowByRow)
    }
  })
})
