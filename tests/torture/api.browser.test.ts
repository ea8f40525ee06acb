import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { ROUTES } from '#shared/api'
import { findPort, startServer } from '../../scripts/steps.mjs'
import { type Chance, note, rounds, seeded } from './rounds'

const SEEDS = [
  '{"machine":{"maxWidthMm":7},"needle":{"construction":"twin","gapMm":2,"sizeNm":80},'
    + '"stitch":{"id":"zigzag","widthMm":4.5,"lengthMm":1.5}}',
  '{"label":"50/2 Ne"}',
  '{"thread":{"kind":"metallic","tex":30},"construction":"single"}',
  '{"goal":"flat","dial":{"min":0,"max":9,"home":4.5,"step":0.25},"rows":[{"dial":4,"ridge":2}]}',
]
const TOKENS = [
  '1e999',
  '-1',
  'null',
  '[]',
  '{}',
  '"',
  '[[[[',
  '}',
  'true',
  '__proto__',
  '1e-320',
  '\u0000',
  '😀',
]

function badBody(chance: Chance): string {
  let body = chance.from(SEEDS)
  for (let faults = 1 + chance.below(5); faults > 0; faults--) {
    const at = chance.below(body.length + 1)
    const end = at + chance.below(12)
    body = body.slice(0, at) + chance.from([chance.from(TOKENS), '']) + body.slice(end)
  }
  return chance.below(200) === 0 ? '['.repeat(60_000) : body
}
const memoryMB = (pid: number) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1000

it('answers bad bodies without a fault of its own, a hang, or memory that stays', async () => {
  const count = rounds(10_000, 300)
  const { address, child } = await startServer({ port: await findPort(4360), demo: false })
  try {
    const chance = seeded(11)
    const paths = ROUTES.filter(({ method }) => method === 'POST').map(({ path }) => path)
    const statuses = new Map<number, number>()
    let hangs = 0
    async function send(): Promise<void> {
      try {
        const response = await fetch(address + chance.from(paths), {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: badBody(chance),
          signal: AbortSignal.timeout(5000),
        })
        await response.text()
        statuses.set(response.status, (statuses.get(response.status) ?? 0) + 1)
      } catch {
        hangs += 1
      }
    }
    const sendMany = async (many: number) => {
      for (let sent = 0; sent < many; sent += 8) await Promise.all(Array.from({ length: 8 }, send))
    }
    // A server that has just started has not grown to its working size yet.
    await sendMany(count / 5)
    const before = memoryMB(child.pid!)
    await sendMany(count)
    const after = memoryMB(child.pid!)
    expect([...statuses.keys()].filter(status => status >= 500)).toEqual([])
    expect(hangs).toBe(0)
    expect(after / before).toBeLessThan(1.3)
    const told = [...statuses].sort().map(([status, times]) => `${times} of ${status}`)
    note(
      'api',
      `${count} bad bodies after ${count / 5} to warm up: ${told.join(', ')}, 0 of 5xx, ${hangs} hangs; `
        + `memory ${before.toFixed(0)} MB before, ${after.toFixed(0)} MB after`,
    )
  } finally {
    child.kill()
  }
}, 600_000)
