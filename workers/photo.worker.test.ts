import { beforeAll, describe, expect, it, vi } from 'vitest'
import type { PhotoApi } from './photo.worker'

/** What the worker hands to the other side. */
let api: PhotoApi
let keptSize: (width: number, height: number) => { width: number; height: number }
vi.mock('comlink', () => ({
  expose: (exposed: PhotoApi) => {
    api = exposed
  },
}))
beforeAll(async () => {
  ;({ keptSize } = await import('./photo.worker'))
})

describe('the photo worker', () => {
  it.each([
    [4000, 3000, 1400, 1050],
    [300, 200, 300, 200],
    [10, 9000, 2, 1400],
    [1, 100_000, 1, 1400],
  ])('keeps %d × %d as %d × %d', (width, height, wide, tall) => {
    expect(keptSize(width, height)).toEqual({ width: wide, height: tall })
  })
  it('says that a file is empty', async () =>
    expect(await api.scale(new Blob([]), null)).toEqual({ ok: false, code: 'empty' }))
  it('says that a file is no picture', async () => {
    vi.stubGlobal('createImageBitmap', () => Promise.reject(new Error('no picture')))
    expect(await api.scale(new Blob(['text']), null)).toEqual({ ok: false, code: 'not-an-image' })
  })
})
