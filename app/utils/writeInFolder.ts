/**
 * Writes a file into a folder, whole or not at all: the browser puts it in place when it is closed.
 *
 * @throws {DOMException} when the folder is gone, full, or may not be written to.
 */
export async function writeInFolder(
  folder: FileSystemDirectoryHandle,
  name: string,
  content: Blob,
): Promise<void> {
  const file = await folder.getFileHandle(name, { create: true })
  const stream = await file.createWritable()
  try {
    await stream.write(content)
  } catch (error) {
    await stream.abort()
    throw error
  }
  await stream.close()
}

/** A file of a folder as text; null: there is none of that name, or it cannot be read. */
export async function readInFolder(folder: FileSystemDirectoryHandle, name: string): Promise<string | null> {
  try {
    const handle = await folder.getFileHandle(name)
    return await (await handle.getFile()).text()
  } catch {
    return null
  }
}
