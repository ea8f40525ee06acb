import { describe, expect, it } from 'vitest'
import { besideOf } from './beside'
import { GOAL_FACTS } from './goalFacts'
import { type Reading, TRIAL_GOALS } from './goals'
import type { TrialRow } from './types'

const DIAL = { min: 0, max: 9, home: 4.5, step: 0.25 }
const row = (tension: number, ridge: Reading | null, show: Reading | null = null): TrialRow => ({
  tension,
  ridge,
  show,
  skips: false,
  breaks: false,
})
/** A balanced line is read for its show; beside it the tuck height may lie from −1 to 1. */
const beside = (...rows: TrialRow[]) => besideOf('balanced', DIAL, rows, 4)

describe('the other reading at the number found', () => {
  it.each<[Reading, string | null]>([
    [-3, 'hold the cloth with a stabilizer'],
    [-2, 'hold the cloth with a stabilizer'],
    [-1, null],
    [0, null],
    [1, null],
    [2, 'lengthen the stitch, stabilize, or take a narrower gap'],
  ])('a ridge of %d beside a balanced line: %s', (ridge, mend) =>
    expect(beside(row(4, ridge))?.mend ?? null).toBe(mend),
  )
  it.each<[Reading, string | null]>([
    [-3, 'thread once more with the foot up, then look at the bobbin'],
    [-2, null],
    [1, null],
    [2, 'match the bobbin’s colour'],
  ])('a show of %d beside a flat hem: %s', (show, mend) =>
    expect(besideOf('flat', DIAL, [row(4, 0, show)], 4)?.mend ?? null).toBe(mend),
  )
  it('counts within half a mark of a usual dial, and no farther', () => {
    expect(beside(row(4.5, 3))).not.toBeNull()
    expect(beside(row(3.5, 3))).not.toBeNull()
    expect(beside(row(4.55, 3))).toBeNull()
    expect(beside(row(3.4, 3))).toBeNull()
  })
  it('is the nearest row’s, of equally near ones the last', () => {
    expect(beside(row(4.25, 3), row(4, 2), row(4.5, 3))?.reading).toBe(2)
    expect(beside(row(3.75, 2), row(4.25, 3))?.reading).toBe(3)
    expect(beside(row(4.25, 3), row(3.75, 2))?.reading).toBe(2)
    expect(beside(row(4, 3), row(4, 0))).toBeNull()
  })
  it('passes over rows nobody looked at', () => {
    expect(beside(row(4, null), row(4.25, 3))?.reading).toBe(3)
    expect(beside(row(4, null))).toBeNull()
    expect(beside()).toBeNull()
  })
})

// Our own reading of the goals, written down: where the other reading may lie beside each.
it('allows each goal its own room beside it', () =>
  expect(TRIAL_GOALS.map(goal => [goal, GOAL_FACTS[goal].target, GOAL_FACTS[goal].other])).toEqual([
    ['flat', 0, [-2, 1]],
    ['raised', 2, [-3, 3]],
    ['balanced', 0, [-1, 1]],
    ['bobbinHair', 1, [-1, 1]],
    ['invisible', -1, [-1, 0]],
    ['satin', -1, [-1, 1]],
    ['metallic', -1, [-1, 1]],
    ['blanket', 0, [-1, 0]],
  ]))
