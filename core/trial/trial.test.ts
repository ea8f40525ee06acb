import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CoreError } from '#core/errors'
import { bisection, drawMachine, type Habit, seeded, sewRow, stepByOne } from '#core/simulated'
import {
  TRIAL_GOALS,
  GOAL_FACTS,
  markFurther,
  marksOf,
  nearestOf,
  nextTension,
  normalBelow,
  type Reading,
  surenessOf,
  type TrialInput,
  type TrialRow,
  usualPrior,
} from '#core/trial'

const DIAL = { min: 0, max: 9, home: 4.5, step: 0.25 } as const
const TOP = { tension: 9, spread: 0.5 }
const row = (tension: number, show: Reading | null, over: Partial<TrialRow> = {}): TrialRow => ({
  tension,
  show,
  ridge: null,
  skips: false,
  breaks: false,
  ...over,
})
const next = (rows: readonly TrialRow[], over: Partial<TrialInput> = {}) =>
  nextTension({ goal: 'balanced', dial: DIAL, rows, prior: null, care: 'careful', ...over })

describe('the goals', () => {
  // Common practice: which way each goal leads from normal tension.
  it.each([
    ['flat', -1],
    ['raised', 1],
    ['bobbinHair', 1],
    ['metallic', -1],
    ['invisible', -1],
    ['blanket', 0],
    ['balanced', 0],
  ] as const)('%s leads %d from home', (goal, way) => {
    expect(Math.sign(usualPrior(goal, DIAL).tension - DIAL.home)).toBe(way)
  })
  it('take pintucks to the top of the dial as a first try', () =>
    expect(usualPrior('raised', DIAL).tension).toBe(9))
})

describe('marks', () => {
  it('further up and down are on the dial and at least a step away, or there are none', () => {
    expect(markFurther({ ...DIAL, step: 0.1 }, 2.8, 'up')).toBe(3.3)
    // 0.5 further than a number between two marks: the nearest mark.
    expect(markFurther(DIAL, 4.4, 'down')).toBe(4)
    expect(markFurther({ ...DIAL, step: 1 }, 4, 'down')).toBe(3)
    expect([markFurther(DIAL, 8.75, 'up'), markFurther(DIAL, 0.25, 'down')]).toEqual([null, null])
  })
  it('go from end to end, the end among them', () => {
    expect(marksOf({ ...DIAL, step: 2.5 })).toEqual([0, 2.5, 5, 7.5, 9])
    expect(marksOf({ ...DIAL, step: 0.1 })[3]).toBe(0.3)
    expect(nearestOf(marksOf({ ...DIAL, step: 2.5 }), 8.6)).toBe(9)
    expect(nearestOf([1], 5)).toBe(1)
  })
})

it('knows the normal distribution', () => {
  // Source: Abramowitz and Stegun, Handbook of Mathematical Functions, table 26.1.
  for (const [z, share] of [
    [0, 0.5],
    [1, 0.841345],
    [1.96, 0.975002],
    [-2, 0.02275],
  ] as const)
    expect(normalBelow(z)).toBeCloseTo(share, 5)
})

