import { threadClassOf, type ThreadClass, type ThreadFacts } from './threadClass'

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
