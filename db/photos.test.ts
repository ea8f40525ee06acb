import 'fake-indexeddb/auto'
import { describe, expect, it } from 'vitest'
import { putPhotos, readPhoto, readPhotos, tidyPhotos } from '#db/photos'

const blob = (text: string) => new Blob([text], { type: 'image/jpeg' })
const photo = (id: string) => ({ id, blob: blob(id) })
const DAY_MS = 86_400_000
const START_MS = Date.parse('2026-03-01T10:00:00Z')

describe('photos beside the book', () => {
  it('are kept by name and read back', async () => {
    await putPhotos([photo('a'), photo('b')], 'photos-kept')
    expect(await readPhoto('a', 'photos-kept')).not.toBeNull()
    expect(await readPhoto('c', 'photos-kept')).toBeNull()
    const found = await readPhotos(['b', 'c', 'a'], 'photos-kept')
    expect(found.map(({ id }) => id)).toEqual(['b', 'a'])
  })

  it('go a day after nothing points at them any more, and no sooner', async () => {
    const name = 'photos-tidied'
    await putPhotos([photo('a'), photo('b')], name)
    const tidy = (days: number, wanted: string[], mayDrop = true) =>
      tidyPhotos(new Set(wanted), START_MS + days * DAY_MS, mayDrop, name)
    expect(await tidy(0, ['b'])).toBe(0)
    expect(await tidy(0.99, ['b'])).toBe(0)
    // Another tab may still undo what needs it.
    expect(await tidy(2, ['b'], false)).toBe(0)
    expect(await tidy(2, ['b'])).toBe(1)
    expect(await readPhoto('a', name)).toBeNull()
    expect(await readPhoto('b', name)).not.toBeNull()
  })

  it('begin their day anew when they were needed in between, or a clock was ahead', async () => {
    const name = 'photos-again'
    await putPhotos([photo('a')], name)
    const tidy = (days: number, wanted: string[]) =>
      tidyPhotos(new Set(wanted), START_MS + days * DAY_MS, true, name)
    await tidy(0, [])
    await tidy(0.5, ['a'])
    expect(await tidy(1.2, [])).toBe(0)
    expect(await tidy(-3650, [])).toBe(0)
    expect(await tidy(-3649.5, [])).toBe(0)
    expect(await tidy(-3648.9, [])).toBe(1)
  })
})
