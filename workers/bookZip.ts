import {
  BlobReader,
  BlobWriter,
  configure,
  type FileEntry,
  ZipReader,
  ZipWriter,
} from '@zip.js/zip.js/lib/zip-core-native.js'
import { MOST_BACKUP_BYTES } from '#shared/backup'

// It runs in a worker of ours: workers made from text would break the content policy, and hang.
configure({ useWebWorkers: false })

const BOOK = 'book.json'
const PHOTO_NAME = /^photos\/([\w-]{1,64})\.jpg$/
/** Larger is not what this app writes: a bomb, or not ours. In bytes, unpacked. */
export const MOST_PHOTO_BYTES = 5_000_000
const MOST_ZIP_BYTES = 500_000_000
const MOST_PHOTOS = 20_000
/** JPEG hardly packs: photos that unpack to more than this many times the whole file are a bomb. */
const MOST_UNPACKING = 4
const JPEG_START = [0xff, 0xd8, 0xff]

export interface PackedPhoto {
  readonly id: string
  readonly blob: Blob
}
/** How far a long action is: files done, of all. */
export type OnProgress = (done: number, of: number) => void

/** The book's JSON and photos as a zip. Photos are packed as they are. */
export async function packBook(
  json: string,
  photos: readonly PackedPhoto[],
  onProgress: OnProgress = () => {},
): Promise<Blob> {
  const writer = new ZipWriter(new BlobWriter('application/zip'))
  await writer.add(BOOK, new BlobReader(new Blob([json])))
  for (const [done, { id, blob }] of photos.entries()) {
    onProgress(done, photos.length)
    await writer.add(`photos/${id}.jpg`, new BlobReader(blob), { level: 0 })
  }
  return writer.close()
}

export type ZipReading =
  | {
      readonly ok: true
      readonly json: string
      readonly photos: readonly PackedPhoto[]
      /** Photos whose checksum is wrong, or that are no pictures: left out. */
      readonly damaged: number
    }
  | {
      readonly ok: false
      readonly code: 'too-large' | 'not-a-zip' | 'no-book' | 'damaged'
      readonly message: string
    }

const REFUSALS = {
  'too-large': 'It unpacks to more than a book and its photos would: it was left packed.',
  'not-a-zip': 'It is damaged or not a zip file.',
  'no-book': `There is no ${BOOK} in it: it is not a Lacy Spool zip.`,
  'damaged': `The ${BOOK} in it is damaged: its checksum is wrong.`,
} as const
const refuse = (code: keyof typeof REFUSALS): ZipReading => ({ ok: false, code, message: REFUSALS[code] })

/**
 * Reads a zip of ours. What has another name is left packed; what would unpack to too much is refused whole,
 * while it unpacks and whatever its header says; what breaks its checksum is not taken.
 */
export async function unpackBook(file: Blob, onProgress: OnProgress = () => {}): Promise<ZipReading> {
  if (file.size > MOST_ZIP_BYTES) return refuse('too-large')
  const entries = await entriesOf(file)
  if (!entries) return refuse('not-a-zip')
  const book = entries.find(({ filename }) => filename === BOOK)
  if (!book) return refuse('no-book')
  const photoEntries = [...new Map(entries.flatMap(photoEntry)).entries()]
  if (photoEntries.length > MOST_PHOTOS) return refuse('too-large')
  const json = await contentOf(book, MOST_BACKUP_BYTES)
  if (typeof json === 'string') return refuse(json)
  const photos: PackedPhoto[] = []
  let [damaged, room] = [0, MOST_UNPACKING * file.size]
  for (const [done, [id, entry]] of photoEntries.entries()) {
    onProgress(done, photoEntries.length)
    const content = await contentOf(entry, Math.min(MOST_PHOTO_BYTES, room))
    if (content === 'too-large') return refuse('too-large')
    if (content === 'damaged' || !(await isJpeg(content))) damaged += 1
    else photos.push({ id, blob: new Blob([content], { type: 'image/jpeg' }) })
    if (content !== 'damaged') room -= content.size
  }
  return { ok: true, json: await json.text(), photos, damaged }
}

async function entriesOf(file: Blob): Promise<FileEntry[] | null> {
  try {
    const entries = await new ZipReader(new BlobReader(file)).getEntries()
    return entries.filter(entry => !entry.directory)
  } catch {
    return null
  }
}

const photoEntry = (entry: FileEntry): [string, FileEntry][] => {
  const id = PHOTO_NAME.exec(entry.filename)?.[1]
  return id ? [[id, entry]] : []
}

class TooLarge extends Error {}

/** What an entry holds, counted while it unpacks: a header may lie. */
async function contentOf(entry: FileEntry, mostBytes: number): Promise<Blob | 'too-large' | 'damaged'> {
  const chunks: BlobPart[] = []
  let [size, isTooLarge] = [0, false]
  const sink = new WritableStream<Uint8Array<ArrayBuffer>>({
    write(chunk) {
      size += chunk.length
      isTooLarge = size > mostBytes
      if (isTooLarge) throw new TooLarge()
      chunks.push(chunk)
    },
  })
  try {
    await entry.getData(sink, { checkSignature: true })
    return new Blob(chunks)
  } catch {
    return isTooLarge ? 'too-large' : 'damaged'
  }
}

async function isJpeg(content: Blob): Promise<boolean> {
  const start = new Uint8Array(await content.slice(0, JPEG_START.length).arrayBuffer())
  return JPEG_START.every((byte, i) => start[i] === byte)
}
