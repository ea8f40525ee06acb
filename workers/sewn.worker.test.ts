import { findStitch } from '#core/stitch'
import type { SewnApi } from './sewn.worker'
import { beforeAll, describe, expect, it, vi } from 'vitest'
import type { SewnInput } from '#core/sewn'

/** What the worker hands to the other side. */
let api: SewnApi
vi.mock('comlink', () => ({
  expose: (exposed: SewnApi) => {
    api = exposed
  },
}))
beforeAll(() => import('./sewn.worker'))

const thread = { colours: [{ hex: '#2b4c7e', runMm: 1000 }], diameterMm: 0.3, look: 'sheen' } as const
const seam = (lengthMm: number, stitchId = 'satin-leaf', seamMm = 20): SewnInput => ({
  stitch: { ...findStitch(stitchId)!, widthMm: 4.5, lengthMm, mirror: false, positionMm: 0 },
  maxWidthMm: 7,
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  threads: [thread, thread],
  bobbin: thread,
  seamMm,
  clothThicknessMm: 0,
})

describe('the seam worker', () => {
  it('answers with both sides and the build-up, in a form that crosses over', () => {
    const reply = api.sew(seam(0.3))
    expect(structuredClone(reply)).toEqual(reply)
    if (!reply.ok) throw new Error(reply.error.message)
    expect(reply.answer.right.segments.length).toBeGreaterThan(0)
    expect(reply.answer.under.segments.length).toBeGreaterThan(0)
    expect(reply.answer.buildUp.muddy).toBe(true)
  })

  it('names a length that cures the mud, and that length does', () => {
    const muddy = api.sew(seam(0.3))
    const cure = muddy.ok ? muddy.answer.cureLengthMm : null
    expect(cure).toBeGreaterThan(0.3)
    expect(api.sew(seam(cure!))).toMatchObject({
      ok: true,
      answer: { buildUp: { muddy: false }, cureLengthMm: null },
    })
  })

  it('returns a core error as data with its code and field', () => {
    expect(api.sew(seam(Number.NaN))).toMatchObject({
      ok: false,
      error: { code: expect.any(String), message: expect.stringMatching(/length/i) },
    })
  })
})
