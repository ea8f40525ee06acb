import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { changeMinutes, changesBetween, type Needs, orderOfWork } from '#core/order'

const MINUTES = {
  machine: 1,
  needle: 2,
  thread: 1.5,
  bobbin: 1,
  plate: 2,
  foot: 0.5,
  stabilizer: 1,
  tension: 3,
}
const NONE: Needs = {
  machine: 'Attic',
  needle: '',
  threads: [],
  bobbin: '',
  plate: '',
  foot: '',
  stabilizer: '',
  tension: '',
}
const needs = (over: Partial<Needs>): Needs => ({ ...NONE, ...over })
const WORK = [
  needs({ needle: '2.0/80', threads: ['white', 'white'], bobbin: 'white', foot: 'grooved', tension: '7' }),
  needs({ needle: '100/16', threads: ['red pearl'], bobbin: 'navy', foot: 'open', tension: '4' }),
  needs({
    needle: '2.0/80',
    threads: ['slate', 'gold'],
    bobbin: 'grey',
    foot: 'open',
    stabilizer: 'tear-away',
    tension: '2.8',
  }),
  needs({ needle: '100/16', threads: ['blue pearl'], bobbin: 'navy', foot: 'open', tension: '4' }),
].map((one, i) => ({ id: String(i), needs: one }))

describe('what is changed between two pieces', () => {
  it('is each need that differs, and each thread’s place', () => {
    expect(changesBetween(WORK[0]!.needs, WORK[1]!.needs)).toEqual([
      'needle',
      'bobbin',
      'foot',
      'tension',
      'thread',
      'thread',
    ])
    expect(changeMinutes(['needle', 'thread', 'thread'], MINUTES)).toBe(5)
  })
})

describe('the order of work', () => {
  // Worked by hand.
  it('answers the worked example', () => {
    const {
      order,
      changeMinutes: all,
      typedMinutes,
      proven,
      steps,
    } = orderOfWork(WORK, [[0, 3]], null, MINUTES)
    expect([all, typedMinutes, proven]).toEqual([19.5, 29.5, true])
    expect([
      [2, 0, 1, 3],
      [2, 0, 3, 1],
    ]).toContainEqual(order)
    expect(steps[0]).toEqual({ piece: order[0], changes: [], minutes: 0 })
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(19.5)
  })
  it('counts what is on the machine now, and says when the order typed breaks a rule', () => {
    const { steps, typedMinutes } = orderOfWork(WORK, [[3, 0]], WORK[1]!.needs, MINUTES)
    expect(typedMinutes).toBeNull()
    expect(steps[0]!.minutes).toBeGreaterThanOrEqual(0)
    expect(orderOfWork([WORK[0]!], [], WORK[1]!.needs, MINUTES).changeMinutes).toBe(9.5)
  })

  const some = fc.constantFrom('', 'a', 'b', 'c')
  const anyNeeds = fc.record({
    machine: fc.constant('Attic'),
    needle: some,
    threads: fc.array(some, { maxLength: 3 }),
    bobbin: some,
    plate: fc.constantFrom('zigzag', 'single'),
    foot: some,
    stabilizer: fc.constantFrom('', 'tear'),
    tension: some,
  })
  const arrange = (count: number) =>
    fc.record({
      list: fc.array(anyNeeds, { minLength: count, maxLength: count }),
      // The first of a pair is always the smaller place: never a cycle.
      pairs: fc.array(
        fc
          .tuple(fc.integer({ min: 0, max: count - 2 }), fc.integer({ min: 1, max: count - 1 }))
          .filter(([a, b]) => a < b),
        { maxLength: 4 },
      ),
    })
  // Reference: all orders, one after the other.
  it('takes as few minutes as the best of all orders', () =>
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 7 }).chain(arrange), ({ list, pairs }) => {
        const pieces = list.map((one, i) => ({ id: String(i), needs: one }))
        const found = orderOfWork(pieces, pairs, null, MINUTES)
        let least = Infinity
        const visit = (order: number[]) => {
          if (order.length === list.length) {
            const cost = order
              .slice(1)
              .reduce(
                (sum, piece, k) =>
                  sum + changeMinutes(changesBetween(list[order[k]!]!, list[piece]!), MINUTES),
                0,
              )
            least = Math.min(least, cost)
            return
          }
          for (let i = 0; i < list.length; i++)
            if (!order.includes(i) && pairs.every(([a, b]) => b !== i || order.includes(a)))
              visit([...order, i])
        }
        visit([])
        expect(found.changeMinutes).toBeCloseTo(least, 9)
        for (const [a, b] of pairs) expect(found.order.indexOf(a)).toBeLessThan(found.order.indexOf(b))
      }),
      { numRuns: 60 },
    ))
  it('of over 16 is a good one, keeps every rule, and says that it is not proven', () =>
    fc.assert(
      fc.property(arrange(22), ({ list, pairs }) => {
        const pieces = list.map((one, i) => ({ id: String(i), needs: one }))
        const { order, changeMinutes: all, typedMinutes, proven } = orderOfWork(pieces, pairs, null, MINUTES)
        expect(proven).toBe(false)
        expect(order.toSorted((a, b) => a - b)).toEqual(list.map((_, i) => i))
        for (const [a, b] of pairs) expect(order.indexOf(a)).toBeLessThan(order.indexOf(b))
        expect(all).toBeLessThanOrEqual(typedMinutes!)
      }),
      { numRuns: 20 },
    ))
  it.each<[string, () => unknown, string]>([
    [
      'a cycle',
      () =>
        orderOfWork(
          WORK,
          [
            [0, 1],
            [1, 2],
            [2, 0],
          ],
          null,
          MINUTES,
        ),
      'cycle',
    ],
    ['a piece before itself', () => orderOfWork(WORK, [[1, 1]], null, MINUTES), 'cycle'],
    ['41 pieces', () => orderOfWork(Array(41).fill(WORK[0]), [], null, MINUTES), 'too-many'],
    ['a piece there is not', () => orderOfWork(WORK, [[0, 4]], null, MINUTES), 'out-of-range'],
    ['minutes of NaN', () => orderOfWork(WORK, [], null, { ...MINUTES, foot: Number.NaN }), 'non-finite'],
  ])('with %s is refused', (_, work, code) => expect(work).toThrow(expect.objectContaining({ code })))
})

describe('a piece that leaves other things on than it was begun with', () => {
  const white = needs({ threads: ['white'] })
  const blue = needs({ threads: ['blue'] })
  it('is followed by what it leaves', () => {
    const found = orderOfWork(
      [
        { id: 'plain', needs: white },
        { id: 'two-coloured', needs: white, leaves: blue },
        { id: 'blue', needs: blue },
      ],
      [],
      null,
      MINUTES,
    )
    // In this order nothing is changed between them; any other changes a thread.
    expect([found.order, found.changeMinutes]).toEqual([[0, 1, 2], 0])
    expect(found.steps.flatMap(({ changes }) => changes)).toEqual([])
  })
})
