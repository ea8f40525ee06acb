import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { EXAMPLES, ROUTES } from '#shared/api'
import { findPort, startServer } from '../../scripts/steps.mjs'
import { HEAVIEST } from './heaviest'
import { type Chance, note, rounds, seeded } from './rounds'

const POSTS = ROUTES.filter(({ method }) => method === 'POST').map(({ path }) => path)
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
/** Within the limits of most fields: what they make of an example is often still legal. */
const NUMBERS = ['0', '0.1', '1', '2.5', '7', '20', '100', '1000', '9999.9']

/** A route's own example with numbers of it changed: legal, or nearly so. */
function otherBody(example: string, chance: Chance): string {
  return example.replace(/-?\d+(\.\d+)?/g, number => (chance.below(4) === 0 ? chance.from(NUMBERS) : number))
}
/** The same with pieces of it cut out or put in. */
function badBody(example: string, chance: Chance): string {
  let body = example
  for (let faults = 1 + chance.below(5); faults > 0; faults--) {
    const at = chance.below(body.length + 1)
    const end = at + chance.below(12)
    body = body.slice(0, at) + chance.from([chance.from(TOKENS), '']) + body.slice(end)
  }
  return chance.below(200) === 0 ? '['.repeat(60_000) : body
}
const memoryMB = (pid: number) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1000

let address = ''
let pid = 0
let stop = () => {}
beforeAll(async () => {
  // Busy hosts are no faults of the answers: how long one takes is measured by npm run bench.
  const started = await startServer({
    port: await findPort(4360),
    demo: false,
    env: { LACY_ANSWER_MS: '60000' },
  })
  address = started.address
  pid = started.child.pid!
  stop = () => void started.child.kill()
})
afterAll(() => stop())

interface Seen {
  bodies: number
  slowestMs: number
  largestBytes: number
}
const seen = new Map<string, Seen>()
/** @returns the status; null: no answer within a minute. */
async function post(path: string, body: string): Promise<number | null> {
  const begun = performance.now()
  const entry = seen.get(path) ?? { bodies: 0, slowestMs: 0, largestBytes: 0 }
  seen.set(path, entry)
  try {
    const response = await fetch(address + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
      signal: AbortSignal.timeout(60_000),
    })
    entry.largestBytes = Math.max(entry.largestBytes, (await response.text()).length)
    return response.status
  } catch {
    return null
  } finally {
    entry.bodies += 1
    entry.slowestMs = Math.max(entry.slowestMs, performance.now() - begun)
  }
}
const seenWords = () =>
  [...seen]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([path, { bodies, slowestMs, largestBytes }]) => {
      const slowest = `slowest ${slowestMs.toFixed(0)} ms`
      const largest = `largest ${(largestBytes / 1000).toFixed(0)} kB`
      return `  - ${path.slice('/api/v1'.length)}: ${bodies} bodies, ${slowest}, ${largest}`
    })
    .join('\n')

describe('the server', () => {
  it.each(HEAVIEST.map(heavy => [heavy.name, heavy] as const))(
    'answers %s, and others meanwhile',
    async (_, { path, body, status }) => {
      const answered = post(path, JSON.stringify(body))
      let isDone = false
      void answered.then(() => {
        isDone = true
      })
      let asked = 0
      do {
        const stitches = await fetch(`${address}/api/v1/stitches`)
        expect(stitches.status).toBe(200)
        await stitches.text()
        asked += 1
      } while (!isDone && asked < 1000)
      const its = await answered
      if (status === null) expect([200, 400]).toContain(its)
      else expect(its).toBe(status)
    },
  )

  it('stops the work of those who left', async () => {
    const { path, body } = HEAVIEST.find(({ name }) => name.startsWith('20 rows'))!
    const leaving = new AbortController()
    const left = Array.from({ length: 40 }, () =>
      fetch(address + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
        signal: leaving.signal,
      }).catch(() => null),
    )
    // All of them are asked before they leave.
    for (let asked = 0; asked < 50; asked++) await fetch(`${address}/api/v1/stitches`)
    leaving.abort()
    await Promise.all(left)
    // Their work would take many times the five seconds an answer may take.
    expect(await post('/api/v1/fit', JSON.stringify(EXAMPLES['/api/v1/fit']))).toBe(200)
  })

  it('answers whatever bodies without a fault of its own, a hang, or memory that stays', async () => {
    const count = rounds(10_000, 300)
    const chance = seeded(11)
    const statuses = new Map<number | null, number>()
    async function send(): Promise<void> {
      const path = chance.from(POSTS)
      const example = JSON.stringify(EXAMPLES[path])
      const status = await post(path, chance.from([otherBody, badBody])(example, chance))
      statuses.set(status, (statuses.get(status) ?? 0) + 1)
    }
    const sendMany = async (many: number) => {
      for (let sent = 0; sent < many; sent += 8) await Promise.all(Array.from({ length: 8 }, send))
    }
    // A server that has just started has not grown to its working size yet.
    await sendMany(count / 5)
    const before = memoryMB(pid)
    await sendMany(count)
    const after = memoryMB(pid)
    expect([...statuses.keys()].filter(status => status === null || status >= 500)).toEqual([])
    expect(after / before).toBeLessThan(1.3)
    const memory = `memory ${before.toFixed(0)} MB before, ${after.toFixed(0)} MB after`
    const told = [...statuses].map(([status, times]) => `${times} of ${status}`).sort()
    note(
      'api',
      `${count} bodies after ${count / 5} to warm up, and the ${HEAVIEST.length} heaviest: `
        + `${told.join(', ')}, 0 of 5xx, 0 hangs; ${memory}. By route:\n${seenWords()}\n  `,
    )
  })
}, 600_000)
