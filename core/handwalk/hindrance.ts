import type { NeedleState } from '#core/care'
import type { Verdict } from '#core/swing'

export type HandWalkHindrance = 'strikes' | 'bent'

const MESSAGES: Readonly<Record<HandWalkHindrance, string>> = {
  strikes: 'A needle hits: change the setup before you turn the handwheel.',
  bent: 'This needle is bent: change it before you turn the handwheel.',
}

/**
 * Why the pattern may not be turned by hand now; null: it may. Source: common practice.
 *
 * @param verdict - of the swing; null while it is not known.
 * @param needleState - null: no needle is in.
 *
 * @example
 * handWalkHindrance('clear', 'bent')?.code // 'bent'
 */
export function handWalkHindrance(
  verdict: Verdict | null,
  needleState: NeedleState | null,
): { readonly code: HandWalkHindrance; readonly message: string } | null {
  if (verdict === 'strikes') return { code: 'strikes', message: MESSAGES.strikes }
  return needleState === 'bent' ? { code: 'bent', message: MESSAGES.bent } : null
}
