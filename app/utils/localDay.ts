import { getLocalTimeZone, today } from '@internationalized/date'

/** Today where the reader is: `2026-11-27`. */
export const localDay = (): string => today(getLocalTimeZone()).toString()
