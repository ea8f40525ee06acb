import { describe, expect, it } from 'vitest'

/** Every module of core and shared, and its text. */
const MODULES = import.meta.glob<Record<string, unknown>>(
  ['/core/**/*.ts', '/shared/**/*.ts', '!**/*.test.ts', '!**/*.bench.ts'],
  { eager: true },
)
const TEXTS = import.meta.glob<string>(
  ['/core/**/*.ts', '/shared/**/*.ts', '!**/*.test.ts', '!**/*.bench.ts'],
  { query: '?raw', import: 'default', eager: true },
)
interface Example {
  readonly file: string
  readonly line: number
  readonly call: string
  readonly said: string
}

/** Lines of `@example` that say what comes out: `call // outcome`. */
function examplesIn(file: string, text: string): Example[] {
  let isInside = false
  return text.split('\n').flatMap((line, i) => {
    if (line.includes('@example')) isInside = true
    else if (/\*\/|\* @/.test(line)) isInside = false
    const [, call, said] = /^ *\* (\S.*?) \/\/ (.+)$/.exec(line) ?? []
    return isInside && call && said ? [{ file, line: i + 1, call, said }] : []
  })
}
const EXAMPLES = Object.entries(TEXTS).flatMap(([file, text]) => examplesIn(file, text))

/** What a line evaluates to with these names; undefined: it needs more than they say. */
function evaluated(
  code: string,
  names: Readonly<Record<string, unknown>>,
): { readonly value: unknown } | null {
  try {
    // The project's own comments, in its own tests.
    const run = new Function(...Object.keys(names), `'use strict'; return (${code})`) as (
      ...args: unknown[]
    ) => unknown
    return { value: run(...Object.values(names)) }
  } catch (error) {
    if (error instanceof SyntaxError || error instanceof ReferenceError) return null
    throw error
  }
}
/** The outcome a comment says before its explanation; null: it tells in words. */
function outcomeOf(said: string): { readonly value: unknown; readonly code: string } | null {
  const endings = [said.length, said.indexOf(': '), said.indexOf(', '), said.indexOf(' (')]
  for (const end of endings.filter(at => at > 0)) {
    const code = said.slice(0, end).replace(/−/g, '-').trim()
    const found = evaluated(code, {})
    if (found) return { ...found, code }
  }
  return null
}

/** To as many places as the comment writes. */
function expectAsSaid(value: unknown, outcome: { readonly value: unknown; readonly code: string }): void {
  const places = Math.max(0, ...[...outcome.code.matchAll(/\.(\d+)/g)].map(([, digits]) => digits!.length))
  const rounded = (one: unknown): unknown => {
    if (typeof one === 'number') return Number(one.toFixed(places)) + 0
    if (Array.isArray(one)) return one.map(rounded)
    if (one instanceof Map || one instanceof Set || one === null || typeof one !== 'object') return one
    return Object.fromEntries(Object.entries(one).map(([name, of]) => [name, rounded(of)]))
  }
  if (typeof outcome.value === 'object' && outcome.value !== null && !Array.isArray(outcome.value))
    expect(rounded(value)).toMatchObject(outcome.value)
  else expect(rounded(value)).toEqual(rounded(outcome.value))
}

/** An example that stands by itself: all it names is exported beside it, and its outcome is a value. */
const STANDING = EXAMPLES.flatMap(({ file, line, call, said }) => {
  const outcome = outcomeOf(said)
  const found = outcome && evaluated(call, MODULES[file]!)
  return found ? [[`${file}:${line} ${call}`, found.value, outcome] as const] : []
})
/** Examples that name a plan, a shape or a machine of their own: they are read, not run. More are no gain. */
const MOST_READ = 163

describe('an example in a comment', () => {
  it.each(STANDING)('%s gives what it says', (_, value, outcome) => expectAsSaid(value, outcome))
  it('stands by itself, but for a known number', () => {
    expect(EXAMPLES.length - STANDING.length).toBeLessThanOrEqual(MOST_READ)
    expect(STANDING.length).toBeGreaterThan(MOST_READ / 2)
  })
})
