import { colourDifference, type ColourLook, colourLook, leadingColour } from './difference'
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

/**
 * How a thread looks on a cloth: by its leading colour; monofilament is made not to be seen.
 *
 * @param thread - null: not chosen.
 * @param clothHex - `#rrggbb`; null: not chosen.
 * @returns null where there is nothing to compare.
 *
 * @example
 * lookOnCloth({ kind: 'monofilament', colours: [] }, '#000000') // 'matches'
 */
export function lookOnCloth(
  thread: { readonly kind: string; readonly colours: Parameters<typeof leadingColour>[0] } | null,
  clothHex: string | null,
): ColourLook | null {
  if (!thread || clothHex === null) return null
  if (thread.kind === 'monofilament') return 'matches'
  const hex = leadingColour(thread.colours)
  return hex === null ? null : colourLook(colourDifference(hex, clothHex))
}
