import 'fake-indexeddb/auto'
import { describe, expect, it } from 'vitest'
import { dropPhotosExcept, putPhoto, readPhoto } from '#db/photos'

const blob = (text: string) => new Blob([text], { type: 'image/jpeg' })

describe('photos beside the book', () => {
  it('are kept by name, read back, and dropped when nothing points at them', async () => {
    await putPhoto({ id: 'a', blob: blob('front') }, 'photos-test')
    await putPhoto({ id: 'b', blob: blob('back') }, 'photos-test')
    expect(await readPhoto('a', 'photos-test')).not.toBeNull()
    expect(await readPhoto('c', 'photos-test')).toBeNull()
    expect(await dropPhotosExcept(new Set(['b', 'c']), 'photos-test')).toBe(1)
    expect(await readPhoto('a', 'photos-test')).toBeNull()
    expect(await readPhoto('b', 'photos-test')).not.toBeNull()
  })
})
