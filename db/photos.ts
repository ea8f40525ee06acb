import { type BookDatabase, openBookDatabase, PHOTOS } from './database'

/** A picture of a swatch, beside the book: no record, in no JSON. */
export interface Photo {
  readonly id: string
  readonly blob: Blob
  /** When it was first seen that nothing points at it, in ms since 1970. */
  readonly unneededSinceMs?: number
}

const DAY_MS = 86_400_000

/** Opens, works and closes: a connection left open would hold up a newer version of the app. */
async function withPhotos<T>(
  database: string | undefined,
  work: (table: ReturnType<typeof photosOf>, opened: BookDatabase) => Promise<T>,
): Promise<T> {
  const opened = openBookDatabase(database)
  try {
    return await work(photosOf(opened), opened)
  } finally {
    opened.close()
  }
}
const photosOf = (opened: BookDatabase) => opened.table<Photo, string>(PHOTOS)

/**
 * Keeps photos, all of them or none.
 *
 * @throws Dexie's errors when storage is refused or full.
 */
export async function putPhotos(photos: readonly Photo[], database?: string): Promise<void> {
  await withPhotos(database, table => table.bulkPut(photos))
}
/** The pictures that are there of those named. */
export async function readPhotos(ids: readonly string[], database?: string): Promise<readonly Photo[]> {
  return withPhotos(database, async table => (await table.bulkGet([...ids])).filter(found => !!found))
}
/** How many of those named are not there. */
export async function missingPhotos(ids: readonly string[], database?: string): Promise<number> {
  return withPhotos(database, async table => {
    const there = new Set(await table.toCollection().primaryKeys())
    return ids.filter(id => !there.has(id)).length
  })
}
export async function readPhoto(id: string, database?: string): Promise<Blob | null> {
  return (await readPhotos([id], database))[0]?.blob ?? null
}

/**
 * Marks every picture nothing points at, and removes those marked for a day. What is pointed at again loses
 * its mark.
 *
 * @param wanted - what a record, or a step of undo, points at.
 * @param mayDrop - false while another tab is open: its steps of undo may need what none here does.
 * @returns How many were removed.
 */
export async function tidyPhotos(
  wanted: ReadonlySet<string>,
  nowMs: number,
  mayDrop: boolean,
  database?: string,
): Promise<number> {
  return withPhotos(database, (table, opened) =>
    opened.transaction('rw', table, async () => {
      const ids = await table.toCollection().primaryKeys()
      const marked = new Map<string, number>()
      await table.each(({ id, unneededSinceMs }) => {
        if (unneededSinceMs !== undefined) marked.set(id, unneededSinceMs)
      })
      const back = ids.filter(id => wanted.has(id) && marked.has(id))
      for (const id of back) await table.update(id, { unneededSinceMs: undefined })
      const unneeded = ids.filter(id => !wanted.has(id))
      // A mark of the future was made by a clock that was wrong.
      const fresh = unneeded.filter(id => !((marked.get(id) ?? Infinity) <= nowMs))
      for (const id of fresh) await table.update(id, { unneededSinceMs: nowMs })
      const old = unneeded.filter(id => nowMs - (marked.get(id) ?? nowMs) >= DAY_MS)
      if (mayDrop) await table.bulkDelete(old)
      return mayDrop ? old.length : 0
    }),
  )
}