describe('the next number', () => {
  it('begins where it is expected', () => {
    expect(next([])).toMatchObject({ next: 4.5, best: null, settled: false, reason: { code: 'first' } })
    expect(next([], { prior: { tension: 3.1, spread: 0.5 } }).next).toBe(3)
  })
  it(
    'goes up where the top thread shows below, down where the bobbin shows, between where both were '
      + 'seen',
    () => {
      expect(next([row(4.5, -2)])).toMatchObject({ reason: { code: 'higher' } })
      expect(next([row(4.5, -2)]).next!).toBeGreaterThan(5)
      expect(next([row(4.5, 2)]).reason.code).toBe('lower')
      const both = next([row(4.5, -2), row(6.5, 1)])
      expect(both.bracket).toEqual({ low: 4.5, high: 6.5 })
      expect(both.reason.code).toBe('between')
      expect(both.next!).toBeGreaterThan(4.5)
      expect(both.next!).toBeLessThan(6.5)
      // A row that reads as wanted lies on neither side.
      expect(next([row(4.5, -2), row(6.5, 0)]).bracket).toBeNull()
    },
  )
  it('settles once it is sure, and says on what', () => {
    const done = next([row(4.5, 1), row(3.75, 0), row(3.75, 0), row(3.5, 0)])
    expect(done).toMatchObject({ settled: true, next: null, reason: { code: 'settled' } })
    expect(done.best!).toBeGreaterThanOrEqual(3.5)
    expect(done.best!).toBeLessThanOrEqual(3.75)
    expect(done.chance).toBeGreaterThan(0.9)
  })
  it('settles sooner when asked to be quick', () => {
    const rows = [row(4.5, 0), row(4.25, 0)]
    expect(next(rows, { care: 'quick' }).settled).toBe(true)
    expect(next(rows).settled).toBe(false)
  })
  it('repeats a number only to confirm, and says so', () => {
    const { next: again, reason } = next([row(4.5, 0)])
    expect([reason.code, again]).toEqual(['confirm', 4.5])
  })
  it('reads the ridge for a hem and the show for a line, and not the other', () => {
    const rows = [row(4, 3, { ridge: -2 })]
    expect(next(rows, { goal: 'flat' }).reason.code).toBe('higher')
    expect(next(rows, { goal: 'balanced' }).reason.code).toBe('lower')
    expect(next([row(4, null)]).best).toBeNull()
  })
  it('never goes where the thread broke or stitches were skipped', () => {
    const after = next([row(4.5, -2, { breaks: true })])
    expect(after.next!).toBeLessThan(4.5)
    expect(after.reason).toMatchObject({ code: 'breaks' })
    expect(next([row(4.5, null, { skips: true })])).toMatchObject({ reason: { code: 'skips' } })
    expect(next([row(0, -1, { breaks: true })])).toMatchObject({
      next: null,
      outOfReach: true,
      reason: { code: 'breaks-first' },
    })
    expect(next([row(4.5, -3), row(6, -3, { breaks: true }), row(5.75, -3), row(5.5, -3)])).toMatchObject({
      outOfReach: true,
      reason: { code: 'breaks-first' },
    })
  })
  it('says that a goal lies past either end, only after a row there', () => {
    expect(next([row(7, -3), row(9, -3), row(9, -3)])).toMatchObject({
      outOfReach: true,
      next: null,
      reason: { code: 'beyond-top' },
    })
    expect(next([row(2, 3), row(0, 3), row(0, 3)])).toMatchObject({
      outOfReach: true,
      reason: { code: 'beyond-bottom' },
    })
    expect(next([row(4.5, -3), row(5.5, -3)]).outOfReach).toBe(false)
    // A row one mark of a usual dial from the end is near enough to say so, one farther off is not.
    const low = (tension: number) => next([row(tension, 3), row(tension, 3), row(tension, 3)])
    expect(low(1).reason.code).toBe('beyond-bottom')
    expect(low(1.25).outOfReach).toBe(false)
    const high = (tension: number) => next([row(tension, -3), row(tension, -3), row(tension, -3)])
    expect(high(8).reason.code).toBe('beyond-top')
    expect(high(7.75).outOfReach).toBe(false)
  })
  it('takes more than enough ridge for enough in a pintuck', () => {
    expect(next([row(9, null, { ridge: 3 }), row(9, null, { ridge: 3 })], { goal: 'raised' })).toMatchObject({
      settled: true,
      outOfReach: false,
    })
  })
  it('names two rows that disagree, and has the stranger one sewn again', () => {
    const odd = next([row(4, -1), row(5, 0), row(6, -3)])
    expect(odd.disagree).toEqual([1, 2])
    expect(odd.reason.message).toMatch(/^Rows 2 and 3 disagree.*Sew 6 once more\.$/)
    expect(odd.next).toBe(6)
    // Best of three, where the same number gave two very different rows.
    expect(next([row(4, -1), row(5, 0), row(6, -3), row(6, 1)]).reason.message).toMatch(
      /one number cannot give both\. Sew 6 once more/,
    )
    expect(next([row(4, -1), row(5, 0), row(6, -3), row(6, 1), row(6, 1)]).reason.code).not.toBe(
      'contradiction',
    )
  })
  it('settles on the nearest mark of a coarse dial and says how near', () => {
    const coarse = next([row(4, -1), row(5, 1), row(4, -1), row(5, 1)], { dial: { ...DIAL, step: 1 } })
    // No row read the goal, and none can on this dial: as near as it goes is not called found.
    expect(coarse).toMatchObject({ settled: false, next: null, reason: { code: 'nearest' } })
    expect(coarse.reason.message).toMatch(/about \d\.\d of a step off/)
    // Surely the nearest, and still more than half a step off.
    const steep = next([row(4, -2), row(5, 1), row(4, -2)], { dial: { ...DIAL, step: 1 } })
    expect(steep).toMatchObject({
      settled: false,
      best: 5,
      reason: {
        code: 'nearest',
        message: expect.stringMatching(/^5 is the nearest mark: about 0\.[5-9] of a step off\.$/),
      },
    })
  })
  it(
    'says when the number found for one reading spoils the other, by the nearest row, the later of '
      + 'equals',
    () => {
      const found = (...ridges: (Reading | null)[]) =>
        next([row(4.5, 1, { ridge: 3 }), ...ridges.map(ridge => row(3.75, 0, { ridge }))])
      expect(found(2, 2, 2)).toMatchObject({
        settled: true,
        beside: { name: 'ridge', reading: 2, allowed: [-1, 1], mend: expect.stringContaining('stabilize') },
      })
      expect(found(0, -2, -2).beside).toMatchObject({ reading: -2 })
      expect(found(2, 2, 1)).toMatchObject({ settled: true, beside: null })
      expect(found(null, null, null)).toMatchObject({ settled: true, beside: null })
      expect(next([row(4.5, 1, { ridge: 2 })]).beside).toBeNull()
      // A hem is about its tuck height; what the bobbin shows comes second.
      expect(
        next([row(4, 3, { ridge: 0 }), row(4, 3, { ridge: 0 }), row(4, 3, { ridge: 0 })], { goal: 'flat' }),
      ).toMatchObject({
        settled: true,
        beside: { name: 'show', reading: 3, mend: 'match the bobbin’s colour' },
      })
    },
  )
  it('gives up on rows that say nothing but noise', () => {
    const wild: TrialRow[] = []
    const said = [3, -3, 3, -3]
    for (let advice = next(wild); advice.next !== null; advice = next(wild))
      wild.push(row(advice.next, said[wild.length % said.length] as Reading))
    expect(next(wild)).toMatchObject({ next: null, settled: false, reason: { code: 'restless' } })
  })
})

