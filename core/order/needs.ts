import { type CHANGES, SINGLE_NEEDS } from './changes'

export type SingleNeed = (typeof SINGLE_NEEDS)[number]

/** What must be on the machine for a piece, in words; '': nothing. */
export interface Needs extends Readonly<Record<SingleNeed, string>> {
  /** One a needle, left to right. */
  readonly threads: readonly string[]
}

/** Minutes each change takes; a thread's are for each of its places. */
export type ChangeMinutes = Readonly<Record<Change, number>>

/** What is changed from one piece to the next. */
export type Change = (typeof CHANGES)[number]

/**
 * What must be changed between two pieces: each need that differs, each thread's place by itself. On another
 * machine all that the piece needs is set up there again.
 *
 * @example
 * changesBetween(white, gold) // ['thread', 'thread', 'tension']
 */
export function changesBetween(from: Needs, to: Needs): Change[] {
  if (from.machine !== to.machine) return ['machine', ...changesBetween(bareOn(to.machine), to)]
  const single = SINGLE_NEEDS.filter(need => from[need] !== to[need])
  const places = Math.max(from.threads.length, to.threads.length)
  const threads = Array.from({ length: places }, (_, i) => (from.threads[i] ?? '') !== (to.threads[i] ?? ''))
  return [...single, ...threads.filter(Boolean).map((): Change => 'thread')]
}

/**
 * How long changes take.
 *
 * @example
 * changeMinutes(['needle', 'thread'], minutes) // 3.5
 */
export function changeMinutes(changes: readonly Change[], minutes: ChangeMinutes): number {
  return changes.reduce((sum, change) => sum + minutes[change], 0)
}

/** A machine on which nothing is set up. */
const bareOn = (machine: string): Needs => ({
  machine,
  needle: '',
  threads: [],
  bobbin: '',
  plate: '',
  foot: '',
  stabilizer: '',
  tension: '',
})
