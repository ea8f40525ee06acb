import { modeLrgb, modeRgb, parseHex, useMode, wcagContrast } from 'culori/fn'

/** What drawings keep between a thread and its cloth. Source: WCAG 2.2, 1.4.11, non-text contrast. */
export const LEAST_CONTRAST = 3

const DARK = '#2a2230'
const LIGHT = '#ffffff'

let isReady = false
/**
 * Contrast of two colours, 1 to 21. Source: WCAG 2.2, contrast ratio, by the culori package.
 *
 * @returns null where one is no colour.
 *
 * @example
 * contrastOf('#000000', '#ffffff') // 21
 */
export function contrastOf(hexA: string, hexB: string): number | null {
  if (!isReady) for (const mode of [modeRgb, modeLrgb]) useMode(mode as typeof modeRgb)
  isReady = true
  const [a, b] = [parseHex(hexA), parseHex(hexB)]
  return a && b ? wcagContrast(a, b) : null
}

/**
 * The colour to draw round a thread so that it is seen on its cloth; null: it is seen as it is.
 *
 * @example
 * outlineFor('#ffffff', '#f2eee3') // '#2a2230': white on batiste
 */
export function outlineFor(threadHex: string, clothHex: string): string | null {
  const contrast = contrastOf(threadHex, clothHex)
  if (contrast === null || contrast >= LEAST_CONTRAST) return null
  return contrastOf(DARK, clothHex)! >= LEAST_CONTRAST ? DARK : LIGHT
}
