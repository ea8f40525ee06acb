import type { WorkboxTableName } from '~/stations/workbox/workboxTables'

/** Where a file can be read: a backup, a stitch of one's own, a photo to measure in, or a table. */
export type IncomingTo = 'backup' | 'stitch' | 'swatches' | 'photo' | WorkboxTableName

/** A file on its way from where it was dropped to the page that reads it. */
const underWay = shallowRef<{ readonly to: IncomingTo; readonly file: File } | null>(null)

export function sendFile(to: IncomingTo, file: File): void {
  underWay.value = { to, file }
}

/** Where the file under way goes; null: none is. */
export const useIncomingTo = () => computed(() => underWay.value?.to ?? null)

/** Takes a file that comes for one of these, once. */
export function useIncoming<T extends IncomingTo>(
  wanted: readonly T[],
  take: (file: File, to: T) => unknown,
): void {
  watch(
    underWay,
    now => {
      if (!now || !wanted.includes(now.to as T)) return
      underWay.value = null
      take(now.file, now.to as T)
    },
    { immediate: true },
  )
}
