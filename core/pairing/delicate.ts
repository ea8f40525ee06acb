import { isThickBelow, threadClassOf, type ThreadClass, type ThreadFacts } from './threadClass'

/** The most delicate first: whose setting two different threads follow. Common practice. */
const MOST_DELICATE_FIRST: readonly ThreadClass[] = [
  'film',
  'metallic',
  'monofilament',
  'thick',
  'pearl',
  'fine',
  'heavy',
  'embroidery',
  'all-purpose',
]

/**
 * Of several threads the one whose settings the others must follow.
 *
 * @example
 * leadingThread([cotton, metallic]) // metallic
 */
export function leadingThread<T extends ThreadFacts>(threads: readonly [T, ...T[]]): T {
  const order = (thread: T) => MOST_DELICATE_FIRST.indexOf(threadClassOf(thread))
  return threads.reduce((first, next) => (order(next) < order(first) ? next : first))
}

/**
 * The thread whose settings decide how a setup is sewn: a thick one on the bobbin before all above.
 *
 * @param bobbin - null: none is wound.
 * @returns null while there is no thread at all to go by.
 *
 * @example
 * decidingThread([cotton], pearl8) // pearl8: bobbin work
 */
export function decidingThread<T extends ThreadFacts>(above: readonly T[], bobbin: T | null): T | null {
  if (bobbin && isThickBelow(bobbin)) return bobbin
  const [first, ...rest] = above
  return first ? leadingThread([first, ...rest]) : null
}
