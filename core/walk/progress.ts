import { stateHas, type MachineState } from '#core/putback'
import type { Walk, WalkStep } from './types'

/** How far a walk has come, as it was kept. */
export interface WalkProgress {
  readonly keys: ReadonlySet<string>
  /** Done to the end: what prepares for other steps then holds only as long as they do. */
  readonly finished: boolean
  /** This very combination has been turned through by hand. */
  readonly walked: boolean
}

/**
 * The steps whose ticks still hold: nothing they depend on has changed, and the machine is still as they left
 * it.
 *
 * @returns ids.
 *
 * @example
 * heldSteps(walk, { keys, finished: false, walked: false }, state).has('foot')
 */
export function heldSteps(
  { steps }: Walk,
  { keys, finished, walked }: WalkProgress,
  state: MachineState,
): Set<string> {
  const holds = (step: WalkStep) =>
    step.id === 'hand-walk'
      ? walked
      : keys.has(step.key) && (step.effect === null || stateHas(state, step.effect))
  const held = new Set(steps.filter(holds).map(({ id }) => id))
  for (const { id, needs } of steps)
    if (needs.some(needed => steps.some(step => step.id === needed) && !held.has(needed))) held.delete(id)
  if (!finished) return held
  const open = steps.filter(({ id }) => !held.has(id))
  for (const { id, serves } of steps)
    if (serves.some(start => open.some(step => step.id.startsWith(start)))) held.delete(id)
  return held
}

/**
 * Where to go on: the kept place while it is open, else the first open step, else the last one.
 *
 * @example
 * resumeAt(walk, held, null) // the first open step
 */
export function resumeAt({ steps }: Walk, held: ReadonlySet<string>, at: string | null): number {
  const kept = steps.findIndex(({ id }) => id === at)
  if (kept >= 0 && !held.has(steps[kept]!.id)) return kept
  const open = steps.findIndex(({ id }) => !held.has(id))
  return open >= 0 ? open : Math.max(0, steps.length - 1)
}
