import { beforeAll, describe, expect, it, vi } from 'vitest'
import { TWIN_JOBS, type TwinCandidate } from '#core/coverage'
import type { CoverageApi } from './coverage.worker'

/** What the worker hands to the other side. */
let api: CoverageApi
vi.mock('comlink', () => ({
  expose: (exposed: CoverageApi) => {
    api = exposed
  },
}))
beforeAll(() => import('./coverage.worker'))

const twin = (id: string, gapMm: number): TwinCandidate => ({
  id,
  owned: false,
  construction: 'twin',
  gapMm,
  sizeNm: 80,
  type: 'universal',
})

describe('the coverage worker', () => {
  it('answers in a form that crosses over', () => {
    const reply = api.cover([twin('a', 2), twin('b', 4)], TWIN_JOBS, [7], 0.5)
    expect(structuredClone(reply)).toEqual(reply)
    expect(reply).toMatchObject({
      ok: true,
      answer: { chosen: [{ needle: { id: 'a' } }, { needle: { id: 'b' } }] },
    })
    if (reply.ok) expect(reply.answer.unserved).toContain('Topstitching on denim')
  })

  it('returns a core error as data with its code', () => {
    expect(
      api.cover(
        Array.from({ length: 41 }, (_, i) => twin(String(i), 2)),
        TWIN_JOBS,
        [7],
        0.5,
      ),
    ).toMatchObject({ ok: false, error: { code: 'too-many', details: { most: 40 } } })
    expect(api.cover([], [], [Number.NaN], 0.5)).toMatchObject({ ok: false, error: { code: 'non-finite' } })
  })
})
