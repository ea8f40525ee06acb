import {
  fitThread,
  isInPractice,
  PRACTICE,
  thicknessOf,
  threadClassOf,
  type ThreadClass,
} from '#core/pairing'
import type { ConflictInput, Finding, Severity, ThreadedBlade } from './types'

/** One thing that does not go with another. Returns null while it does, or while too little is known. */
export interface ConflictRule {
  readonly code: string
  readonly severity: Severity
  readonly find: (input: ConflictInput) => Finding | null
}

/** Whether more than one blade is in. */
export const several = ({ needle }: ConflictInput) => needle !== null && needle.construction !== 'single'
/** What the needle is called in a sentence. */
export const word = ({ needle }: ConflictInput) => needle?.construction ?? 'needle'
export const classOf = ({ thread }: ThreadedBlade): ThreadClass => threadClassOf(thread)
/** The first thread above that belongs to one of these classes. */
export const firstOf = ({ threads }: ConflictInput, ...classes: ThreadClass[]) =>
  threads.find(threaded => classes.includes(classOf(threaded)))
export const nameOf = (threaded: ThreadedBlade) => PRACTICE[classOf(threaded)].name

type FittedNeedle = NonNullable<ConflictInput['needle']>
/** How a thread sits in the needle that is in, by the user’s school. */
export const fitIn = (
  { thread }: ThreadedBlade,
  { type, sizeNm }: FittedNeedle,
  { schools }: ConflictInput,
) => fitThread(thread, type, sizeNm, schools)
export const isRefused = (threaded: ThreadedBlade, needle: FittedNeedle, input: ConflictInput): boolean =>
  fitIn(threaded, needle, input).fit === 'refuse'
/** Whether a thread belongs on the bobbin, because no needle is made for one so thick. */
export function isTooThick(threaded: ThreadedBlade, input: ConflictInput): boolean {
  const { needle } = input
  if (classOf(threaded) === 'thick') return needle === null || isRefused(threaded, needle, input)
  const isBeyond = !isInPractice(classOf(threaded), thicknessOf(threaded.thread).mm)
  return needle !== null && isBeyond && isRefused(threaded, needle, input)
}
