import { nextTick, onScopeDispose, type Ref, shallowRef } from 'vue'

/** As much as is done at once while a view opens; then what is there is painted before it goes on. */
const AT_ONCE_MS = 16
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

/** So long at most a paint is waited for: a page that nobody sees paints nothing. */
const NO_PAINT_MS = 500
function afterPaint(go: () => void): void {
  let isDone = false
  function once(): void {
    if (!isDone) go()
    isDone = true
  }
  requestAnimationFrame(() => setTimeout(once))
  setTimeout(once, document.hidden ? 0 : NO_PAINT_MS)
}

async function takeTurns(): Promise<void> {
  state.begunMs = performance.now()
  try {
    while (waiting.length > 0 && performance.now() - state.begunMs < AT_ONCE_MS) {
      const next = waiting.reduce((best, one) => (one.rank < best.rank ? one : best))
      waiting = waiting.filter(one => one !== next)
      next.fill()
      await nextTick()
    }
  } finally {
    // A part that fails says so itself; the others still get their turn.
    if (waiting.length > 0) afterPaint(() => void takeTurns())
    else {
      state.isRunning = false
      state.isOpening = false
    }
  }
}