describe('says only what rows said', () => {
  it('finds a number only where a row sewn at it read the goal', () => {
    const found = next([row(4.5, 1), row(3.75, 0), row(3.75, 0), row(3.5, 0)])
    expect(found).toMatchObject({ settled: true, evidence: 'sewn' })
    expect([3.5, 3.75]).toContain(found.best)
    expect(next([row(4.5, -2), row(6, 1)])).toMatchObject({ settled: false, evidence: 'between' })
    expect(next([row(4.5, -2)])).toMatchObject({ settled: false, evidence: 'none' })
    expect(next([])).toMatchObject({ best: null, evidence: 'none', chance: 0 })
  })
  it('quick takes a number between two rows, careful sews it once', () => {
    const likely = [row(3.75, -1), row(5.25, 1), row(3.75, -1), row(5.25, 1)]
    const careful = next(likely)
    expect(careful).toMatchObject({ settled: false, evidence: 'between', reason: { code: 'confirm' } })
    expect(careful.next).toBe(careful.best)
    expect(careful.reason.message).toMatch(/^Likely 4\.5: sew it once\.$/)
    expect(next(likely, { care: 'quick' })).toMatchObject({ settled: true, evidence: 'between', next: null })
  })
  it('confirms a row that read the goal at that very number, before anything else', () => {
    const fine = { dial: { ...DIAL, step: 0.1 }, prior: { tension: 3.6, spread: 0.5 } }
    expect(next([row(3.2, 0)], fine)).toMatchObject({ next: 3.2, reason: { code: 'confirm' } })
    expect(next([row(6, 2), row(4, 0)])).toMatchObject({ next: 4, reason: { code: 'confirm' } })
  })
  it('is stuck when the reading does not move over two marks, and names where else to look', () => {
    // A goal it never saw must never be settled on.
    const rows = [row(4.5, -2), row(6, -2), row(7.5, -2), row(7.25, -2)]
    for (const count of [3, 4])
      expect(next(rows.slice(0, count))).toMatchObject({
        next: null,
        settled: false,
        outOfReach: false,
        reason: { code: 'stuck', message: expect.stringMatching(/discs.*foot.*bobbin.*needle/) },
      })
    expect(next(rows.slice(0, 2)).reason.code).not.toBe('stuck')
    // Less than two marks of a usual dial, or the scale's own end, says nothing yet.
    expect(next([row(4.5, -2), row(5, -2), row(6.25, -2)]).reason.code).not.toBe('stuck')
    expect(next([row(4.5, -3), row(6, -3), row(7.5, -3)]).reason.code).not.toBe('stuck')
    expect(next([row(3, 0), row(4, 0), row(5, 0)]).reason.code).not.toBe('stuck')
  })
  it('asks how it was read when more tension reads less in every row', () => {
    expect(next([row(4, 2), row(5, 1), row(6, -1)])).toMatchObject({
      next: null,
      settled: false,
      reason: { code: 'backwards' },
    })
    expect(next([row(4, -1), row(5, 0), row(6, 1)]).reason.code).not.toBe('backwards')
    expect(next([row(4, 1), row(5, -1)]).reason.code).not.toBe('backwards')
    expect(next([row(4, 2), row(5, 1), row(6, -1), row(7, 0)]).reason.code).not.toBe('backwards')
  })
  it('says that the goal lies just past the end, and does not sew the last mark five times', () => {
    const rows: TrialRow[] = []
    const said = [0, 0, -1, 0, -1] as const
    for (let advice = next(rows, { prior: TOP }); advice.next !== null; advice = next(rows, { prior: TOP }))
      rows.push(row(advice.next, advice.next === 9 ? said[rows.length % 5]! : -1))
    expect(rows.filter(({ tension }) => tension === 9).length).toBeLessThanOrEqual(3)
    expect(next([row(9, -1), row(9, -1), row(9, -1)], { prior: TOP })).toMatchObject({
      outOfReach: true,
      reason: { code: 'beyond-top' },
    })
  })
  it.each([0, 1] as const)('never sends a tuck that reads %d at 4 to a lower number', reading => {
    const { next: at } = next([row(4, null, { ridge: reading })], { goal: 'raised' })
    expect(at!).toBeGreaterThan(4)
  })
  it('is less sure of rows that hardly agree', () => {
    const steady = next([row(4, -1), row(5, 1), row(4.5, 0), row(4.5, 0)])
    const shaky = next([row(4, -1), row(4, 1), row(5, -1), row(5, 1), row(4.5, 0), row(4.5, 0)])
    expect(shaky.chance).toBeLessThan(steady.chance - 0.1)
  })
  it('says how sure it is by the lower end of the range', () => {
    const words = (settled: boolean) =>
      [0.9, 0.75, 0.6, 0.3].map(low => surenessOf({ settled, chanceRange: { low, high: 0.99 } }))
    expect(words(true)).toEqual(['sure', 'sure', 'likely', 'a first guess'])
    expect(words(false)).toEqual(['likely', 'likely', 'likely', 'a first guess'])
  })
})

