import type { WalkStep } from '#core/walk'

/** What a school is about, as it is said beside a step. */
export const SCHOOL_WORDS: Readonly<Record<NonNullable<WalkStep['school']>, string>> = {
  threading: 'how the threads are led',
  lastGuide: 'the last guide',
  cutter: 'the cutter with a twin',
  unwinding: 'which way a spool turns',
}
