import { onScopeDispose } from 'vue'
import { type Asker, askerOf, type Patience } from './asker'

/** {@link askerOf} for as long as the component stands. */
export function useAsker<T>(
  start: Parameters<typeof askerOf<T>>[0],
  patience?: Patience,
  giveBack?: Parameters<typeof askerOf<T>>[2],
): Asker<T> {
  const asker = askerOf<T>(start, patience, giveBack)
  onScopeDispose(asker.stop)
  return asker
}
