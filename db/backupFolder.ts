import { Dexie, type EntityTable } from 'dexie'

interface KeptFolder {
  readonly id: 'backups'
  readonly handle: FileSystemDirectoryHandle
}

/** Beside the book and not in it: which folder holds the backups is a matter of this browser alone. */
function openFolders() {
  const database = new Dexie('lacy-spool-folders')
  database.version(1).stores({ folders: 'id' })
  return database as Dexie & { folders: EntityTable<KeptFolder, 'id'> }
}
async function withFolders<T>(work: (folders: EntityTable<KeptFolder, 'id'>) => Promise<T>): Promise<T> {
  const opened = openFolders()
  try {
    return await work(opened.folders)
  } finally {
    opened.close()
  }
}

/** The folder backups are written to; null: none was chosen. */
export const keptFolder = () => withFolders(async folders => (await folders.get('backups'))?.handle ?? null)
/** @throws Dexie's errors when storage is refused or full. */
export async function keepFolder(handle: FileSystemDirectoryHandle | null): Promise<void> {
  await withFolders(async folders => {
    if (handle) await folders.put({ id: 'backups', handle })
    else await folders.delete('backups')
  })
}
