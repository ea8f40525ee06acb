import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { keepFolder, keptFolder } from '#db/backupFolder'
import { recordsIn, writeBackup } from '#shared/backup'
import { readInFolder, writeInFolder } from '~/utils/writeInFolder'

type Folder = FileSystemDirectoryHandle & {
  queryPermission?: (wish: { mode: 'readwrite' }) => Promise<PermissionState>
  requestPermission?: (wish: { mode: 'readwrite' }) => Promise<PermissionState>
}
type Picker = { showDirectoryPicker?: (wish: { mode: 'readwrite' }) => Promise<Folder> }

/** After this long without a change the work counts as done. */
const AFTER_WORK_MS = 60_000
const MAY_WRITE = { mode: 'readwrite' } as const
/** Left of a backup's records when a book counts as emptied: what a person deletes in a day is less. */
const EMPTIED = 0.5

/** Today's backup holds much more than the book does now: nothing is written over it unasked. */
interface Fuller {
  readonly records: number
  readonly now: number
}

/**
 * A dated backup that writes itself into a folder of the user's choice, after work and when the page is left.
 *
 * One file a day, and none is ever taken away. Photos are not in it. A file that held more stays beside the
 * new one; one that held much more is replaced only when the person says so.
 */
export const useFolderBackupStore = defineStore('folderBackup', () => {
  const book = useBookStore()
  const settings = useSettingsStore()
  const folder = shallowRef<Folder | null>(null)
  /** `asleep`: the browser asks for permission anew after each start. */
  const state = ref<'none' | 'asleep' | 'ready' | 'failed'>('none')
  const writtenAt = ref<Date | null>(null)
  const fuller = shallowRef<Fuller | null>(null)
  /** Where the browser lets a page write into a folder. */
  const isPossible = typeof (window as Picker).showDirectoryPicker === 'function'
  const name = computed(() => folder.value?.name ?? '')

  let later: ReturnType<typeof setTimeout> | undefined
  let isDue = false
  function soon(): void {
    isDue = true
    clearTimeout(later)
    later = setTimeout(writeIfWhole, AFTER_WORK_MS)
  }
  /** Never by itself over today's backup with a book that was not read, or is empty. */
  function writeIfWhole(): void {
    const wasRead = book.storage === 'saved' || book.storage === 'saving'
    if (isDue && wasRead && !book.isEmpty) void writeNow()
  }
  watch(() => book.history, soon)
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') writeIfWhole()
  })

  /** Takes up the folder chosen at an earlier time. */
  async function wake(): Promise<void> {
    folder.value = await keptFolder().catch(() => null)
    if (!folder.value) return
    const allowed = (await folder.value.queryPermission?.(MAY_WRITE)) ?? 'granted'
    state.value = allowed === 'granted' ? 'ready' : 'asleep'
  }
  /** To be called from a press: the browser asks the person. */
  async function allow(): Promise<void> {
    const allowed = (await folder.value?.requestPermission?.(MAY_WRITE)) ?? 'granted'
    if (allowed !== 'granted') return
    state.value = 'ready'
    await writeNow()
  }
  /** To be called from a press. Nothing happens when the person chooses none. */
  async function choose(): Promise<void> {
    const chosen = await (window as Picker).showDirectoryPicker?.(MAY_WRITE).catch(() => null)
    if (!chosen) return
    folder.value = chosen
    state.value = 'ready'
    await keepFolder(chosen).catch(() => {})
    await writeNow()
  }
  async function forget(): Promise<void> {
    folder.value = null
    state.value = 'none'
    await keepFolder(null).catch(() => {})
  }

  /** @param isSure - whether the person said that today's fuller backup may be replaced. */
  async function writeNow(isSure = false): Promise<void> {
    clearTimeout(later)
    if (!folder.value || state.value === 'none' || state.value === 'asleep') return
    const now = new Date()
    const day = `lacy-spool-${now.toISOString().slice(0, 10)}`
    const text = JSON.stringify(writeBackup(book.tables, now.toISOString()), null, 2)
    try {
      const before = await readInFolder(folder.value, `${day}.json`)
      const [had, has] = [countIn(before), countIn(text)]
      fuller.value = has < EMPTIED * had && !isSure ? { records: had, now: has } : null
      if (fuller.value) return
      const fullest = countIn(await readInFolder(folder.value, `${day}-fuller.json`))
      if (before !== null && has < had && fullest < had) await write(`${day}-fuller.json`, before)
      await write(`${day}.json`, text)
      isDue = false
      state.value = 'ready'
      writtenAt.value = now
      settings.noteBackup(now)
    } catch {
      state.value = 'failed'
    }
  }
  const countIn = (file: string | null) => (file !== null && recordsIn(file)) || 0
  const write = (fileName: string, text: string) =>
    writeInFolder(folder.value!, fileName, new Blob([text], { type: 'application/json' }))
  function leaveFuller(): void {
    fuller.value = null
  }

  return { isPossible, name, state, writtenAt, fuller, wake, allow, choose, forget, writeNow, leaveFuller }
})
