import { onScopeDispose } from 'vue'
import { type Asker, askerOf, type Patience } from './asker'

/** {@link askerOf} for as long as the component stands. */
export function useAsker<T>(start: Parameters<typeof askerOf<T>>[0], patience?: Patience): Asker<T> {
  const asker = askerOf<T>(start, patience)
  onScopeDispose(asker.stop)
  return asker
}
