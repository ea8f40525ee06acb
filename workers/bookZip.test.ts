import { strToU8, unzipSync, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { MOST_PHOTO_BYTES, packBook, unpackBook } from './bookZip'

const JPEG = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3])
const blob = (files: Parameters<typeof zipSync>[0], level: 0 | 9 = 9) =>
  new Blob([zipSync(files, { level }) as BlobPart])
const BOOK = strToU8('{"format":"lacy-spool"}')

const PHOTOS = [
  { id: 'photo-1', blob: new Blob([JPEG as BlobPart]) },
  { id: 'photo-2', blob: new Blob([JPEG as BlobPart]) },
]

/** Where the first entry of the directory begins. */
const directoryOf = (zip: Uint8Array) => {
  const view = new DataView(zip.buffer)
  return Array.from({ length: zip.length - 4 }, (_, i) => i).find(
    i => view.getUint32(i, true) === 0x02014b50,
  )!
}

describe('a book in a zip', () => {
  it('comes back whole, with its photos', async () => {
    const steps: string[] = []
    const json = JSON.stringify(demoBackup)
    const zip = await packBook(json, PHOTOS, (done, of) => steps.push(`${done} of ${of}`))
    expect(steps).toEqual(['0 of 2', '1 of 2'])
    const reading = await unpackBook(zip)
    expect(reading.ok && JSON.parse(reading.json)).toEqual(demoBackup)
    expect(reading.ok && reading.photos.map(({ id }) => id)).toEqual(['photo-1', 'photo-2'])
  })

  // Another library reads what ours wrote; the cases below are written by it.
  it('is a zip for fflate too, above 160 kB', async () => {
    const json = JSON.stringify({ format: 'lacy-spool', filler: 'spool '.repeat(60_000) })
    const found = unzipSync(new Uint8Array(await (await packBook(json, PHOTOS)).arrayBuffer()))
    expect(new TextDecoder().decode(found['book.json'])).toBe(json)
    expect(found['photos/photo-2.jpg']).toEqual(JPEG)
  })

  it('brings its photos', async () => {
    const reading = await unpackBook(blob({ 'book.json': BOOK, 'photos/photo-1.jpg': JPEG }))
    expect(reading.ok && reading.photos.map(({ id, blob: { size, type } }) => [id, size, type])).toEqual([
      ['photo-1', JPEG.length, 'image/jpeg'],
    ])
  })
  it.each(['../evil.jpg', 'photos/../../evil.jpg'])('refuses a zip with the path %s whole', async path =>
    expect(await unpackBook(blob({ 'book.json': BOOK, [path]: JPEG }))).toMatchObject({ ok: false }),
  )
  it('leaves other names and what is no picture alone', async () => {
    const reading = await unpackBook(
      blob({
        'book.json': BOOK,
        'elsewhere/a.jpg': JPEG,
        'photos/page.html': JPEG,
        'photos/text.jpg': strToU8('<script>'),
        'photos/half.jpg': Uint8Array.from([0xff, 0xd8, 0]),
      }),
    )
    expect(reading).toMatchObject({ ok: true, photos: [], damaged: 2 })
  })
  it('counts what unpacks, whatever a header admits', async () => {
    const lying = zipSync({ 'book.json': new Uint8Array(25_000_000) }, { level: 9 })
    const view = new DataView(lying.buffer)
    // Sizes as unpacked: 22 bytes into the file's own header, 24 into its entry in the directory. Source:
    // APPNOTE of the ZIP format, 4.3.7 and 4.3.12.
    view.setUint32(22, 100, true)
    view.setUint32(directoryOf(lying) + 24, 100, true)
    const reading = await unpackBook(new Blob([lying as BlobPart]))
    expect(reading.ok).toBe(false)
  })

  it('leaves a photo out whose checksum is wrong, and refuses a book whose is', async () => {
    const bytes = zipSync({ 'book.json': BOOK, 'photos/a.jpg': JPEG }, { level: 0 })
    const damaged = (content: Uint8Array) => {
      const copy = bytes.slice()
      const place = copy.findIndex((_, i) => content.every((byte, k) => copy[i + k] === byte))
      copy[place + content.length - 1]! ^= 1
      return new Blob([copy as BlobPart])
    }
    expect(await unpackBook(damaged(JPEG))).toMatchObject({ ok: true, photos: [], damaged: 1 })
    expect(await unpackBook(damaged(BOOK))).toMatchObject({ ok: false, code: 'damaged' })
  })

  it('refuses many photos that unpack to far more than the file is', async () => {
    const blank = Uint8Array.from({ length: 1_000_000 }, (_, i) => JPEG[i] ?? 0)
    const photos = Object.fromEntries(Array.from({ length: 40 }, (_, i) => [`photos/p${i}.jpg`, blank]))
    const file = blob({ 'book.json': BOOK, ...photos })
    expect(file.size).toBeLessThan(200_000)
    expect(await unpackBook(file)).toMatchObject({ ok: false, code: 'too-large' })
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
  ])('refuses %s', async (_, file, code) => expect(await unpackBook(file)).toMatchObject({ ok: false, code }))
})
