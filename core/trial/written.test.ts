import { expect, it } from 'vitest'
import {
  GOAL_FACTS,
  nextTension,
  type Reading,
  type SteppedDial,
  type TrialAdvice,
  type TrialInput,
  type TrialRow,
} from '#core/trial'

/**
 * Whole trials on simulated machines, row by row as a sewist is led through them. A machine answers without
 * noise but for the rows named; numbers are rounded so that no other processor can change them. `npx vitest
 * run core/trial -u` writes them anew: read what changed.
 */
interface Machine {
  /** Where its goal lies, in the dial's marks, and how many steps of the reading one mark makes. */
  readonly goalMark: number
  readonly slope: number
  /** From here on the thread breaks, or stitches are skipped. */
  readonly breaksAt?: number
  readonly skipsAt?: number
  /** What is added to the reading of a row, by place: a slip of the eye. */
  readonly slips?: Readonly<Record<number, number>>
  /** What the other reading shows, whatever the tension. */
  readonly other?: Reading
}
type Trial = Partial<Omit<TrialInput, 'rows'>> & { readonly machine: Machine }

const NINE: SteppedDial = { min: 0, max: 9, home: 4.5, step: 0.25 }
const FINE: SteppedDial = { min: 0, max: 9, home: 4, step: 0.1 }
const WHOLE: SteppedDial = { min: 0, max: 9, home: 4, step: 1 }
const ODD: SteppedDial = { min: -5, max: 5, home: 0, step: 0.3 }

const TRIALS: Readonly<Record<string, Trial>> = {
  'balanced, goal at home': { machine: { goalMark: 4.5, slope: 1.3 } },
  'balanced, goal low': { machine: { goalMark: 2.1, slope: 1 } },
  'balanced, goal high, quick': { care: 'quick', machine: { goalMark: 7.3, slope: 0.8 } },
  'balanced, steep, fine dial': { dial: FINE, machine: { goalMark: 4.85, slope: 3 } },
  'balanced, slack dial of odd steps': { dial: ODD, machine: { goalMark: 1.4, slope: 0.5 } },
  'whole marks, goal between two': { dial: WHOLE, machine: { goalMark: 4.5, slope: 1.4 } },
  'whole marks, steep': { dial: WHOLE, machine: { goalMark: 4.45, slope: 2.4 }, care: 'quick' },
  'raised pintuck': { goal: 'raised', machine: { goalMark: 7, slope: 1, other: 2 } },
  'raised pintuck that breaks': { goal: 'raised', machine: { goalMark: 8.5, slope: 0.7, breaksAt: 7 } },
  'flat hem, stands up beside it': { goal: 'flat', machine: { goalMark: 4, slope: 1.2, other: 2 } },
  'flat hem, pulled under beside it': { goal: 'flat', machine: { goalMark: 4, slope: 1.2, other: -3 } },
  'metallic, skips on the way': { goal: 'metallic', machine: { goalMark: 1.5, slope: 1.1, skipsAt: 3 } },
  'satin, slack beside it': { goal: 'satin', machine: { goalMark: 3.6, slope: 1.3, other: -2 } },
  'hair of bobbin after an own swatch': {
    goal: 'bobbinHair',
    prior: { tension: 6, spread: 0.5 },
    machine: { goalMark: 5.6, slope: 1.3 },
  },
  'an own swatch that was far off': {
    prior: { tension: 7.5, spread: 0.4 },
    machine: { goalMark: 3, slope: 1 },
  },
  'a slip in the second row': { machine: { goalMark: 5, slope: 1.2, slips: { 1: 3 } } },
  'slips that disagree': { machine: { goalMark: 5, slope: 1.2, slips: { 1: -3, 2: 3 } } },
  'slips without end': { machine: { goalMark: 4.5, slope: 0, slips: { 0: 3, 2: 3, 4: 3, 6: 3, 8: 3 } } },
  'past the top': { machine: { goalMark: 13, slope: 1 } },
  'past the bottom': { goal: 'invisible', machine: { goalMark: -4, slope: 1.2 } },
  'past the bottom of a fine dial': { dial: FINE, goal: 'flat', machine: { goalMark: -2.5, slope: 1.6 } },
  'breaks at every mark': { machine: { goalMark: 4, slope: 1, breaksAt: 0 } },
  'skips below the goal': { machine: { goalMark: 6, slope: 1, skipsAt: 5 } },
  'blanket stitch': { goal: 'blanket', machine: { goalMark: 4.9, slope: 1, other: 1 } },
}

const MOST_ROWS = 14

function sewn({ machine, goal = 'balanced' }: Trial, tension: number, place: number): TrialRow {
  const { goalMark, slope, breaksAt = Infinity, skipsAt = Infinity, slips, other } = machine
  const { leads, target } = GOAL_FACTS[goal]
  const truth = Math.round(target + slope * (tension - goalMark) + (slips?.[place] ?? 0))
  const reading = Math.max(-3, Math.min(3, truth)) as Reading
  return {
    tension,
    ridge: leads === 'ridge' ? reading : (other ?? null),
    show: leads === 'show' ? reading : (other ?? null),
    breaks: tension >= breaksAt,
    skips: tension >= skipsAt,
  }
}

const rounded = (value: number | null) =>
  value === null ? 'none' : (Math.round(value * 1000) / 1000).toFixed(3)

function written(advice: TrialAdvice): string {
  const { next, best, chance, offReadings, estimate, bracket, outOfReach, settled, reason, beside } = advice
  return [
    `${reason.code}: ${reason.message}`,
    `  next ${next}, best ${best}, chance ${rounded(chance)}, off ${rounded(offReadings)}`
      + `${settled ? ', settled' : ''}${outOfReach ? ', out of reach' : ''}`,
    `  goal about ${rounded(estimate.tension)} ± ${rounded(estimate.spread)}`
      + (bracket ? `, between ${bracket.low} and ${bracket.high}` : ''),
    advice.disagree && `  rows ${advice.disagree.join(' and ')} disagree`,
    beside && `  beside: ${JSON.stringify(beside)}`,
  ]
    .filter(Boolean)
    .join('\n')
}

it.each(Object.entries(TRIALS))('the trial %s', async (name, trial) => {
  const { machine: _, ...input } = trial
  const rows: TrialRow[] = []
  const lines: string[] = []
  while (rows.length < MOST_ROWS) {
    const advice = nextTension({ goal: 'balanced', dial: NINE, prior: null, care: 'careful', ...input, rows })
    lines.push(written(advice))
    if (advice.next === null) break
    const row = sewn(trial, advice.next, rows.length)
    const faults = `${row.breaks ? ' breaks' : ''}${row.skips ? ' skips' : ''}`
    lines.push(`sewn ${row.tension}: ridge ${row.ridge}, show ${row.show}${faults}`)
    rows.push(row)
  }
  const file = name.replaceAll(/\W+/g, '-')
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./written/${file}.txt`)
})
