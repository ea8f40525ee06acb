import { bench, describe } from 'vitest'
import { nextTension, type TrialRow } from '#core/trial'

const row = (tension: number, show: TrialRow['show']): TrialRow => ({
  tension,
  show,
  ridge: null,
  skips: false,
  breaks: false,
})
const strips: TrialRow[][] = [
  [],
  [row(4.5, 2)],
  [row(4.5, 2), row(3, -1)],
  [row(4.5, 1), row(3.5, 0), row(3.25, -1)],
]
let turn = 0

const READER = { scatter: 0.35, scatterSpread: 0.1, bias: 0.2, biasSpread: 0.12 } as const
function next(reader: typeof READER | null): void {
  nextTension({
    goal: 'balanced',
    dial: { min: 0, max: 9, home: 4.5, step: 0.1 },
    rows: strips[turn++ % strips.length]!,
    prior: null,
    care: 'careful',
    reader,
  })
}

describe('strips of none to three rows, one after the other', () => {
  bench('the next number', () => next(null))
  bench('the next number, for a reader who was measured', () => next(READER))
})
