import { beforeAll, describe, expect, it, vi } from 'vitest'
import type { LearntFrom } from '#core/swatch'
import type { ForetellApi } from './foretell.worker'

/** What the worker hands to the other side. */
let api: ForetellApi
vi.mock('comlink', () => ({
  expose: (exposed: ForetellApi) => {
    api = exposed
  },
}))
beforeAll(() => import('./foretell.worker'))

const features = {
  thread: 'rayon',
  needle: 'universal',
  construction: 'single',
  stitch: 'swings',
  goal: 'balanced',
  cloth: 'woven',
  gap: 0,
}
const book = (many: number): LearntFrom[] =>
  Array.from({ length: many }, (_, i) => ({ id: String(i), share: 0.2, ruleShare: 0, features }))

describe('the worker that reads the swatch book', () => {
  it('says nothing of an empty book, and forgets the old one when it learns anew', () => {
    expect(api.foretell(features, 0)).toEqual({ ok: true, answer: { prediction: null, error: null } })
    api.learn(book(5))
    const reply = api.foretell(features, 0)
    expect(structuredClone(reply)).toEqual(reply)
    expect(reply).toMatchObject({
      ok: true,
      answer: { prediction: { of: 5 }, error: { of: 5, rule: expect.closeTo(0.2) } },
    })
    api.learn(book(2))
    expect(api.foretell(features, 0)).toEqual({ ok: true, answer: { prediction: null, error: null } })
  })
  it('returns a core error as data with its code and field', () => {
    expect(api.foretell(features, Number.NaN)).toMatchObject({
      ok: false,
      error: { code: 'non-finite', message: expect.stringContaining('ruleShare') },
    })
  })
})
