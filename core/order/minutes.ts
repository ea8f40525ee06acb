import type { CHANGES } from './changes'

/**
 * Minutes each change takes, a thread's for each of its places, and a tension's with its test row. A guess of
 * ours: own times beat it.
 */
export const DEFAULT_CHANGE_MINUTES = {
  machine: 1,
  needle: 2,
  thread: 1.5,
  bobbin: 1,
  plate: 2,
  foot: 0.5,
  stabilizer: 1,
  tension: 3,
} satisfies Record<(typeof CHANGES)[number], number>
