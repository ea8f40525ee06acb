import type { Needle, TripleGapReading } from '#core/needle'

export type MarginSchool = 'bare' | 'careful' | 'roomy' | 'own'
export type TripleGapSchool = TripleGapReading
export type WideGapSchool = 'straight-only' | 'arithmetic'
export type HeavyBobbinSchool = 'same' | 'ordinary'
export type PearlTensionSchool = 'home' | 'plus-one'
export type CutterSchool = 'never' | 'allowed'
/** Whether pearl No. 8 goes through the thickest needle, or on the bobbin. */
export type ThickPearlSchool = 'bobbin' | 'needle'
/** Whether pearl No. 12 goes through needles whose eye the model calls too small. */
export type PearlEyeSchool = 'eye' | 'as-sewn'
export type SatinFilmSchool = 'never' | 'sewn'
/** What lies on the bobbin under an edge that nobody is to see. */
export type HiddenBobbinSchool = 'matched' | 'fine-grey'
/** Which way a spool that unwinds from the side turns. */
export type UnwindingSchool = 'back' | 'front'
export type FilmSpeedSchool = 'slow' | 'full'
export type ThreadingSchool = 'divider' | 'one-by-one' | 'together'
export type LastGuideSchool = 'each-side' | 'first-in' | 'both-in'

/** Which way of working is followed where sewists disagree. */
export interface Schools {
  readonly margin: MarginSchool
  /** Used by the `own` margin school, in mm, 0 to 5. */
  readonly ownMarginMm: number
  readonly tripleGap: TripleGapSchool
  readonly wideGap: WideGapSchool
  readonly heavyBobbin: HeavyBobbinSchool
  readonly pearlTension: PearlTensionSchool
  readonly thickPearl: ThickPearlSchool
  readonly pearlEye: PearlEyeSchool
  readonly filmSpeed: FilmSpeedSchool
  readonly satinFilm: SatinFilmSchool
  readonly hiddenBobbin: HiddenBobbinSchool
  readonly cutter: CutterSchool
  readonly threading: ThreadingSchool
  readonly lastGuide: LastGuideSchool
  readonly unwinding: UnwindingSchool
}

/**
 * Taken off the widest stitch before a twin may swing, in mm; null: as the user has set. Source: common
 * practice, no published source.
 */
export const MARGINS_MM: Readonly<Record<MarginSchool, number | null>> = {
  bare: 0,
  careful: 0.5,
  roomy: 1,
  own: null,
}

/** From this gap up the straight-only school sews no swing, in mm. Source: common practice. */
const WIDE_GAP_MM = 5

export const DEFAULT_SCHOOLS = {
  margin: 'careful',
  ownMarginMm: 0.75,
  tripleGap: 'neighbour',
  wideGap: 'straight-only',
  heavyBobbin: 'ordinary',
  pearlTension: 'home',
  thickPearl: 'bobbin',
  pearlEye: 'eye',
  filmSpeed: 'slow',
  satinFilm: 'never',
  hiddenBobbin: 'matched',
  cutter: 'never',
  threading: 'divider',
  lastGuide: 'each-side',
  unwinding: 'back',
} as const satisfies Schools

/**
 * The margin the chosen school keeps for a twin's swing; `judgeSwing` leaves a single needle out of it.
 *
 * @returns The margin in mm, 0 or more.
 *
 * @example
 * marginOfMm(DEFAULT_SCHOOLS) // 0.5
 */
export function marginOfMm(schools: Schools): number {
  return MARGINS_MM[schools.margin] ?? schools.ownMarginMm
}

/**
 * Whether the chosen school sews this needle straight only, whatever would clear.
 *
 * @example
 * isStraightOnly({ construction: 'twin', gapMm: 6, sizeNm: 100 }, schools)
 */
export function isStraightOnly(
  { construction, gapMm }: Pick<Needle, 'construction' | 'gapMm'>,
  { wideGap }: Pick<Schools, 'wideGap'>,
): boolean {
  return wideGap === 'straight-only' && construction !== 'single' && gapMm >= WIDE_GAP_MM
}