describe('what it refuses', () => {
  it.each<[string, Partial<TrialInput>, string, string]>([
    ['a step of 0', { dial: { ...DIAL, step: 0 } }, 'out-of-range', 'dial.step'],
    ['a home outside the dial', { dial: { ...DIAL, home: 12 } }, 'out-of-range', 'dial.home'],
    ['ends the wrong way round', { dial: { ...DIAL, max: -1 } }, 'out-of-range', 'dial.max'],
    ['a row outside the dial', { rows: [row(11, 0)] }, 'out-of-range', 'rows.0.dial'],
    ['NaN', { rows: [row(NaN, 0)] }, 'non-finite', 'rows.0.dial'],
    ['a spread of nothing', { prior: { tension: 4, spread: 0 } }, 'out-of-range', 'prior.spread'],
    ['200 rows', { rows: Array.from({ length: 200 }, () => row(4, 0)) }, 'too-many', 'rows'],
  ])('%s', (_, over, code, field) => {
    let thrown: unknown
    try {
      next([], over)
    } catch (error) {
      thrown = error
    }
    expect(thrown).toBeInstanceOf(CoreError)
    expect(thrown).toMatchObject({ code, details: { field } })
  })
})

const anyDial = fc
  .record({
    min: fc.integer({ min: -5, max: 5 }),
    marks: fc.integer({ min: 3, max: 40 }),
    home: fc.double({ min: 0, max: 1, noNaN: true }),
    step: fc.constantFrom(0.1, 0.25, 0.5, 1),
  })
  .map(({ min, marks, home, step }) => ({
    min,
    max: min + marks * step,
    home: min + home * marks * step,
    step,
  }))

