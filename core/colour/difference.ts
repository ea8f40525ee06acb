import { differenceCiede2000, modeLab65, modeLrgb, modeRgb, modeXyz65, parseHex, useMode } from 'culori/fn'
import { CoreError } from '#core/errors'

let measure: ReturnType<typeof differenceCiede2000> | null = null

/**
 * Made at first use: whoever does not compare colours does not load them. Each colour space is registered by
 * itself.
 */
function ciede2000(
  a: Parameters<NonNullable<typeof measure>>[0],
  b: Parameters<NonNullable<typeof measure>>[1],
): number {
  if (measure === null) {
    for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65]) useMode(mode as typeof modeRgb)
    measure = differenceCiede2000()
  }
  return measure(a, b)
}

/** A colour as the published pairs give it: CIE L*a*b*, D65. */
export interface Lab {
  readonly l: number
  readonly a: number
  readonly b: number
}

/**
 * Below this two threads look alike side by side; up to {@link NEAR_DELTA_E} they look related. Common
 * practice.
 */
const MATCH_DELTA_E = 2
const NEAR_DELTA_E = 6

/**
 * Colour difference ΔE₀₀ of two thread colours.
 *
 * @param hexA - `#rrggbb`.
 * @param hexB - `#rrggbb`.
 * @returns 0 for the same colour; about 1 is just noticeable.
 * @throws {CoreError} `bad-colour` when one is not such a colour.
 *
 * Source: CIEDE2000 as in Sharma, Wu, Dalal 2005, by the culori package.
 *
 * @example
 * colourDifference('#2b4c7e', '#2b4c7e') // 0
 */
export function colourDifference(hexA: string, hexB: string): number {
  const [a, b] = [parseHex(hexA), parseHex(hexB)]
  if (!a || !b)
    throw new CoreError('bad-colour', `${a ? hexB : hexA} is not a colour such as #2b4c7e`, { field: 'hex' })
  return ciede2000(a, b)
}

/**
 * {@link colourDifference} of two colours in L*a*b*.
 *
 * @example
 * labDifference({ l: 50, a: 2.6772, b: -79.7751 }, { l: 50, a: 0, b: -82.7485 }) // 2.0425
 */
export function labDifference(a: Lab, b: Lab): number {
  return ciede2000({ mode: 'lab65', ...a }, { mode: 'lab65', ...b })
}

/**
 * The colour a thread is matched by: its longest run.
 *
 * @example
 * leadingColour([{ hex: '#111111', runMm: 20 }, { hex: '#eeeeee', runMm: 35 }]) // '#eeeeee'
 */
export function leadingColour(
  colours: readonly { readonly hex: string; readonly runMm: number }[],
): string | null {
  return (
    colours.reduce<{ hex: string; runMm: number } | null>(
      (longest, next) => (longest && longest.runMm >= next.runMm ? longest : next),
      null,
    )?.hex ?? null
  )
}

/** How two threads look side by side. */
export type ColourLook = 'matches' | 'near' | 'shows'

/**
 * @param deltaE - from {@link colourDifference}, ≥ 0.
 *
 * @example
 * colourLook(1) // 'matches'
 */
export function colourLook(deltaE: number): ColourLook {
  if (deltaE <= MATCH_DELTA_E) return 'matches'
  return deltaE <= NEAR_DELTA_E ? 'near' : 'shows'
}

/**
 * Whether a bobbin thread that comes up would not show beside any of the threads above it.
 *
 * @param bobbinHex - `#rrggbb`.
 * @param topHexes - the needle threads' colours; null is returned for none: there is nothing to match.
 * @throws {CoreError} `bad-colour`.
 *
 * @example
 * bobbinMatches('#2b4c7e', ['#2b4c7e']) // true
 */
export function bobbinMatches(bobbinHex: string, topHexes: readonly string[]): boolean | null {
  if (topHexes.length === 0) return null
  return topHexes.every(hex => colourLook(colourDifference(hex, bobbinHex)) !== 'shows')
}
