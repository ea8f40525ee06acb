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

describe('strips of none to three rows, one after the other', () => {
  bench('the next number', () => {
    nextTension({
      goal: 'balanced',
      dial: { min: 0, max: 9, home: 4.5, step: 0.1 },
      rows: strips[turn++ % strips.length]!,
      prior: null,
      care: 'careful',
    })
  })
})
