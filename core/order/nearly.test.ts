import { describe, expect, it } from 'vitest'
import { changesBetween, DEFAULT_CHANGE_MINUTES, type Needs, orderOfWork } from '#core/order'
import { annealedMinutes, randomProject } from '../../tests/unit/randomProjects'

/**
 * The fewest minutes annealing came to for each random project: three times 1.5 million steps, seeds 1 to
 * 3, `annealedMinutes` of tests/unit/randomProjects.ts.
 */
const ANNEALED = [
  121, 95.5, 102.5, 119.5, 115.5, 127.5, 151.5, 126, 121.5, 165, 132, 146.5, 166, 148.5, 156.5, 199.5, 164.5,
  179, 204, 169.5, 185, 223.5, 194.5, 199,
]
const over = ANNEALED.map((annealed, number) => {
  const { pieces, before } = randomProject(number)
  const found = orderOfWork(pieces, before, null, DEFAULT_CHANGE_MINUTES)
  return { ...found, over: found.changeMinutes / Math.min(annealed, found.changeMinutes) - 1, before }
})

describe('the order of 17 to 40 pieces', () => {
  it('is within 1 % of the best found by long annealing in the mean, and within 3 % at worst', () => {
    expect(over.reduce((sum, one) => sum + one.over, 0) / over.length).toBeLessThanOrEqual(0.01)
    expect(Math.max(...over.map(one => one.over))).toBeLessThanOrEqual(0.03)
  })
  it('keeps every “before”, and comes out the same again', () => {
    for (const { order, before } of over)
      for (const [a, b] of before) expect(order.indexOf(a)).toBeLessThan(order.indexOf(b))
    const { pieces, before } = randomProject(5)
    expect(orderOfWork(pieces, before, null, DEFAULT_CHANGE_MINUTES).order).toEqual(over[5]!.order)
  })
  it('is held against an annealing that comes to what is written down', () =>
    expect(annealedMinutes(randomProject(1), 60_000, 1)).toBeLessThanOrEqual(ANNEALED[1]! * 1.1))
})

describe('a change of machine', () => {
  const on = (machine: string, over: Partial<Needs> = {}): Needs => ({
    machine,
    needle: '2.0/80',
    threads: ['white', 'white'],
    bobbin: 'white',
    plate: 'zigzag',
    foot: '',
    stabilizer: '',
    tension: '4',
    ...over,
  })
  it('takes all that must be set up again on the other one', () => {
    expect(changesBetween(on('Attic'), on('Kitchen'))).toEqual([
      'machine',
      'needle',
      'bobbin',
      'plate',
      'tension',
      'thread',
      'thread',
    ])
    // What the piece does not need is not set up.
    expect(changesBetween(on('Attic'), on('Kitchen', { threads: [], tension: '' }))).toEqual([
      'machine',
      'needle',
      'bobbin',
      'plate',
    ])
  })
  it('is made once where pieces of each machine can be sewn together', () => {
    const pieces = ['Attic', 'Kitchen', 'Attic', 'Kitchen'].map((machine, i) => ({
      id: String(i),
      needs: on(machine),
    }))
    const { order, steps } = orderOfWork(pieces, [], null, DEFAULT_CHANGE_MINUTES)
    const machines = order.map(place => pieces[place]!.needs.machine)
    expect(machines[0]).toBe(machines[1])
    expect(steps.flatMap(({ changes }) => changes).filter(one => one === 'machine')).toHaveLength(1)
  })
})
