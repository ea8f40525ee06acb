import {
  changeMinutes,
  changesBetween,
  DEFAULT_CHANGE_MINUTES,
  type Needs,
  type WorkPiece,
} from '#core/order'
import { seeded } from '#core/simulated'

export interface RandomProject {
  readonly pieces: readonly WorkPiece[]
  readonly before: readonly (readonly [number, number])[]
}

/** A project of 17 pieces and more, every third of them for two machines: the same for the same number. */
export function randomProject(number: number): RandomProject {
  const next = seeded(1000 + number)
  const pick = (count: number) => Math.floor(next() * count)
  const count = 17 + number
  const machines = number % 3 === 0 ? 2 : 1
  const pieces = Array.from({ length: count }, (_, i) => {
    const needs: Needs = {
      machine: `m${pick(machines)}`,
      needle: `n${pick(5)}`,
      threads: Array.from({ length: 1 + pick(2) }, () => `t${pick(6)}`),
      bobbin: `b${pick(4)}`,
      plate: `p${pick(2)}`,
      foot: `f${pick(4)}`,
      stabilizer: ['', 'tear-away'][pick(2)]!,
      tension: `${pick(6)}`,
    }
    return { id: String(i), needs }
  })
  const before = Array.from({ length: pick(8) }, (): [number, number] => {
    const a = pick(count - 1)
    return [a, a + 1 + pick(count - a - 1)]
  })
  return { pieces, before }
}

const HOT_MIN = 4
const COLD_MIN = 0.02

/**
 * Simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983), apart from the project's own way: neighbouring
 * blocks change places at random, at first whatever it costs.
 *
 * @returns the fewest minutes it came to.
 */
export function annealedMinutes({ pieces, before }: RandomProject, steps: number, seed: number): number {
  const count = pieces.length
  const minutes = pieces.map(a =>
    pieces.map(b => changeMinutes(changesBetween(a.needs, b.needs), DEFAULT_CHANGE_MINUTES)),
  )
  const next = seeded(seed)
  const place = () => Math.floor(next() * (count + 1))
  let order = pieces.map((_, i) => i)
  const step = (from: number, to: number) =>
    from < 0 || to >= count ? 0 : minutes[order[from]!]![order[to]!]!
  const keeps = (one: readonly number[]) => before.every(([a, b]) => one.indexOf(a) < one.indexOf(b))
  let now = order.slice(1).reduce((sum, _, k) => sum + step(k, k + 1), 0)
  let best = now
  for (let turn = 0; turn < steps; turn++) {
    const [i, j, k] = [place(), place(), place()].sort((a, b) => a - b) as [number, number, number]
    if (i === j || j === k) continue
    const more =
      step(i - 1, j) + step(k - 1, i) + step(j - 1, k) - step(i - 1, i) - step(j - 1, j) - step(k - 1, k)
    const heat = HOT_MIN * (COLD_MIN / HOT_MIN) ** (turn / steps)
    if (more > 0 && next() >= Math.exp(-more / heat)) continue
    const tried = [...order.slice(0, i), ...order.slice(j, k), ...order.slice(i, j), ...order.slice(k)]
    if (!keeps(tried)) continue
    order = tried
    now += more
    best = Math.min(best, now)
  }
  return best
}
