import { openBookDatabase, PHOTOS } from './database'

/** A picture of a swatch, beside the book: no record, in no JSON. */
export interface Photo {
  readonly id: string
  readonly blob: Blob
}

const open = (name?: string) => openBookDatabase(name).table<Photo, string>(PHOTOS)

/** @throws Dexie's errors when storage is refused or full. */
export async function putPhoto(photo: Photo, database?: string): Promise<void> {
  await open(database).put(photo)
}
export async function readPhoto(id: string, database?: string): Promise<Blob | null> {
  return (await open(database).get(id))?.blob ?? null
}
/** Removes every picture nothing points at any more. */
export async function dropPhotosExcept(ids: ReadonlySet<string>, database?: string): Promise<number> {
  const table = open(database)
  const gone = (await table.toCollection().primaryKeys()).filter(id => !ids.has(id))
  await table.bulkDelete(gone)
  return gone.length
}
