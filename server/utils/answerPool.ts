import { existsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { Piscina } from 'piscina'
import type { SentAnswer } from '../answering/answerText'
import type { Asked } from '../answering/worker'

/** A question that takes longer is given up, waiting for its turn included. A slow host may set more. */
const askedMs = Number(process.env.LACY_ANSWER_MS)
const MOST_ANSWER_MS = askedMs > 0 ? askedMs : 5000
const MOST_WAITING = 100
const IDLE_MS = 60_000
const MOST_MEMORY_MB = 512

/** Built beside the server by modules/answerWorker.ts; the server's own code may lie some folders deeper. */
function workerFile(): string | null {
  const folders = ['./', '../', '../../', '../../../']
  const places = folders.map(up => new URL(`${up}workers/answer.mjs`, import.meta.url))
  const found = places.find(place => existsSync(place))
  return found ? fileURLToPath(found) : null
}

let pool: Piscina<Asked, SentAnswer> | null = null
function threads(filename: string): Piscina<Asked, SentAnswer> {
  pool ??= new Piscina<Asked, SentAnswer>({
    filename,
    minThreads: 1,
    maxThreads: Math.max(2, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  })
  return pool
}

/** `busy`: it took too long, or too many wait before it. `gone`: whoever asked has left. */
export type Computed =
  { readonly kind: 'answered'; readonly answer: SentAnswer } | { readonly kind: 'busy' | 'gone' }

/**
 * Answers in a thread of its own, so that other questions are answered meanwhile.
 *
 * @param left - aborts when whoever asked has left: the work is stopped then.
 * @returns null: there are no threads here, as in development.
 * @throws whatever is a fault of ours.
 */
export async function answerInThread(asked: Asked, left: AbortSignal): Promise<Computed | null> {
  const filename = workerFile()
  if (!filename) return null
  const late = AbortSignal.timeout(MOST_ANSWER_MS)
  try {
    const answer = await threads(filename).run(asked, { signal: AbortSignal.any([late, left]) })
    return { kind: 'answered', answer }
  } catch (error) {
    if (left.aborted) return { kind: 'gone' }
    if (late.aborted || isOverfull(error)) return { kind: 'busy' }
    throw error
  }
}

/** Too many wait already, or the answer needs more memory than a thread has. */
function isOverfull(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  const { code = '' } = error as { code?: string }
  return code === 'ERR_WORKER_OUT_OF_MEMORY' || /queue/i.test(error.message)
}
