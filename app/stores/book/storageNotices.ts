import type { StorageState } from './storage'

interface StorageNotice {
  readonly title: string
  readonly said: string
}

const IN_MEMORY = 'Your work goes on in memory'

/** What is to be said where storage is in trouble. */
export const STORAGE_NOTICES: Readonly<Partial<Record<StorageState, StorageNotice>>> = {
  waiting: {
    title: 'The browser has not opened its storage yet',
    said:
      `${IN_MEMORY} and is stored when it answers. If Lacy Spool is open in another tab, close or `
      + 'reload that one.',
  },
  refused: {
    title: 'Not saved',
    said: `The browser refuses to store data. ${IN_MEMORY}: export it before you close this tab.`,
  },
  full: {
    title: 'Not saved',
    said: `The browser’s storage is full. ${IN_MEMORY}: export it now, then free some space.`,
  },
  newer: {
    title: 'A newer Lacy Spool has taken the book over',
    said: 'Nothing is stored from this tab any more. Export what says it is not saved, then reload.',
  },
  cleared: {
    title: 'What was stored is gone',
    said:
      'The browser’s site data was cleared, or the book was emptied in another tab. All records are '
      + 'still in this tab, photos are not.',
  },
}
