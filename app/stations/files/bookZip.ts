import { strToU8, unzip, zip } from 'fflate'
import { readPhoto } from '#db/photos'
import { type Backup, MOST_BACKUP_BYTES } from '#shared/backup'
import { photoIdsOf } from '#shared/records'

const BOOK = 'book.json'
const PHOTO_NAME = /^photos\/([\w-]{1,64})\.jpg$/
/** Larger is not what this app writes: a bomb, or not ours. In bytes, unpacked. */
export const MOST_PHOTO_BYTES = 5_000_000
const MOST_ZIP_BYTES = 500_000_000
const MOST_PHOTOS = 20_000
const JPEG_START = [0xff, 0xd8, 0xff]

/** The book and every photo something in it points at. Photos are packed as they are. */
export async function writeBookZip(backup: Backup): Promise<Blob> {
  const files: Record<string, Uint8Array | [Uint8Array, { level: 0 }]> = {
    [BOOK]: strToU8(JSON.stringify(backup, null, 2)),
  }
  for (const id of photoIdsOf(backup.records)) {
    const blob = await readPhoto(id)
    if (blob) files[`photos/${id}.jpg`] = [new Uint8Array(await blob.arrayBuffer()), { level: 0 }]
  }
  return new Promise((resolve, reject) =>
    zip(files, (error, bytes) =>
      error ? reject(error) : resolve(new Blob([bytes as BlobPart], { type: 'application/zip' })),
    ),
  )
}

export type ZipReading =
  | {
      readonly ok: true
      readonly json: string
      readonly photos: readonly { readonly id: string; readonly blob: Blob }[]
    }
  | { readonly ok: false; readonly code: 'too-large' | 'not-a-zip' | 'no-book'; readonly message: string }

/**
 * Reads a zip of ours. What has another name is left packed; what would unpack to too much is refused whole.
 */
export async function readBookZip(file: Blob): Promise<ZipReading> {
  const refuse = (code: 'too-large' | 'not-a-zip' | 'no-book', message: string): ZipReading => ({
    ok: false,
    code,
    message,
  })
  if (file.size > MOST_ZIP_BYTES)
    return refuse('too-large', `It is larger than ${MOST_ZIP_BYTES / 1e6} MB: it is not a Lacy Spool zip.`)
  const bytes = new Uint8Array(await file.arrayBuffer())
  let [unpacked, count, tooLarge] = [0, 0, false]
  const wanted = ({ name, originalSize }: { name: string; originalSize: number }) => {
    const limit = mostBytesOf(name)
    if (limit === 0) return false
    unpacked += originalSize
    count += 1
    tooLarge ||= originalSize > limit || unpacked > MOST_ZIP_BYTES || count > MOST_PHOTOS
    return !tooLarge
  }
  let files: Record<string, Uint8Array>
  try {
    files = await new Promise((resolve, reject) =>
      unzip(bytes, { filter: wanted }, (error, found) => (error ? reject(error) : resolve(found))),
    )
  } catch {
    return refuse('not-a-zip', 'It is damaged or not a zip file.')
  }
  if (tooLarge)
    return refuse('too-large', 'It unpacks to more than a book and its photos would: it was left packed.')
  const book = files[BOOK]
  if (!book) return refuse('no-book', `There is no ${BOOK} in it: it is not a Lacy Spool zip.`)
  const photos = Object.entries(files).flatMap(([name, content]) => {
    const id = PHOTO_NAME.exec(name)?.[1]
    return id && JPEG_START.every((byte, i) => content[i] === byte)
      ? [{ id, blob: new Blob([content as BlobPart], { type: 'image/jpeg' }) }]
      : []
  })
  return { ok: true, json: new TextDecoder().decode(book), photos }
}

/** How large a file of this name may be when unpacked, in bytes; 0: it is none of ours. */
function mostBytesOf(name: string): number {
  if (name === BOOK) return MOST_BACKUP_BYTES
  return PHOTO_NAME.test(name) ? MOST_PHOTO_BYTES : 0
}
