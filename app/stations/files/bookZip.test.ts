import 'fake-indexeddb/auto'
import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { readBackup } from '#shared/backup'
import { emptyTables } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { MOST_PHOTO_BYTES, readBookZip, writeBookZip } from './bookZip'

const JPEG = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3])
const blob = (files: Parameters<typeof zipSync>[0], level: 0 | 9 = 9) =>
  new Blob([zipSync(files, { level }) as BlobPart])
const BOOK = strToU8('{"format":"lacy-spool"}')

describe('a book in a zip', () => {
  it('comes back whole', async () => {
    const reading = await readBookZip(await writeBookZip(demoBackup))
    expect(reading.ok && JSON.parse(reading.json)).toEqual(demoBackup)
  })
  it('brings its photos', async () => {
    const reading = await readBookZip(blob({ 'book.json': BOOK, 'photos/photo-1.jpg': JPEG }))
    expect(reading.ok && reading.photos.map(({ id, blob: { size, type } }) => [id, size, type])).toEqual([
      ['photo-1', JPEG.length, 'image/jpeg'],
    ])
  })
  it('leaves paths, other names and what is no picture alone', async () => {
    const reading = await readBookZip(
      blob({
        'book.json': BOOK,
        '../evil.jpg': JPEG,
        'photos/../../evil.jpg': JPEG,
        '/photos/a.jpg': JPEG,
        'photos/page.html': JPEG,
        'photos/text.jpg': strToU8('<script>'),
        'photos/half.jpg': Uint8Array.from([0xff, 0xd8, 0]),
      }),
    )
    expect(reading).toMatchObject({ ok: true, photos: [] })
  })
  it('unpacks no more than a header admits, and what it cut is no book', async () => {
    const lying = zipSync({ 'book.json': new Uint8Array(25_000_000) }, { level: 9 })
    const view = new DataView(lying.buffer)
    // Sizes as unpacked: 22 bytes into the file's own header, 24 into its entry in the directory. Source:
    // APPNOTE of the ZIP format, 4.3.7 and 4.3.12.
    view.setUint32(22, 100, true)
    const entry = Array.from({ length: lying.length - 4 }, (_, i) => i).find(
      i => view.getUint32(i, true) === 0x02014b50,
    )!
    view.setUint32(entry + 24, 100, true)
    const reading = await readBookZip(new Blob([lying as BlobPart]))
    expect(reading.ok && reading.json.length).toBe(100)
    expect(readBackup(reading.ok ? reading.json : '', emptyTables())).toMatchObject({ ok: false })
  })
  it.each<[string, Blob, string]>([
    ['what is no zip', new Blob(['hello']), 'not-a-zip'],
    ['a zip without a book', blob({ 'holiday.jpg': JPEG }), 'no-book'],
    [
      'a bomb: a small file that unpacks to 25 MB',
      blob({ 'book.json': new Uint8Array(25_000_000) }),
      'too-large',
    ],
    [
      'a photo that unpacks to too much',
      blob({ 'book.json': BOOK, 'photos/a.jpg': new Uint8Array(MOST_PHOTO_BYTES + 1) }),
      'too-large',
    ],
    ['a zip cut short', new Blob([zipSync({ 'book.json': BOOK }).slice(0, 30) as BlobPart]), 'not-a-zip'],
  ])('refuses %s', async (_, file, code) =>
    expect(await readBookZip(file)).toMatchObject({ ok: false, code }),
  )
})
