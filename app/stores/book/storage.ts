/** Where the book stands with the browser's storage. */
export type StorageState =
  | 'opening'
  | 'waiting'
  | 'saved'
  | 'saving'
  /** Tried, and not possible now: tried again every few seconds. */
  | 'refused'
  | 'full'
  /** Nothing is written from here any more, until the person decides. */
  | 'newer'
  | 'cleared'

/** A few words for every page. */
export const STORAGE_WORDS: Readonly<Record<StorageState, string>> = {
  opening: 'Opening …',
  waiting: 'Waiting for storage',
  saved: 'Everything is saved',
  saving: 'Saving …',
  refused: 'Not saved: refused',
  full: 'Not saved: disk full',
  newer: 'Newer in another tab',
  cleared: 'Not saved: emptied',
}

const CALM: readonly StorageState[] = ['opening', 'saved', 'saving']
/** Whether something is to be said and done about it. */
export const isTrouble = (state: StorageState) => !CALM.includes(state)