describe('whatever the machine answers', () => {
  it('stays on the dial, below every break, and stops', () => {
    fc.assert(
      fc.property(
        anyDial,
        fc.constantFrom(...TRIAL_GOALS),
        fc.constantFrom('careful' as const, 'quick' as const),
        fc.array(
          fc.record({ reading: fc.integer({ min: -3, max: 3 }), breaks: fc.integer({ min: 0, max: 9 }) }),
          { minLength: 40, maxLength: 40 },
        ),
        (dial, goal, care, answers) => {
          const rows: TrialRow[] = []
          const { leads } = GOAL_FACTS[goal]
          for (const { reading, breaks } of answers) {
            const { next: at, settled } = nextTension({ goal, dial, rows, prior: null, care })
            if (at === null) return
            expect(settled).toBe(false)
            expect(marksOf(dial)).toContain(at)
            for (const sewn of rows) if (sewn.breaks) expect(at).toBeLessThan(sewn.tension)
            rows.push({
              tension: at,
              ridge: null,
              show: null,
              skips: false,
              breaks: breaks === 0,
              [leads]: reading as Reading,
            })
          }
          expect.unreachable('it never stopped')
        },
      ),
      { numRuns: 60 },
    )
  })
  it('has a bracket that only shrinks and holds the next number, on a machine without noise', () => {
    fc.assert(
      fc.property(
        anyDial,
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: 0.5, max: 3, noNaN: true }),
        (dial, where, slope) => {
          const goalMark = dial.min + where * (dial.max - dial.min)
          const rows: TrialRow[] = []
          let before = { low: -Infinity, high: Infinity }
          for (let i = 0; i < 12; i++) {
            const { next: at, bracket } = nextTension({
              goal: 'balanced',
              dial,
              rows,
              prior: null,
              care: 'careful',
            })
            if (bracket) {
              expect(bracket.low).toBeGreaterThanOrEqual(before.low)
              expect(bracket.high).toBeLessThanOrEqual(before.high)
              before = bracket
              if (at !== null) expect(at >= bracket.low - 1e-9 && at <= bracket.high + 1e-9).toBe(true)
            }
            if (at === null) return
            rows.push(row(at, Math.max(-3, Math.min(3, Math.round(slope * (at - goalMark)))) as Reading))
          }
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('against the habits it replaces, on 300 simulated machines', () => {
  const dial = { min: 0, max: 9, home: 4.5, step: 0.25 }
  const prior = { tension: 4.5, spread: 1 }
  function outcome(choose: (rows: TrialRow[]) => { next: number | null; best: number }) {
    const random = seeded(3)
    const all = Array.from({ length: 300 }, () => {
      const machine = drawMachine('balanced', dial, prior, random)
      const rows: TrialRow[] = []
      for (;;) {
        const { next: at, best } = choose(rows)
        if (at === null)
          return { rows: rows.length, off: Math.abs(machine.slope * (best - machine.goalMark)) }
        rows.push(sewRow(machine, at, random))
      }
    })
    const rows = all.map(one => one.rows).sort((a, b) => a - b)
    return {
      median: rows[150]!,
      slow: rows[285]!,
      wrong: all.filter(({ off }) => off > 0.5).length / all.length,
    }
  }
  const ours = outcome(rows => {
    const advice = nextTension({ goal: 'balanced', dial, rows, prior, care: 'careful' })
    return { next: advice.next, best: advice.best ?? prior.tension }
  })
  const habit = (one: Habit) =>
    outcome(rows => ({ next: one('balanced', dial, rows), best: rows.at(-1)?.tension ?? dial.home }))
  it('needs three rows in the median and is rarely wrong', () => {
    expect(ours.median).toBe(3)
    expect(ours.slow).toBeLessThanOrEqual(6)
    expect(ours.wrong).toBeLessThan(0.08)
  })
  it('is wrong at least three times less often than stepping by one, and less than bisection', () => {
    expect(habit(stepByOne).wrong / ours.wrong).toBeGreaterThan(3)
    expect(habit(bisection).wrong).toBeGreaterThan(ours.wrong)
  })
})
