import { bench, describe } from 'vitest'
import { bestStacks } from '#core/band'
import { type Needs, orderOfWork } from '#core/order'

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
const pieces = Array.from({ length: 16 }, (_, i) => {
  const needs: Needs = {
    machine: 'Attic',
    needle: `n${(i * 7) % 5}`,
    threads: [`t${(i * 5) % 6}`, `u${i % 3}`],
    bobbin: `b${i % 4}`,
    plate: 'zigzag',
    foot: `f${(i * 3) % 4}`,
    stabilizer: i % 2 ? 'tear-away' : '',
    tension: `${(i * 11) % 7}`,
  }
  return { id: String(i), needs }
})
const choices = Array.from({ length: 12 }, (_, i) => ({ id: `stitch ${i}`, widthMm: 2 + 0.45 * i }))

describe('bands and order', () => {
  bench('sixteen pieces in order', () => {
    orderOfWork(pieces, [[0, 5]], null, MINUTES)
  })
  bench('twelve pieces in order', () => {
    orderOfWork(pieces.slice(0, 12), [[0, 5]], null, MINUTES)
  })
  bench('nine rows from twelve stitches', () => {
    bestStacks(32, choices, 0.5, 0.2, 9, 50)
  })
})
