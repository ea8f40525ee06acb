import { nextTick, onScopeDispose, type Ref, shallowRef } from 'vue'

/** As much as is done at once while a view opens; then what is there is painted before it goes on. */
const AT_ONCE_MS = 24
interface Waiting {
  readonly rank: number
  readonly fill: () => void
}
const state = { isOpening: false, isRunning: false, begunMs: 0 }
let waiting: Waiting[] = []

/** Another view is about to be drawn: from now on its parts take turns. */
export function beginOpening(): void {
  state.isOpening = true
  state.begunMs = 0
}

/**
 * Whether a part of a view may be filled. While a view opens its parts take turns: what is most wanted at
 * once, the rest after a paint, so that no turn keeps a slow tablet from answering. Once the view stands,
 * what is new is filled at once.
 *
 * @param rank - parts of 0 come with the view as far as there is time, others after them in their order.
 */
export function useTurn(rank = 0): Readonly<Ref<boolean>> {
  const now = performance.now()
  state.begunMs ||= now
  const isFirst = rank === 0 && !waiting.some(one => one.rank === 0)
  const isDue = !state.isOpening || (isFirst && now - state.begunMs < AT_ONCE_MS)
  const isFilled = shallowRef(isDue)
  if (isDue) return isFilled
  const turn: Waiting = {
    rank,
    fill: () => {
      isFilled.value = true
    },
  }
  waiting.push(turn)
  onScopeDispose(() => {
    waiting = waiting.filter(one => one !== turn)
  })
  if (!state.isRunning) {
    state.isRunning = true
    afterPaint(takeTurns)
  }
  return isFilled
}

/** Nothing but the first view stands: what is drawn from now on is drawn at once. */
export function endOpening(): void {
  if (!state.isRunning) state.isOpening = false
}

/** A hidden page paints nothing: there the next task does. */
function afterPaint(go: () => void): void {
  if (document.hidden) setTimeout(go)
  else requestAnimationFrame(() => setTimeout(go))
}

async function takeTurns(): Promise<void> {
  state.begunMs = performance.now()
  while (waiting.length > 0 && performance.now() - state.begunMs < AT_ONCE_MS) {
    const next = waiting.reduce((best, one) => (one.rank < best.rank ? one : best))
    waiting = waiting.filter(one => one !== next)
    next.fill()
    await nextTick()
  }
  if (waiting.length > 0) return afterPaint(() => void takeTurns())
  state.isRunning = false
  state.isOpening = false
}
