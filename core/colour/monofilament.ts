import { contrastOf } from './outline'

/**
 * Which monofilament hides on a cloth: clear on light cloth, smoke on dark. Common practice.
 *
 * @param hex - of the cloth, `#rrggbb`.
 *
 * @example
 * clearOrSmoke('#f7f1e6') // 'clear'
 */
export function clearOrSmoke(hex: string): 'clear' | 'smoke' {
  const [toWhite, toBlack] = [contrastOf(hex, '#ffffff') ?? 1, contrastOf(hex, '#000000') ?? 1]
  return toWhite < toBlack ? 'clear' : 'smoke'
}
