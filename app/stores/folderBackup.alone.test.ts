// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { readBackup } from '#shared/backup'
import { emptyTables, type Machine, UNKNOWN_MACHINE } from '#shared/records'
import { useBookStore } from './book'
import { useFolderBackupStore } from './folderBackup'
import { useSettingsStore } from './settings'

const machine: Machine = { id: 'a', name: 'Attic seven', ...UNKNOWN_MACHINE }
const add = [{ table: 'machines' as const, id: 'a', record: machine }]

/** A folder as the browser gives it: what is written stands there once its stream is closed. */
function folderOf({ isFull = false } = {}) {
  const files = new Map<string, Blob>()
  const handle = {
    name: 'Backups',
    getFileHandle: async (name: string, wish: { create?: boolean } = {}) => ({
      getFile: async () => {
        const file = files.get(name)
        if (!file || wish.create) throw new DOMException('no such file', 'NotFoundError')
        return file
      },
      createWritable: async () => {
        let content = new Blob()
        return {
          write: async (blob: Blob) => {
            if (isFull) throw new DOMException('no room', 'QuotaExceededError')
            content = blob
          },
          abort: async () => {},
          close: async () => void files.set(name, content),
        }
      },
    }),
  }
  return { files, handle }
}
const give = (handle: object) => Object.assign(window, { showDirectoryPicker: async () => handle })

beforeEach(async () => {
  setActivePinia(createPinia())
  await useBookStore().open({ demoIfEmpty: false })
})
afterEach(() => vi.useRealTimers())

describe('backups into a folder', () => {
  it('are written when it is chosen, dated, and can be restored', async () => {
    const { files, handle } = folderOf()
    give(handle)
    await useBookStore().commit('Add', add)
    const backups = useFolderBackupStore()
    await backups.choose()
    expect(backups.state).toBe('ready')
    const [[name, file]] = [...files] as [[string, Blob]]
    expect(name).toMatch(/^lacy-spool-\d{4}-\d{2}-\d{2}\.json$/)
    const reading = readBackup(await file.text(), emptyTables())
    expect(reading.ok && reading.preview.added.map(({ record }) => record)).toContainEqual(machine)
    expect(useSettingsStore().record.backedUpAt).not.toBeNull()
  })

  it('are written a minute after the last change, and when the page is left', async () => {
    const { files, handle } = folderOf()
    give(handle)
    const backups = useFolderBackupStore()
    await backups.choose()
    files.clear()
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    void useBookStore().commit('Add', add)
    await vi.advanceTimersByTimeAsync(59_000)
    expect(files.size).toBe(0)
    await vi.advanceTimersByTimeAsync(2000)
    vi.useRealTimers()
    await vi.waitFor(() => expect(files.size).toBe(1))
    files.clear()
    void useBookStore().commit('Rename', [{ ...add[0]!, record: { ...machine, name: 'Loft' } }])
    await vi.waitFor(() => expect(useBookStore().canUndo).toBe(true))
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden')
    document.dispatchEvent(new Event('visibilitychange'))
    await vi.waitFor(() => expect(files.size).toBe(1))
  })

  it('do not lay an emptied book over the one of today', async () => {
    const { files, handle } = folderOf()
    give(handle)
    const book = useBookStore()
    await book.commit('Add', add)
    await useFolderBackupStore().choose()
    const [whole] = files.values()
    await book.wipe()
    await vi.waitFor(() => expect(book.storage).toBe('saved'))
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden')
    document.dispatchEvent(new Event('visibilitychange'))
    await new Promise(resolve => setTimeout(resolve))
    expect([...files.values()]).toEqual([whole])
  })

  describe('of a book that holds much less than today’s', () => {
    async function afterEmptying() {
      const { files, handle } = folderOf()
      give(handle)
      const book = useBookStore()
      await book.commit('Add', add)
      const backups = useFolderBackupStore()
      await backups.choose()
      const [[name, whole]] = [...files] as [[string, Blob]]
      await book.wipe()
      await backups.writeNow()
      return { files, backups, name, whole, book }
    }
    it('are not written unasked; undo brings the book back', async () => {
      const { files, backups, name, whole, book } = await afterEmptying()
      expect(backups.fuller).toMatchObject({ now: 0 })
      expect([...files]).toEqual([[name, whole]])
      expect(book.undo()).toMatchObject({ refusal: null })
      expect(book.shelf.machines.size).toBe(1)
    })
    it('are written when the person says so, with the fuller one beside them', async () => {
      const { files, backups, name, whole, book } = await afterEmptying()
      await backups.writeNow(true)
      expect(backups.fuller).toBeNull()
      expect(await files.get(name.replace('.json', '-fuller.json'))?.text()).toBe(await whole.text())
      expect(await files.get(name)?.text()).not.toContain('Attic seven')
      expect(book.undo()).toMatchObject({ refusal: null })
      expect(book.shelf.machines.size).toBe(1)
    })
  })

  it('say when nothing could be written, and note no backup', async () => {
    const { files, handle } = folderOf({ isFull: true })
    give(handle)
    const backups = useFolderBackupStore()
    const noted = useSettingsStore().record.backedUpAt
    await backups.choose()
    expect(backups.state).toBe('failed')
    expect(files.size).toBe(0)
    expect(useSettingsStore().record.backedUpAt).toBe(noted)
  })
})
