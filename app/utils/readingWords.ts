import type { Reading, ReadingName } from '#core/trial'

/** What each of the seven steps looks like, in a few words. */
export const READING_WORDS: Readonly<Record<ReadingName, Readonly<Record<`${Reading}`, string>>>> = {
  ridge: {
    '-3': 'slack',
    '-2': 'loose',
    '-1': 'hardly loose',
    '0': 'flat',
    '1': 'slight ridge',
    '2': 'stands up',
    '3': 'pulls hard',
  },
  show: {
    '-3': 'loops below',
    '-2': 'dots below',
    '-1': 'hair below',
    '0': 'locked inside',
    '1': 'bobbin hair',
    '2': 'bobbin dots',
    '3': 'bobbin on top',
  },
}
export const readingWord = (name: ReadingName, reading: Reading | null) =>
  reading === null ? 'not read' : READING_WORDS[name][`${reading}`]
export function signed(reading: number): string {
  if (reading === 0) return '0'
  return reading > 0 ? `+${reading}` : `−${-reading}`
}
